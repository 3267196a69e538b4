import type { QuoteIndex } from '../quote';
import type { Neighbours } from '../search';
import { likeliestLanguage } from '../text';
import { BUILT_IN } from './builtIn';
import { checkClaim } from './checkClaim';
import { withThingTold } from './extremes';
import { steered, steeringOf } from './instructions';
import { askPart, searchesIn, type Part, type Subject } from './parts';
import { narrowedSources, placeWithin, type Limits, type Place } from './places';
import { planQuestions } from './plan';
import { readingsOf } from './readings';
import { interleave, seek, searchesOf, type Sought } from './seek';
import { DEFAULT_SETTINGS, type AskSettings } from './settings';
import type { Answer, AskedSource, DraftClaim, FoundPassage, ReaderAnswer } from './types';

/** What questions are searched and read by, beside their words. */
export interface SearchOptions {
  /** Words used like others, to search wider by; null while there are none. */
  readonly neighbours?: Neighbours | null;
  /** The dossier's own; those that trials favour where it has none. */
  readonly settings?: AskSettings | undefined;
  /** Pages and sections that alone are asked. */
  readonly limits?: Limits | undefined;
  /** A claim or clause that the question is about. */
  readonly about?: Subject | null | undefined;
}

export interface AskOptions extends SearchOptions {
  /** Milliseconds since some fixed point; passed in so that answers can be timed without a clock in core. */
  readonly now: () => number;
}

/** What a search for a question found, before any reader composes an answer from it. */
export interface Search extends Sought {
  /** The ten best passages, in order. */
  readonly passages: readonly FoundPassage[];
  /** What was searched for. */
  readonly searches: readonly string[];
}

/** Documents in the question's language first: it is read in the language of the first. */
function inLanguageFirst(question: string, sources: readonly AskedSource[]): readonly AskedSource[] {
  const languages = [...new Set(sources.map(({ segment }) => segment.language))];
  const language = likeliestLanguage(question, languages);
  const own = (one: AskedSource): boolean => one.segment.language === language;
  return language === languages[0] ? sources : [...sources.filter(own), ...sources.filter((one) => !own(one))];
}

/** The documents and places that settings, limits and standing instructions leave to ask. */
function askedOf(
  question: string,
  given: readonly AskedSource[],
  { settings = DEFAULT_SETTINGS, limits: set = {} }: SearchOptions,
) {
  const sources = inLanguageFirst(question, given);
  const steering = steeringOf(settings.instructions, sources);
  const limits = placeWithin(set, steering.sources);
  return { settings, steering, limits, asked: narrowedSources(steering.sources, limits) };
}

function whereOf(limits: Place | null): string[] {
  return limits === null ? [] : [`${/^pages?\b/.test(limits.told) ? 'on' : 'in'} ${limits.told}`];
}

/** Searches the sources for what answers a question. */
export function searchFor(question: string, sources: readonly AskedSource[], options: SearchOptions = {}): Search {
  const { settings, limits, asked } = askedOf(question, sources, options);
  const context = options.about?.text ?? '';
  const sought = seek(question, asked, { neighbours: options.neighbours ?? null, settings, place: limits, context });
  return { ...sought, passages: interleave([sought]), searches: [...searchesOf(sought.question), ...whereOf(limits)] };
}

/** What a part asks for, short enough to stand behind its answer: "rent" of "What is the rent of the lease?" */
function shortly(question: string): string {
  const plain = question.replace(/[?\s]+$/, '').replace(/^(?:in|under|for|on) [^,]+, /i, '');
  const thing =
    /^(?:what|which) (?:is|are|was|were) (?:the |its |their )?(?<thing>.+?)(?: (?:of|in|for|under|by) .*)?$/i.exec(
      plain,
    );
  return thing?.groups?.['thing'] ?? plain;
}

/** The claims of the parts of a question, each with the part it answers; what comes near in one part and is told in another is told there alone. */
function claimsOf(parts: readonly Part[]): (readonly DraftClaim[])[] {
  const [only] = parts;
  if (parts.length === 1 && only !== undefined) return [only.drafted.claims];
  const told = new Set(parts.map(({ drafted }) => drafted.claims[0]?.text));
  return parts.map(({ drafted, question }) =>
    drafted.claims
      .filter(({ text }, at) => at === 0 || drafted.conflicts.length > 0 || !told.has(text))
      .map((claim) => ({ ...claim, part: question })),
  );
}

/** The answers to the parts of one question as one: each part's headline, all claims in their order, and what nothing answers. */
function joined(parts: readonly Part[]): ReaderAnswer {
  const claims: DraftClaim[] = [];
  const conflicts: number[][] = [];
  const alone = parts.length === 1;
  const told = claimsOf(parts);
  for (const [part, { drafted }] of parts.entries()) {
    conflicts.push(...drafted.conflicts.map((group) => group.map((at) => at + claims.length)));
    claims.push(...(told[part] ?? []));
  }
  const lines = parts.flatMap(({ question, drafted }) => {
    if (drafted.lines !== undefined || drafted.headline === null || alone)
      return drafted.lines ?? drafted.headline ?? [];
    return `${drafted.headline} (${shortly(question)})`;
  });
  return {
    headline: lines.length === 0 ? null : lines.join('; '),
    ...(lines.length > 1 ? { lines } : {}),
    claims,
    calculations: parts.flatMap(({ drafted }) => drafted.calculations),
    conflicts,
    missing: parts.flatMap(({ question, drafted }) =>
      drafted.headline === null && drafted.missing.length === 0 ? [question] : drafted.missing,
    ),
  };
}

/**
 * Asks the built-in reader one question over the sources and checks what it says. A question of several parts is asked part by part; standing instructions of the
 * settings are honoured where the reader can, and told. The same question gets the same answer.
 */
export function askBuiltIn(
  question: string,
  sources: readonly AskedSource[],
  index: QuoteIndex,
  options: AskOptions,
): Answer {
  const began = options.now();
  const { neighbours = null, about: subject = null } = options;
  const { settings, steering, limits, asked } = askedOf(question, sources, options);
  const asking = { neighbours, settings, limits, subject };
  const parts: Part[] = [];
  for (const planned of planQuestions(question)) {
    const before = parts.at(-1);
    const part = before === undefined ? planned : withThingTold(planned, before.question, before.drafted.headline);
    parts.push(askPart(part, asked, asking, before?.scope ?? null));
  }
  const drafted = steered(joined(parts), steering, sources);
  const claims = drafted.claims.map((claim) => checkClaim(claim, sources, index));
  const readings = readingsOf(question, parts);
  return {
    ...drafted,
    found: drafted.headline !== null,
    claims,
    passages: interleave(parts.map(({ sought }) => sought)),
    searches: [...new Set([...parts.flatMap(searchesIn), ...whereOf(limits)])],
    ...(steering.told.length === 0 ? {} : { steered: steering.told }),
    ...(readings.length === 0 ? {} : { readings }),
    reader: BUILT_IN,
    milliseconds: Math.round((options.now() - began) * 10) / 10,
  };
}
