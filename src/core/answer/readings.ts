import { tableRowAt } from '../figure';
import { bareName, isDraft, lookUpPassages, termsOf, unitsOfPassage } from '../search';
import { oneLine } from '../text';
import type { OwnAnswer } from './apart';
import { VALUE_KINDS } from './kinds';
import { freshMentions } from './kinds';
import type { Question } from './question';
import { EMPTY } from './quoted';
import { calledSo } from './scope';
import type { Sought } from './seek';
import type { AskedSource, ReaderAnswer, Reading } from './types';

/** Kinds of documents that a question may speak of as if there were one. */
const ONE_DOCUMENT =
  /\b(?:the|this|that|our|der|die|das)\s+(?:[\p{L}-]+\s+)?(?<kind>lease|filing|report|contract|agreement|concession|regulation|survey|letter|notice|manual|licence|license|policy|mietvertrag|vertrag|bericht)\b(?!s)/iu;

/** Other documents of the kind that a question speaks of as if there were one, beside the one that answers it; none when it names one, or speaks of several. */
export function othersMeant(question: string, sources: readonly AskedSource[], first: AskedSource): AskedSource[] {
  const kind = ONE_DOCUMENT.exec(question)?.groups?.['kind']?.toLowerCase();
  if (kind === undefined || isDraft(first.name)) return [];
  const isOf = (source: AskedSource): boolean => !isDraft(source.name) && calledSo(source).has(kind);
  if (!isOf(first)) return [];
  return sources.filter((source) => source !== first && isOf(source));
}

/** The reading of a question that may mean any of so many documents. */
export function anyOf(question: string, many: number, how = 'name the one that is meant'): Reading {
  return { words: oneLine(ONE_DOCUMENT.exec(question)?.[0] ?? ''), told: `may be any of ${many} documents: ${how}` };
}

/** One answer a document, the best first, where a question may mean any of them and they say different things; null where they do not. */
export function eachReading(
  question: Question,
  answers: readonly OwnAnswer[],
): { readonly drafted: ReaderAnswer; readonly reading: Reading } | null {
  // Where a value is asked for, a document that tells none does not answer.
  const told = (headline: string, { segment }: AskedSource): boolean =>
    !VALUE_KINDS.has(question.kind) || freshMentions(headline, question, segment.language).length > 0;
  const said = answers.filter(({ source, drafted }) => drafted.headline !== null && told(drafted.headline, source));
  if (said.length < 2 || new Set(said.map(({ drafted }) => drafted.headline)).size < 2) return null;
  const lines = said.map(({ source, drafted }) => `${bareName(source)}: ${drafted.headline}`);
  return {
    drafted: {
      ...EMPTY,
      headline: lines.join('; '),
      lines,
      claims: said.flatMap(({ drafted }) => drafted.claims.slice(0, 1)),
    },
    reading: anyOf(question.text, said.length, 'they answer differently, and each is told'),
  };
}

const COUNTS =
  'two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|both|several|zwei|drei|vier|fünf|beide|mehrere';
const COUNTED = new RegExp(String.raw`\b(?:${COUNTS}|\d{1,2})\s+[a-z\u00c0-\u024f]`, 'i');
/** "the new vessel": a thing told apart by a word before it, as if there were one. */
const ONE_THING = /\b(?:the|der|die|das)\s+(?<which>[\p{L}-]{3,})\s+(?<thing>[\p{L}]{3,})(?=[\s,.;?)]|$)/giu;
/** Words that pick one of several by themselves, or are no property of a thing. */
const PICKING =
  /^(?:first|second|third|fourth|fifth|last|latest|next|same|other|only|total|average|maximum|minimum|most|least|main|whole|entire|annual|own|erste\w*|zweite\w*|letzte\w*|gesamte\w*)$/i;
const LOOKED_AT = 12;

/** What every plural of a thing begins with: "vessel", "compan" of a company. */
function stemOf(thing: string): string {
  return thing.replace(/y$/i, '');
}

/** Several things of a kind that are told apart by a word before them, "two new vessels"; their count and name as groups. */
function pluralOf(which: string, thing: string): RegExp {
  const stem = stemOf(thing);
  return new RegExp(
    String.raw`\b(?<count>${COUNTS}|\d{1,2})\s+(?:\p{L}+\s+){0,2}?${which}\s+(?:\p{L}+\s+)?(?<things>${stem}(?:y|ies|s|es|e|en|er|n))\b`,
    'iu',
  );
}

/** Things that a question speaks of as one, where the documents have several: "the new vessel" of "two new vessels". */
function severalThings(question: string, sources: readonly AskedSource[]): Reading[] {
  const language = sources[0]?.segment.language ?? 'en';
  for (const match of question.matchAll(ONE_THING)) {
    const { which = '', thing = '' } = match.groups ?? {};
    if (PICKING.test(which) || /s$/i.test(thing)) continue;
    const terms = termsOf(`${which} ${thing}`, language).map(({ term }) => ({ term, weight: 1 }));
    const named = [which, stemOf(thing)].map((word) => word.toLowerCase());
    let plural: RegExp | null = null;
    for (const hit of lookUpPassages(sources, terms, LOOKED_AT))
      for (const { text } of unitsOfPassage(hit.source, hit.passage)) {
        const lower = text.toLowerCase();
        if (!named.every((word) => lower.includes(word)) || !COUNTED.test(text)) continue;
        plural ??= pluralOf(which, thing);
        const found = plural.exec(oneLine(text));
        if (found === null || found.groups?.['things']?.toLowerCase() === thing.toLowerCase()) continue;
        return [
          {
            words: match[0],
            told: `“${bareName(hit.source)}” speaks of “${found[0]}”: name the one that is meant`,
            sourceId: hit.source.id,
          },
        ];
      }
  }
  return [];
}

const YEAR = /\b(?:19|20)\d{2}\b/;

/** The periods that a table's row tells beside the one that was taken, where a question names none. */
function periodTaken({ question, sources }: Sought, drafted: ReaderAnswer): Reading[] {
  if (question.periods.length > 0 || drafted.calculations.length > 0 || drafted.lines !== undefined) return [];
  const [citation] = drafted.claims[0]?.citations ?? [];
  const tables = sources.find(({ id }) => id === citation?.sourceId)?.tables;
  const [value] = citation?.cell?.value ?? [];
  const found = tables === undefined || value === undefined ? null : tableRowAt(tables, [value]);
  if (found === null || value === undefined) return [];
  const years = found.table.columns.map(({ path }) => YEAR.exec(path.join(' '))?.[0] ?? null);
  const taken = found.row.cells.findIndex(
    (cell) => cell?.spans.some((span) => span.page === value.page && span.start === value.start) === true,
  );
  const year = years[taken] ?? null;
  const others = [
    ...new Set(years.filter((one, at) => one !== null && one !== year && found.row.cells[at]?.value != null)),
  ];
  if (year === null || others.length === 0) return [];
  return [
    {
      words: 'no period is named',
      told: `this is of ${year}; the row tells ${others.join(', ')} too`,
      sourceId: citation?.sourceId ?? undefined,
    },
  ];
}

/** How else a question can be read, or what it takes for granted, as far as the documents tell. */
export function readingsOf(
  question: string,
  answered: readonly { readonly sought: Sought; readonly drafted: ReaderAnswer; readonly reading?: Reading }[],
): Reading[] {
  const sources = [...new Set(answered.flatMap(({ sought }) => sought.sources))];
  return [
    ...answered.flatMap(({ reading }) => reading ?? []),
    ...severalThings(question, sources),
    ...answered.flatMap(({ sought, drafted }) => periodTaken(sought, drafted)),
  ];
}
