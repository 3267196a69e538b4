import type { AskedSource } from '../src/core/answer';
import { bareName } from '../src/core/search';
import { makeFigureCases } from './figureCases';
import { makeQuoteCases, type PagesOfText } from './quoteCases';
import type { Random } from './random';

/** Something a memo says; `[start, end)` in UTF-16 code units of it. */
export interface MemoItem {
  readonly kind: string;
  readonly right: boolean;
  readonly start: number;
  readonly end: number;
}

export interface MadeMemo {
  readonly text: string;
  readonly items: readonly MemoItem[];
}

const WRONG_QUOTES = ['digit', 'negation', 'modal', 'name', 'word', 'clause', 'wrong page', 'from elsewhere'];

function quoteSentence(random: Random, quote: string, name: string, page: string): string {
  const said = quote.replace(/[“”"]/g, "'");
  return random.pick([
    `The ${name} says: “${said}” (p. ${page}).`,
    `“${said}” (${name}, p. ${page}).`,
    `On page ${page} of the ${name} we read “${said}”.`,
    `According to the ${name} (page ${page}), "${said}"`,
    `> ${said}\n> — ${name}, p. ${page}`,
  ]);
}

/** A memo of quotations and figures from documents, some with a fault planted; `others` are documents that are not searched. */
export function makeMemo(
  random: Random,
  sources: readonly AskedSource[],
  others: readonly PagesOfText[],
  plan: {
    readonly quotes: number;
    readonly figures: number;
    readonly wrongQuotes: number;
    readonly wrongFigures: number;
  },
): MadeMemo {
  const pages = sources.map((source) => ({ name: source.name, pages: Array.from({ length: source.pageCount }, (_, at) => source.page(at + 1)?.text ?? '') })); // prettier-ignore
  const all = makeQuoteCases(random, pages, others, 30).filter((one) => one.kind !== 'shuffled');
  const good = random.shuffle(all.filter((one) => one.kind === 'exact' || one.kind === 'typographic'));
  const bad = random.shuffle(all.filter((one) => WRONG_QUOTES.includes(one.kind)));
  const quotes = [...good.slice(0, plan.quotes - plan.wrongQuotes), ...bad.slice(0, plan.wrongQuotes)].map((one) => {
    const source = sources.find((source) => source.name === one.source) as AskedSource;
    const label = source.page(one.page)?.label ?? String(one.page);
    return { kind: one.kind, right: one.expected === 'exact' || one.expected === 'same-words', text: quoteSentence(random, one.quote, bareName(source), label) }; // prettier-ignore
  });
  const claims = makeFigureCases(random, sources, 12);
  const rights = random.shuffle(claims.filter((one) => one.right)).slice(0, plan.figures - plan.wrongFigures);
  const wrongs = random.shuffle(claims.filter((one) => !one.right)).slice(0, plan.wrongFigures);
  const figures = [...rights, ...wrongs].map((one) => {
    const [cited] = one.citations;
    const source = sources.find((source) => source.name === cited?.source) as AskedSource;
    const label = source.page(cited?.page ?? 1)?.label ?? String(cited?.page);
    const reference = random.pick(['', ` (${bareName(source)}, p. ${label})`, ` (${bareName(source)})`]);
    return { kind: one.kind, right: one.right, text: one.claim.replace(/\.$/, `${reference}.`) };
  });
  let text = '# Memo\n\n';
  const items: MemoItem[] = [];
  for (const one of random.shuffle([...quotes, ...figures])) {
    items.push({ kind: one.kind, right: one.right, start: text.length, end: text.length + one.text.length });
    text += `${one.text}\n\n`;
  }
  return { text, items };
}
