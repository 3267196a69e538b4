import type { Mark } from '../src/core/quote';
import { isIdeographic, splitSentences } from '../src/core/text';
import type { Random } from './random';

/** A quote whose right mark is known. */
export interface QuoteCase {
  readonly kind: string;
  readonly source: string;
  /** The page cited, and the page the words are from; null when they are from nowhere. */
  readonly page: number;
  readonly truePage: number | null;
  readonly quote: string;
  readonly expected: Mark;
}

/** Pages of a document as some extractor gave them, from page 1. */
export interface PagesOfText {
  readonly name: string;
  readonly pages: readonly string[];
}

function isUsable(sentence: string): boolean {
  const words = sentence.split(/\s+/).length;
  const ideographs = [...sentence].filter((char) => isIdeographic(char)).length;
  const letters = sentence.replace(/[^\p{L}]/gu, '').length / sentence.length;
  return (
    letters > 0.6 &&
    !/\.{4}|(?:\. ){3}|\n\s*\n|…/.test(sentence) &&
    ((words >= 9 && words <= 60) || (ideographs > 20 && ideographs < 120)) &&
    sentence.split('\n').length < 8
  );
}

function sentenceFrom(random: Random, document: PagesOfText): { sentence: string; page: number } | null {
  for (let attempt = 0; attempt < 40; attempt += 1) {
    const page = random.below(document.pages.length);
    const text = document.pages[page] ?? '';
    const sentences = splitSentences(text)
      .map((range) => text.slice(range.start, range.end))
      .filter(isUsable);
    if (sentences.length > 0) return { sentence: random.pick(sentences), page: page + 1 };
  }
  return null;
}

/** Undoes line breaks the way someone who copies a quote does. */
function flat(sentence: string): string {
  return sentence
    .replace(/(\p{Ll})[-\u2010]\n\s*(?=\p{Ll})/gu, '$1')
    .replace(/\s*\n\s*/g, isIdeographic(sentence[0]) ? '' : ' ');
}

function typographic(random: Random, sentence: string): string {
  const changes: readonly ((text: string) => string)[] = [
    (text) => text.replace(/[“”]/g, '"').replace(/[‘’]/g, "'"),
    (text) => text.replace(/"([^"]*)"/g, '“$1”').replace(/'/g, '’'),
    (text) => text.replace(/fi/g, 'ﬁ').replace(/fl/g, 'ﬂ'),
    (text) => text.replace(/ - /g, ' – ').replace(/(\p{L})-(\p{L})/gu, '$1\u2010$2'),
    (text) =>
      text.charAt(0) === text.charAt(0).toLowerCase()
        ? text.charAt(0).toUpperCase() + text.slice(1)
        : text.charAt(0).toLowerCase() + text.slice(1),
    (text) => (text.toUpperCase() === text ? text.toLowerCase() : text.toUpperCase().replace(/ß/g, 'ß')),
  ];
  let changed = sentence;
  for (let attempt = 0; attempt < 12 && changed === sentence; attempt += 1) changed = random.pick(changes)(sentence);
  return changed;
}

const ALTERATIONS: Readonly<Record<string, (random: Random, sentence: string) => string>> = {
  digit: (random, sentence) => {
    const digits = [...sentence.matchAll(/\d/g)];
    if (digits.length === 0) return sentence;
    const at = random.pick(digits).index;
    return sentence.slice(0, at) + String((Number(sentence[at]) + 1 + random.below(8)) % 10) + sentence.slice(at + 1);
  },
  negation: (_random, sentence) => {
    if (/\bnot\b/.test(sentence)) return sentence.replace(/\s*\bnot\b/, '');
    if (/\bnicht\b/.test(sentence)) return sentence.replace(/\s*\bnicht\b/, '');
    if (/(?:is|are|will|should|may|must|can|shall|ist|sind|wird|kann)\b/.test(sentence))
      return sentence
        .replace(/\b(is|are|will|should|may|must|can|shall)\b/, '$1 not')
        .replace(/\b(ist|sind|wird|kann)\b/, '$1 nicht');
    return sentence
      .replace(/しています/, 'していません')
      .replace(/できます/, 'できません')
      .replace(/ます/, 'ません');
  },
  modal: (_random, sentence) =>
    sentence.replace(
      /\b(must|shall|should|may|can|will|muss|kann|soll|darf)\b/,
      (word) =>
        ({
          must: 'may',
          shall: 'may',
          should: 'must',
          may: 'must',
          can: 'must',
          will: 'may',
          muss: 'kann',
          kann: 'muss',
          soll: 'darf',
          darf: 'soll',
        })[word] ?? word,
    ),
  name: (_random, sentence) => sentence.replace(/(?<=[\p{Ll},] )\p{Lu}\p{Ll}{3,}/u, 'Aldmere'),
  word: (random, sentence) => {
    const words = sentence.split(' ');
    const at = 1 + random.below(Math.max(1, words.length - 2));
    return words.map((word, index) => (index === at && /^\p{L}{4,}$/u.test(word) ? 'lantern' : word)).join(' ');
  },
  clause: (random, sentence) => {
    const words = sentence.split(' ');
    if (words.length < 14) return sentence;
    const count = 3 + random.below(3);
    const at = 4 + random.below(words.length - count - 8);
    return [...words.slice(0, at), ...words.slice(at + count)].join(' ');
  },
};

function shuffled(random: Random, sentence: string): string {
  const units = isIdeographic(sentence[1]) ? [...sentence] : sentence.split(' ');
  for (let at = units.length - 1; at > 0; at -= 1) {
    const other = random.below(at + 1);
    [units[at], units[other]] = [units[other] as string, units[at] as string];
  }
  return units.join(isIdeographic(sentence[1]) ? '' : ' ');
}

/**
 * Quotes of every kind from documents, with their right marks. `others` are documents that are not searched, for quotes that stand nowhere.
 */
export function makeQuoteCases(
  random: Random,
  documents: readonly PagesOfText[],
  others: readonly PagesOfText[],
  each: number,
): QuoteCase[] {
  const cases: QuoteCase[] = [];
  const add = (
    kind: string,
    expected: Mark,
    make: (document: PagesOfText) => Omit<QuoteCase, 'kind' | 'expected' | 'source'> | null,
  ): void => {
    let made = 0;
    for (let attempt = 0; attempt < each * 30 && made < each; attempt += 1) {
      const document = documents[(made + attempt) % documents.length] as PagesOfText;
      const one = make(document);
      if (one === null) continue;
      cases.push({ kind, expected, source: document.name, ...one });
      made += 1;
    }
  };
  add('exact', 'exact', (document) => {
    const found = sentenceFrom(random, document);
    return found && { quote: flat(found.sentence), page: found.page, truePage: found.page };
  });
  add('typographic', 'same-words', (document) => {
    const found = sentenceFrom(random, document);
    if (found === null) return null;
    const quote = typographic(random, flat(found.sentence));
    return quote === flat(found.sentence) ? null : { quote, page: found.page, truePage: found.page };
  });
  for (const [kind, alter] of Object.entries(ALTERATIONS)) {
    add(kind, 'altered', (document) => {
      const found = sentenceFrom(random, document);
      if (found === null) return null;
      const quote = alter(random, flat(found.sentence));
      return quote === flat(found.sentence) ? null : { quote, page: found.page, truePage: found.page };
    });
  }
  add('wrong page', 'elsewhere', (document) => {
    const found = sentenceFrom(random, document);
    if (found === null || document.pages.length < 3) return null;
    const page = 1 + ((found.page + 1 + random.below(document.pages.length - 2)) % document.pages.length);
    return page === found.page ? null : { quote: flat(found.sentence), page, truePage: found.page };
  });
  if (others.length > 0) {
    add('from elsewhere', 'absent', (document) => {
      const found = sentenceFrom(random, random.pick(others));
      return found && { quote: flat(found.sentence), page: 1 + random.below(document.pages.length), truePage: null };
    });
  }
  add('shuffled', 'absent', (document) => {
    const found = sentenceFrom(random, document);
    const quote = found === null ? '' : shuffled(random, flat(found.sentence));
    return found === null || quote === flat(found.sentence) ? null : { quote, page: found.page, truePage: null };
  });
  return cases;
}
