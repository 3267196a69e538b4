import {
  documentFrequency,
  searchPassages,
  sectionOf,
  termsOf,
  unitsOfPassage,
  withAliases,
  withCompounds,
  withParaphrase,
  withWrittenSynonyms,
  writtenGroups,
  type Hit,
  type Neighbours,
  type QueryTerm,
  type UnitText,
  type Worth,
} from '../search';
import type { Span } from '../source';
import type { Language } from '../text';
import { reasonsFor, type Reasons } from './because';
import { termDefined } from './defined';
import { definesTerm } from './defining';
import { freshMentions, VALUE_KINDS } from './kinds';
import { asksHow } from './listing';
import { passagesOf, type Place } from './places';
import { analyseQuestion, isScaffold, type Question } from './question';
import { DEFAULT_SETTINGS, type AskSettings } from './settings';
import { tellingWordsFor } from './tellingWords';
import type { AskedSource, FoundPassage } from './types';

/** Passages that are shown. */
export const SHOWN = 10;

/** What a search goes by, beside the question. */
export interface SeekOptions {
  readonly neighbours: Neighbours | null;
  readonly settings: AskSettings;
  /** Where alone to look; null for everywhere. */
  readonly place: Place | null;
  /** Words of what the question is about, which lead to passages without being asked for themselves. */
  readonly context?: string;
}

export const EVERYWHERE: SeekOptions = { neighbours: null, settings: DEFAULT_SETTINGS, place: null };

/** What the score of a passage that holds a value of the kind asked for is multiplied by, and of one that defines the term asked for. */
const HOLDING = 1.4;
const DEFINING = 1.6;
/** The same of one that holds the words which alone tell what is asked: a colour, an address. */
const TELLING = 1.2;

/** What the verb of "set up" counts where documents say it in no other way. */
const VERB_ALONE = 0.6;

/** What a word of the context counts, and how many count. */
const CONTEXT_WEIGHT = 0.3;
const CONTEXT_WORDS = 24;

/** A passage as it is shown, with what it came up by. */
function passageOf(hit: Hit, reasons: Reasons): FoundPassage {
  const units = unitsOfPassage(hit.source, hit.passage);
  const spans: Span[] = units.flatMap((one) => [...one.unit.spans]);
  const lead = units.find((one) => one.unit.kind !== 'heading') ?? units[0];
  const page = lead?.unit.spans[0]?.page ?? 1;
  const section = sectionOf(hit.source, lead?.unit.section ?? -1);
  return {
    sourceId: hit.source.id,
    source: hit.source.name,
    page,
    label: hit.source.page(page)?.label ?? null,
    section,
    text: joined(units),
    spans,
    score: Math.round(hit.score * 1000) / 1000,
    because: reasons([section, ...units.map(({ text }) => text)], hit.source.segment.language),
  };
}

/** A question with the passages that were found for it. */
export interface Sought {
  readonly question: Question;
  readonly hits: readonly Hit[];
  readonly sources: readonly AskedSource[];
  /** Where alone it was looked; null for everywhere. */
  readonly place: Place | null;
}

/** The words of a question as they are told: of a Japanese one, whose words are looked for character by character, those not written in hiragana. */
function toldWords({ text, words }: Question): string {
  const written = /[\u3040-\u30ff]/.test(text)
    ? (text.match(/[\p{Script=Han}\p{Script=Katakana}ー\p{N}A-Za-z]+/gu) ?? [])
    : [];
  const asked = written.filter((word) => !/[何誰]/.test(word));
  return (asked.length > 0 ? asked : words).join(' ');
}

/** What a question was searched by, as it is told. */
export function searchesOf(question: Question): string[] {
  return [...question.phrases.map((phrase) => `“${phrase}”`), toldWords(question)].filter((one) => one !== '');
}

function contextTerms(context: string, language: Language, own: readonly QueryTerm[]): QueryTerm[] {
  const known = new Set(own.map((one) => one.term));
  const terms = [...new Set(termsOf(context, language).map((one) => one.term))].filter((term) => !known.has(term));
  return terms.slice(0, CONTEXT_WORDS).map((term) => ({ term, weight: CONTEXT_WEIGHT }));
}

/** What makes a passage worth more: the value asked for, or the definition of the term; undefined where neither is asked. */
function worthFor(question: Question): Worth | undefined {
  // A value may be told by words of several units: the lead of a list says what its items are of.
  if (VALUE_KINDS.has(question.kind))
    return (units, language) => (freshMentions(joined(units), question, language).length > 0 ? HOLDING : 1);
  const told = tellingWordsFor(question.text);
  if (told !== undefined) return (units) => (told.test(joined(units)) ? TELLING : 1);
  const term = question.kind === 'definition' ? termDefined(question.text) : null;
  return term === null ? undefined : (units, language) => (definesTerm(joined(units), term, language) ? DEFINING : 1);
}

function joined(units: readonly UnitText[]): string {
  return units.map(({ text }) => text).join('\n');
}

/** Seeks what answers a question; `naming` are its words that only say which documents are meant. */
export function seek(
  question: string,
  sources: readonly AskedSource[],
  { neighbours, settings, place, context = '' }: SeekOptions = EVERYWHERE,
  naming: readonly string[] = [],
): Sought {
  const language = sources[0]?.segment.language ?? 'en';
  const own = analyseQuestion(question, language, neighbours, naming);
  const groups = [...settings.equivalents, ...writtenGroups(language)];
  const withOwnForms = (terms: readonly QueryTerm[]) => (language === 'de' ? withCompounds(terms, sources) : terms);
  const withSynonyms = (terms: readonly QueryTerm[]) =>
    language === 'ja' && neighbours !== null ? withWrittenSynonyms(terms, question, sources, neighbours) : terms;
  const widened = (terms: readonly QueryTerm[]): readonly QueryTerm[] =>
    withParaphrase(withOwnForms(withSynonyms(withAliases(terms, sources, groups))), settings.paraphrase);
  // A verb with its particle counts as one word where the documents have another for it.
  const said = ({ term, equivalents = [] }: QueryTerm): boolean =>
    !term.includes(' ') || equivalents.some((one) => documentFrequency(sources, one.term) > 0);
  // Where they have none, a way of doing something is told by its verb: "set up" under "Setting up".
  const unsaid = new Set(
    own.terms
      .filter((one) => !said(one) && asksHow(question))
      .map(({ term }) => term.split(' ')[0] as string)
      .filter((verb) => !isScaffold(verb) && documentFrequency(sources, verb) > 0),
  );
  const alone = (one: QueryTerm): QueryTerm => (unsaid.has(one.term) ? { ...one, weight: VERB_ALONE } : one);
  const terms = widened(own.terms.filter(said).map(alone));
  const subject = new Set([...own.subject.map(({ term }) => term), ...unsaid]);
  const analysed = { ...own, terms, subject: terms.filter(({ term }) => subject.has(term)) };
  // What agreements settle is found by the words of its clauses as well.
  const matter = own.matter?.words ?? '';
  const led = context === '' && matter === '' ? [] : contextTerms(`${context} ${matter}`, language, own.terms);
  const hits = searchPassages(sources, [...terms, ...led], settings.breadth, {
    worth: worthFor(analysed),
    within: place === null ? undefined : passagesOf(place),
  });
  return { question: analysed, hits, sources, place };
}

/** The passages of several searches, the best of each first, then the next of each; none twice. */
export function interleave(sought: readonly Sought[]): FoundPassage[] {
  const taken = new Map<string, { readonly hit: Hit; readonly by: Sought }>();
  for (let rank = 0; rank < SHOWN; rank += 1)
    for (const by of sought) {
      const hit = by.hits[rank];
      const key = `${hit?.source.id} ${hit?.passage}`;
      if (hit !== undefined && !taken.has(key)) taken.set(key, { hit, by });
    }
  const reasons = new Map(sought.map((by) => [by, reasonsFor(by.question.text, by.question.terms, by.sources)]));
  return [...taken.values()].slice(0, SHOWN).map(({ hit, by }) => passageOf(hit, reasons.get(by) as Reasons));
}
