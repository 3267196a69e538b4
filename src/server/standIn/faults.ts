import { splitSentences } from '../../core/text';

/** A sentence of a passage, with the place a model would cite for it. */
export interface Pick {
  readonly source: string;
  readonly page: number;
  readonly text: string;
}

export interface Said {
  readonly claim: string;
  readonly citations: readonly { readonly source: string; readonly page: number; readonly quote: string }[];
}

/** What careless answers do wrong; each turns an honest claim into one with a fault, or gives null when it cannot. */
export type Fault = (pick: Pick, others: readonly Pick[], seed: number) => Said | null;

function say({ source, page }: Pick, text: string): Said {
  return { claim: text, citations: [{ source, page, quote: text }] };
}

export function honest(pick: Pick): Said {
  return say(pick, pick.text);
}

/** Alters a figure: one digit of the first number that is no clause number. */
const figure: Fault = (pick, _others, seed) => {
  const at = [...pick.text.matchAll(/(?<![\d.(])\d(?=[\d,.]*)/g)]
    .map((match) => match.index)
    .find((index) => index > 3);
  if (at === undefined) return null;
  const digit = Number(pick.text[at]);
  const other = ((digit + 1 + (seed % 7)) % 9) + 1;
  const changed = other === digit ? (digit % 9) + 1 : other;
  return say(pick, `${pick.text.slice(0, at)}${changed}${pick.text.slice(at + 1)}`);
};

/** Drops a "not". */
const negation: Fault = (pick) => {
  const changed = pick.text
    .replace(/\s(?:not|never)\b(?! only)/, '')
    .replace(/\bNo (\p{Ll}+) (shall|may|must|will|is|are)\b/u, 'A $1 $2');
  return changed === pick.text ? null : say(pick, changed);
};

/** Says more than was agreed: "may" becomes "must", "shall" becomes "may". */
const modal: Fault = (pick) => {
  const changed = pick.text.replace(/\b(may|must|shall|should|can|will)\b/, (word) =>
    word === 'may' || word === 'can' ? 'must' : 'may',
  );
  return changed === pick.text ? null : say(pick, changed);
};

const REWORDED: readonly (readonly [RegExp, string])[] = [
  [/\bshall\b/gi, 'is going to'],
  [/\bmust\b/gi, 'has to'],
  [/\bmay\b/gi, 'is free to'],
  [/\bnot\b/gi, 'hardly ever'],
  [/\bis\b/gi, 'happens to be'],
  [/\bare\b/gi, 'happen to be'],
  [/\bwas\b/gi, 'turned out to be'],
  [/\bwere\b/gi, 'turned out to be'],
  [/\bthe\b/gi, 'that'],
  [/\band\b/gi, 'together with'],
  [/\bof\b/gi, 'belonging to'],
  [/\bfor\b/gi, 'on account of'],
  [/\bin\b/gi, 'inside'],
  [/\bwith\b/gi, 'along with'],
  [/\bcan\b/gi, 'is able to'],
];

/** Rewords the sentence and still sets it in quotation marks. */
const paraphrase: Fault = (pick) => {
  const changed = REWORDED.reduce((text, [pattern, by]) => text.replace(pattern, by), pick.text);
  return changed === pick.text ? null : say(pick, changed);
};

/** The right words, some pages away. */
const wrongPage: Fault = (pick, _others, seed) => {
  const page = pick.page > 4 ? pick.page - 2 - (seed % 2) : pick.page + 3 + (seed % 3);
  return { claim: pick.text, citations: [{ source: pick.source, page, quote: pick.text }] };
};

/** The right words from another document: last year's, say. */
const wrongDocument: Fault = (pick, others) => {
  const other = others.find((one) => one.source !== pick.source);
  return other === undefined
    ? null
    : { claim: pick.text, citations: [{ source: other.source, page: other.page, quote: pick.text }] };
};

/** A sentence that stands nowhere, with a place. */
const invented: Fault = (pick, _others, seed) => {
  const [word = 'matter'] = pick.text.match(/(?<!\p{L})\p{Ll}{6,}/u) ?? [];
  const text = `Both sides further confirmed that every ${word} be appraised once in ${3 + (seed % 5)} seasons by an umpire whom neither had engaged before.`;
  return say(pick, text);
};

export const FAULTS: Readonly<Record<string, Fault>> = {
  figure,
  negation,
  modal,
  paraphrase,
  wrongPage,
  wrongDocument,
  invented,
};

/** The whole sentences of a passage that can be quoted by themselves. */
export function sentencesOf(text: string): string[] {
  return text
    .split(/\n{2,}/)
    .flatMap((part) => {
      const plain = part.replace(/(?<=\p{L})[-\u2010]\n(?=\p{Ll})/gu, '').replace(/\s+/g, ' ');
      return splitSentences(plain).map((range) => plain.slice(range.start, range.end));
    })
    .filter(
      (sentence) =>
        sentence.length >= 35 &&
        sentence.length <= 420 &&
        /^[\p{Lu}\p{Lo}\d(“"]/u.test(sentence) &&
        /[.。]$/.test(sentence),
    );
}
