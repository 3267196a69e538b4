import { statedFacts } from '../facts';
import { likeliestLanguage, oneLine, tokenize } from '../text';
import { bareName, isDraft, isStopword, termNumber, termsOf, unitsOfPassage } from '../search';
import type { AskedSource } from './types';

/** The documents that a question is put to, and what in the question named them. */
export interface Scope {
  readonly sources: readonly AskedSource[];
  /** What named them: a document's name, a party, a kind of document; empty when all are asked. */
  readonly named: readonly string[];
  /** Words of the question that only say which documents are meant. */
  readonly words: readonly string[];
  /** True when the documents themselves were named: what they do not say is then not looked for in others. */
  readonly strict: boolean;
  /** True when each of the documents is asked for its own answer. */
  readonly apart: boolean;
}

/** Words that ask for the answer of each of several documents. */
const APART = /\b(?:each|every|all|both|respective(?:ly)?|compare|between|which (?:one|of))\b/i;

/** Words in names of documents that name none by themselves. */
const GENERIC = new Set('document file copy final version signed scan the and for of page pages report'.split(' '));
/** Kinds of documents by the words that questions use for them; the kind as facts tell it, or a word in the document's own name. */
const KINDS: readonly (readonly [RegExp, RegExp])[] = [
  [/\b(?:letter of amendment|amendment(?: letter)?|amending letter|side letter)\b/i, /\bamendment\b/i],
  [/\bdraft\b/i, /\bdraft\b/i],
  [/\b(?:half[- ]year(?:ly)?|interim) (?:report|filing|accounts)\b/i, /\bhalf[- ]year|\binterim/i],
  [/\b(?:survey|inspection report)\b/i, /\bsurvey|\binspection/i],
  [/\b(?:minutes|transcript)\b/i, /\bminutes|\btranscript/i],
  [
    /\b(?:(?:each|every|both|all(?: (?:of )?the)?) (?:\w+ )?leases?|(?:which|the) (?:\w+ )?leases?(?= (?:have|has|allow|permit|end|run|ask|require|is|are)\b)|leases)\b/i,
    /\blease\b/i,
  ],
  [/\b(?:(?:each|every|both|all(?: (?:of )?the)?) (?:annual |yearly )?(?:filing|report)s?|filings)\b/i, /\bfiling\b/i],
  [/\b(?:each|every|both|all(?: (?:of )?the)?) (?:contract|agreement)s?\b/i, /\b(?:contract|agreement)\b/i],
];
const NAME =
  /\b\p{Lu}[\p{L}\p{N}&’'-]*(?:\s+(?:(?:of|the|and|&|von|der|de)\s+)?(?:\p{Lu}[\p{L}\p{N}&’'-]*|\d{1,3}\b))*/gu;

function wordsOf(text: string): string[] {
  return tokenize(text)
    .map((token) => token.word)
    .filter((word) => !isStopword(word));
}

function nameWords(source: AskedSource): string[] {
  return wordsOf(bareName(source).replace(/[_-]+/g, ' ')).filter((word) => !GENERIC.has(word));
}

/** Documents whose whole name stands in the question; of names within names the longer one is meant. */
function byName(sources: readonly AskedSource[], spoken: ReadonlySet<string>): AskedSource[] {
  const met = sources
    .map((source) => ({ source, words: nameWords(source) }))
    .filter(({ words }) => words.length >= 2 && words.every((word) => spoken.has(word)));
  const within = (one: readonly string[], two: readonly string[]): boolean =>
    one.length < two.length && one.every((word) => two.includes(word));
  return met.filter(({ words }) => !met.some((other) => within(words, other.words))).map(({ source }) => source);
}

const DETERMINED =
  /\b(?:the|an?|each|every|any|all|no|such|this|that|these|those|its|their|which|der|die|das|den|dem|ein|eine|jede[rsnm]?)\s$/i;

/** Names that a question speaks, its first word only when more follow; of a German one, whose nouns all have capitals, only those of several words. */
function namesIn(question: string): string[] {
  const german = likeliestLanguage(question, ['en', 'de']) === 'de';
  return [...question.matchAll(NAME)]
    .map((match) => ({ name: match[0], at: match.index }))
    .flatMap(({ name, at }) => {
      const words = name.split(/\s+/);
      // "the Operator", "each Scheduled Sailing": words that a contract defines, not somebody's name.
      if (DETERMINED.test(question.slice(0, at))) return [];
      // The first word of a sentence is capital whatever it is.
      const kept =
        at === 0
          ? words
              .slice(1)
              .join(' ')
              .replace(/^(?:of|the|and|&)\s+/, '')
          : name;
      if (german && !/\s/.test(kept)) return [];
      return kept === '' || !/\p{Lu}/u.test(kept) ? [] : [kept];
    });
}

/** Passages that are looked through for a name's words in a row. */
const LOOKED_THROUGH = 12;

/** True when a document holds a name: all its words, and in some passage all in a row. */
function holds(source: AskedSource, name: string): boolean {
  const { segment } = source;
  const numbers = [...new Set(termsOf(name, segment.language).map((one) => one.term))].map((term) =>
    termNumber(segment, term),
  );
  if (numbers.length === 0 || numbers.some((number) => number < 0)) return false;
  if (numbers.length === 1) return true;
  const postings = numbers.map((number) =>
    segment.postingPassages.subarray(segment.postingStarts[number], segment.postingStarts[number + 1]),
  );
  const [rarest = new Uint32Array(), ...others] = postings.sort((a, b) => a.length - b.length);
  const both = [...rarest].filter((passage) => others.every((other) => other.includes(passage)));
  const wanted = oneLine(name).toLowerCase();
  return both
    .slice(0, LOOKED_THROUGH)
    .some((passage) =>
      unitsOfPassage(source, passage).some((unit) => oneLine(unit.text).toLowerCase().includes(wanted)),
    );
}

/** Documents of the kind a question speaks of, by their names and by what they say they are, and the words that name it. */
function byKind(
  sources: readonly AskedSource[],
  question: string,
): { of: AskedSource[]; words: string; many: boolean } | null {
  for (const [asked, kind] of KINDS) {
    const match = asked.exec(question);
    if (match === null) continue;
    const of = sources.filter(
      (source) =>
        kind.test(source.name) ||
        statedFacts(source).some((fact) => (fact.field === 'kind' || fact.field === 'title') && kind.test(fact.value)),
    );
    if (of.length > 0) return { of, words: match[0], many: /^(?:each|every|all|both|the)\b|s$/i.test(match[0]) };
  }
  return null;
}

/** A draft and what was signed, when a question speaks of both: the documents whose names are alike but for that word. */
function draftAndSigned(sources: readonly AskedSource[], question: string): AskedSource[] {
  if (!/\bdraft/i.test(question) || !/\b(?:signed|final|agreed|executed|in force|concluded)\b/i.test(question))
    return [];
  for (const draft of sources.filter(({ name }) => isDraft(name))) {
    const words = nameWords(draft).filter((word) => !isDraft(word));
    const signed = sources.find((source) => source !== draft && nameWords(source).join(' ') === words.join(' '));
    if (signed !== undefined) return [signed, draft];
  }
  return [];
}

/** The documents that an instruction speaks of, by name or by kind: "the minutes", "the draft", "filings". */
export function documentsSpokenOf(text: string, sources: readonly AskedSource[]): readonly AskedSource[] {
  const named = byName(sources, new Set(wordsOf(text)));
  if (named.length > 0) return named;
  const kinds = byKind(sources, text)?.of;
  if (kinds !== undefined) return kinds;
  const spoken = wordsOf(text).map(singular);
  return sources.filter((source) => {
    const called = calledSo(source);
    return spoken.some((word) => called.has(word));
  });
}

function singular(word: string): string {
  return word.replace(/(?<=\p{L}{3})s$/u, '');
}

/** The words that a document is called by, its kind and those of its name, in the singular. */
export function calledSo(source: AskedSource): ReadonlySet<string> {
  const kind = statedFacts(source).filter((fact) => fact.field === 'kind');
  return new Set([...kind.flatMap((fact) => wordsOf(fact.value)), ...nameWords(source)].map(singular));
}

/**
 * The documents a question means: those it names, those of the kind it names, or those that alone hold a party or thing it names. With few documents, or when
 * nothing sets some apart, all.
 */
export function scopeOf(question: string, sources: readonly AskedSource[]): Scope {
  const all: Scope = { sources, named: [], words: [], strict: false, apart: false };
  if (sources.length < 2) return all;
  const both = draftAndSigned(sources, question);
  if (both.length > 1) {
    const names = both.map(bareName);
    return { sources: both, named: names, words: ['draft', 'signed', 'final', 'agreed'], strict: false, apart: true };
  }
  const spoken = wordsOf(question);
  const named = byName(sources, new Set([...spoken, ...spoken.map(singular)]));
  if (named.length > 0) {
    const names = named.map(bareName);
    return { sources: named, named: names, words: names, strict: true, apart: named.length > 1 };
  }
  const kind = byKind(sources, question);
  if (kind !== null && (kind.of.length < sources.length || kind.many)) {
    const names = kind.of.map(bareName);
    const apart = kind.of.length > 1 && (kind.many || APART.test(question));
    return { sources: kind.of, named: names, words: [kind.words], strict: false, apart };
  }
  for (const name of namesIn(question).sort((a, b) => b.length - a.length)) {
    const holders = sources.filter((source) => holds(source, name));
    if (holders.length > 0 && holders.length <= sources.length / 3)
      return { sources: holders, named: [name], words: [name], strict: false, apart: false };
  }
  return all;
}
