import { readFileSync } from 'node:fs';
import Joi from 'joi';
import type { Language } from '../src/core/text';
import type { Random } from './random';

/** Clauses that settle one thing, in several wordings, and questions for it; `{A}` and `{B}` stand for the parties, `{a}` and `{b}` for them as they are asked about. */
interface Matter {
  readonly name: string;
  readonly clauses: readonly { readonly text: string; readonly says: string }[];
  readonly asks: readonly string[];
}

interface Parties {
  readonly title: string;
  readonly first: string;
  readonly second: string;
  readonly firstAsked: string;
  readonly secondAsked: string;
}

/** What agreements of one style are made of: see docs/formats.md. */
export interface ClauseSet {
  readonly name: string;
  readonly language: Language;
  readonly parties: readonly Parties[];
  readonly matters: readonly Matter[];
  /** Clauses that settle nothing that is asked. */
  readonly others: readonly string[];
}

const TEXT = Joi.string().required();
const SET = Joi.object<ClauseSet>({
  name: TEXT,
  language: Joi.string().valid('en', 'de', 'ja').required(),
  parties: Joi.array().items({ title: TEXT, first: TEXT, second: TEXT, firstAsked: TEXT, secondAsked: TEXT }).min(1),
  matters: Joi.array().items({
    name: TEXT,
    clauses: Joi.array().items({ text: TEXT, says: TEXT }).min(1),
    asks: Joi.array().items(Joi.string()).min(1),
  }),
  others: Joi.array().items(Joi.string()),
});

/** The sets of clauses in a file. Throws one sentence that says what is wrong with it. */
export function readClauseSets(file: string): ClauseSet[] {
  const sets = JSON.parse(readFileSync(file, 'utf8')) as unknown[];
  return sets.map((one) => {
    const checked = SET.validate(one);
    if (checked.error !== undefined) throw new Error(`${file} holds no set of clauses: ${checked.error.message}.`);
    return checked.value;
  });
}

/** A question put to a made agreement; `clause` and `says` are null where no clause of it settles what is asked. */
export interface ClauseQuestion {
  readonly matter: string;
  readonly question: string;
  readonly clause: string | null;
  readonly says: string | null;
}

export interface MadeAgreement {
  readonly text: string;
  readonly questions: readonly ClauseQuestion[];
}

/** Share of the matters that an agreement settles, and how many other clauses stand among theirs. */
const SETTLED = 0.62;
const OTHERS = 7;

/** Two clauses that answer each other's questions: one with both days of the term. */
const ANSWERS_TOO: Readonly<Record<string, string>> = { start: 'end', end: 'start' };

/** An agreement of some clauses of a set, in random order, and a question for every matter, settled or not. */
export function makeAgreement({ language, parties, matters, others }: ClauseSet, random: Random): MadeAgreement {
  const who = random.pick(parties);
  const named = (text: string): string =>
    text.replace(/\{([ABab])\}/g, (_, one: string) => ({ A: who.first, B: who.second, a: who.firstAsked, b: who.secondAsked })[one] ?? one); // prettier-ignore
  const shuffled = random.shuffle(matters);
  const settled = shuffled.slice(0, Math.floor(SETTLED * matters.length)).map((matter) => ({ matter, clause: random.pick(matter.clauses) })); // prettier-ignore
  const names = new Set(settled.map(({ matter }) => matter.name));
  const clauses = random.shuffle([
    ...settled.map(({ clause }) => clause.text),
    ...random.shuffle(others).slice(0, OTHERS),
  ]);
  const numbered = (text: string, at: number): string =>
    language === 'ja' ? `第${at + 1}条 ${text}` : language === 'de' ? `(${at + 1}) ${text}` : `${at + 1}. ${text}`;
  const asked = (matter: Matter): string => named(random.pick(matter.asks));
  return {
    text: [who.title, ...clauses.map((text, at) => numbered(named(text), at))].join('\n\n'),
    questions: [
      ...settled.map(({ matter, clause }) => ({ matter: matter.name, question: asked(matter), clause: named(clause.text), says: named(clause.says) })), // prettier-ignore
      ...matters
        .filter(({ name }) => !names.has(name) && !names.has(ANSWERS_TOO[name] ?? ''))
        .map((matter) => ({ matter: matter.name, question: asked(matter), clause: null, says: null })),
    ],
  };
}
