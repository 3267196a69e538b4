import { stemWord, tokensOf } from '../text';
import { equivalentsOf, type Equivalent } from './equivalents';
import type { Neighbours } from './neighbours';

/** Verbs with a particle, as people speak, and the words that documents use for them. */
const PHRASES = `
back out: withdraw terminate cancel
call off: terminate cancel withdraw
bring out: publish release issue
break up: scrap scrapped demolish dismantle
break down: fail failure breakdown
bring down: reduce lower
bring in: introduce enter
build up: accumulate
carry on: continue
carry out: perform execute conduct
check out: inspect examine
come in: enter entry access
come up: arise
cut back: reduce
cut off: disconnect interrupt suspend
do away: abolish remove
drop out: withdraw leave
end up: located installed placed
fall through: fail
fill in: complete
fill up: replenish refill
find out: discover determine
get away: escape
get back: recover refund return
get in: enter access
get out: terminate withdraw exit
give away: transfer donate dispose
give back: return repay refund restore
give up: surrender abandon cease discontinue
go down: fall decrease decline
go off: sound activate
go on: continue
go out: expire extinguish
go over: exceed
go up: increase rise
hand back: return surrender
hand in: submit
hand over: deliver transfer surrender
hand out: distribute
hold back: withhold retain
hold up: delay
keep out: exclude
kick in: apply commence
lay down: prescribe stipulate provide set
lay off: dismiss redundant
leave out: omit exclude
live on: survive continue remain
let go: dismiss release
look after: maintain care
look at: examine inspect
look over: examine inspect review
make up: compensate constitute
move in: occupy enter
move out: vacate leave
open up: open
pass away: die death
pass on: transfer convey
pay back: repay refund reimburse
pay off: repay settle discharge
pick up: collect
pull out: withdraw terminate
put away: store
put back: restore replace
put forward: propose
put in: install insert submit
put off: postpone defer
put out: emit output extinguish
put up: erect install provide lodge furnish
pay up: settle
rent out: let sublet lease
rule out: exclude
run out: expire exhausted empty
run over: exceed
sell off: dispose
send back: return
send in: submit
send out: dispatch distribute
set off: offset deduct
set up: establish install configure
shut down: stop close cease switch
shut off: close stop
sign off: approve
sign up: register registration enrol
speed up: accelerate
stand in: deputise substitute
start up: start commence
stay on: remain holdover
step down: resign retire
step in: intervene substitute deputise acting stand
stop over: stay
switch off: disconnect deactivate stop shut
switch on: activate start
take apart: disassemble dismantle
take away: remove deduct
take back: return repossess
take down: remove dismantle
take off: remove
take on: hire assume employ
take out: obtain remove
take over: succeed succession acquire assume
take up: occupy
tell apart: distinguish differ
throw away: dispose discard
throw out: evict dispose
top up: replenish restore
turn away: refuse
turn down: refuse reject
turn off: disconnect deactivate stop switch shut
turn on: activate start switch
turn up: attend
use up: consume exhaust
walk away: terminate withdraw
wind down: liquidate
wind up: liquidate
work out: calculate determine
write down: depreciate depreciated record
write off: depreciate
`;
/** Set phrases of everyday speech, and the words that documents use for them. */
const IDIOMS = `
at an end: terminated expired
at once: simultaneous concurrent immediately
at the same time: simultaneous concurrent
by accident: accidental inadvertent unintentional
by hand: manual
by itself: automatic
by mistake: accidental inadvertent error
by law: statutory legal
came into being: established founded formed since
come into being: established founded formed since
begin to apply: effective commence force operation effect
come into effect: effective commence force operation
come into force: effective commence operation effect
come to an end: terminate expire end
for free: gratis free charge
for nothing: gratis free charge
for good: permanent irrevocable
for the time being: provisional temporary interim
from time to time: periodic
free of charge: gratis free royalty
give the orders: direct command instruct charge
gives the orders: direct command instruct charge
get rid of: remove delete dispose discard
got rid of: remove delete dispose discard
have a say: vote
hold good: valid apply
if nothing else is: default standard normal typical unless
if nothing is: default standard normal typical unless
in a hurry: urgent
in charge of: responsible
in force: effective
in public: publicly
in the first place: initial original
keep an eye on: monitor supervise
made good: compensate indemnify liable cure
make good: compensate indemnify liable cure
no longer: cease discontinue
not there: exist missing absent
of his own accord: voluntary
of its own accord: automatic
off the shelf: standard
on purpose: deliberate intentional wilful
on time: punctual timely
out of date: obsolete outdated
out of order: defective inoperative
out of the box: default standard
out of work: unemployed
put right: cure remedy rectify correct
run by: operate manage
set right: cure remedy rectify correct
speak for: represent
stand for: represent abbreviation
start to apply: effective commence force operation effect
take effect: effective commence force operation
take part: participate attend
take place: held occur
took place: held occur
turn out: prove
under age: minor
unless agreed otherwise: default standard
unless another is: default standard normal typical
unless changed: default standard normal typical
unless set otherwise: default standard normal typical
unless told otherwise: default standard normal typical
up to date: current latest
when nothing is: default standard normal typical unless
with no charge: gratis free
`;
const PHRASE_SHARE = 0.5;
/** Words that may stand between a verb and its particle: "hand the keys over". */
const BETWEEN = 3;

/** Words that as good as never stand before a noun of their own; and prepositions, which count only right behind the verb, where the table has them. */
const PARTICLES = new Set('out up down off away back over apart aside together ahead forward'.split(' '));
const PREPOSITIONS = new Set('in on at after by through around'.split(' '));
/** Words that begin a clause, so that a preposition before them has no noun. */
const CLAUSE_OPENERS = new Set('when if while where before after until unless because and or'.split(' '));
let verbs: ReadonlyMap<string, readonly string[]> | null = null;
let idioms: readonly (readonly [phrase: readonly string[], said: readonly string[]])[] | null = null;

/** The lines of a table, each a phrase's words with the stems that say the same. */
function rowsOf(table: string): (readonly [phrase: readonly string[], said: readonly string[]])[] {
  return table
    .trim()
    .split('\n')
    .map((line) => {
      const [phrase = '', said = ''] = line.split(': ');
      return [phrase.split(' '), said.split(' ').map((word) => stemWord(word, 'en'))] as const;
    });
}

function known(): ReadonlyMap<string, readonly string[]> {
  verbs ??= new Map(
    rowsOf(PHRASES).map(([[verb = '', particle = ''], said]) => [`${stemWord(verb, 'en')}_${particle}`, said] as const),
  );
  return verbs;
}

/** A verb with its particle or a set phrase in a question, as terms, with what says the same in one word. */
export interface Phrase {
  readonly terms: readonly string[];
  readonly equivalents: readonly Equivalent[];
}

function rootsOf(term: string): Equivalent[] {
  return equivalentsOf(term, 'en').filter((one) => one.root === true);
}

/** The particle of a verb at `at`, and whether it may be a preposition of what follows; null without one. */
function particleBehind(
  words: readonly string[],
  at: number,
): { readonly word: string; readonly sure: boolean } | null {
  const next = words[at + 1];
  if (next !== undefined && PREPOSITIONS.has(next)) {
    const closes = CLAUSE_OPENERS.has(words[at + 2] ?? 'if') || next === 'at' || next === 'after';
    return closes ? { word: next, sure: false } : null;
  }
  const word = words.slice(at + 1, at + 2 + BETWEEN).find((one) => PARTICLES.has(one));
  return word === undefined ? null : { word, sure: true };
}

/** What a phrase may be said by, its roots too. */
function saidBy(said: readonly string[]): Map<string, number> {
  const found = new Map<string, number>();
  for (const term of said)
    for (const { term: one, share } of [{ term, share: 1 }, ...rootsOf(term)]) found.set(one, PHRASE_SHARE * share);
  return found;
}

function asEquivalents(found: ReadonlyMap<string, number>): Equivalent[] {
  return [...found].map(([term, share]) => ({ term, share }));
}

/** Set phrases among the words of an English text. */
function idiomsAmong(words: readonly string[]): Phrase[] {
  idioms ??= rowsOf(IDIOMS);
  return idioms
    .filter(([phrase]) => words.some((_, start) => phrase.every((word, offset) => words[start + offset] === word)))
    .map(([phrase, said]) => ({
      terms: phrase.map((word) => stemWord(word, 'en')),
      equivalents: asEquivalents(saidBy(said)),
    }));
}

/** Verbs with a particle in an English text, "hand the keys over", and set phrases, "put right", that documents may say in one word. */
export function phrasesIn(text: string, neighbours: Neighbours | null): Phrase[] {
  const words = tokensOf(text).map((token) => token.word);
  const parted = words.flatMap((word, at): Phrase[] => {
    const particle = PARTICLES.has(word) || PREPOSITIONS.has(word) ? null : particleBehind(words, at);
    if (particle === null) return [];
    const verb = stemWord(word, 'en');
    // "Given back" is a form of "give back".
    const keys = [verb, ...rootsOf(verb).map((one) => one.term)].map((one) => `${one}_${particle.word}`);
    const found = saidBy(keys.flatMap((key) => known().get(key) ?? []));
    for (const key of keys) {
      for (const { term, likeness } of particle.sure ? (neighbours?.synonymsOf(key, 'en') ?? []) : [])
        if (!found.has(term)) found.set(term, PHRASE_SHARE * likeness);
    }
    const equivalents = asEquivalents(found);
    return equivalents.length === 0 ? [] : [{ terms: [verb, stemWord(particle.word, 'en')], equivalents }];
  });
  return [...parted, ...idiomsAmong(words)];
}
