import { readFileSync, writeFileSync } from 'node:fs';
import { fold, stemWord } from '../src/core/text';

/**
 * Makes `public/words/vectors.txt` and `vectors-de.txt`: for each common word what it is used like, as 64 signed bytes in base64, longer for rarer words. English ones
 * are cut from a package of GloVe vectors: their mean and the two directions that all words share are taken out (Mu and Viswanath 2018), and the 64 directions that
 * tell most of the rest are kept. A German stem has those of the English words that a dictionary translates it by, in the format of Ding ("Hafen {m} :: harbour; port").
 * Usage: `npx tsx scripts/makeWordVectors.ts VECTORS.json [DICTIONARY COMMON.json NOTICE]`; see docs/formats.md.
 */
const [, , vectorFile = '', dictionary, common = '', notice = ''] = process.argv;
const WORDS = 36_000;
const FITTED = 30_000;
const GIVEN = 100;
const KEPT = 64;
const SHARED = 2;
/** Rank from which on a word counts wholly; commoner ones count less, by its logarithm. */
const RARE = 30_000;
/** Share of numbers that fit into a byte; the others are cut. */
const FITTING = 0.9995;
const ROUNDS = 60;

/** Words that say nothing of what a sentence is about, beside those that no search asks for. */
const EMPTY = new Set(
  (
    'a an the of to and in for on is was were be been are it its this that these those which who whom whose what when where why how do does did done can could may might must shall should will ' +
    'would has have had having by at from with as or if than then there their they them he she his her i my me we our us you your not no so such any all each per into out up down about after before over ' +
    'under between both same also only more most many much long far often soon one other s t'
  ).split(' '),
);
const EMPTY_GERMAN = new Set(
  (
    'der die das den dem des ein eine einer eines einem einen und oder in im an am auf aus bei mit nach von vom zu zum zur für über unter vor hinter zwischen ist sind war waren wird werden wurde wurden sein ' +
    'hat haben hatte kann können darf dürfen muss müssen soll sollen sich es er sie wir ihr ich du man nicht kein keine auch nur so als wie was wer wen wem wo wann warum welche welcher welches welchem welchen ' +
    'viel viele lange oft hoch bis dass wenn ob durch um je pro dies diese dieser dieses jede jeder jedes alle mehr'
  ).split(' '),
);

type Vector = Float64Array;

const zero = (): Vector => new Float64Array(KEPT);
const dot = (one: Vector, other: Vector): number =>
  one.reduce((sum, value, at) => sum + value * (other[at] as number), 0);
function scaled(vector: Vector, by: number): Vector {
  return vector.map((value) => value * by);
}
function unit(vector: Vector): Vector {
  return scaled(vector, 1 / (Math.sqrt(dot(vector, vector)) || 1));
}

/** The directions of most variance of some vectors about nought, the greatest first, by power iteration with deflation. */
function directions(rows: readonly Vector[], count: number): Vector[] {
  const spread = Array.from({ length: GIVEN }, () => new Float64Array(GIVEN));
  for (const row of rows)
    for (let at = 0; at < GIVEN; at += 1) for (let to = 0; to < GIVEN; to += 1) (spread[at] as Vector)[to] = ((spread[at] as Vector)[to] as number) + (row[at] as number) * (row[to] as number); // prettier-ignore
  return Array.from({ length: count }, (_, index) => {
    let found: Vector = Float64Array.from({ length: GIVEN }, (_one, at) => Math.cos(at * (index + 1)));
    for (let round = 0; round < ROUNDS; round += 1) found = unit(Float64Array.from(spread, (line) => dot(line, found)));
    const size = dot(
      found,
      Float64Array.from(spread, (line) => dot(line, found)),
    );
    spread.forEach((line, at) => line.forEach((value, to) => (line[to] = value - size * (found[at] as number) * (found[to] as number)))); // prettier-ignore
    return found;
  });
}

const data = JSON.parse(readFileSync(vectorFile, 'utf8')) as { words: string[]; vectors: Record<string, number[]> };
const given = (word: string): Vector => Float64Array.from((data.vectors[word] as number[]).slice(0, GIVEN));
const ranks = new Map(data.words.slice(0, 2 * WORDS).map((word, rank) => [word, rank]));
const fitted = data.words.slice(0, FITTED).map(given);
const mean = Float64Array.from(
  { length: GIVEN },
  (_, at) => fitted.reduce((sum, row) => sum + (row[at] as number), 0) / FITTED,
);
const centred = (row: Vector): Vector => row.map((value, at) => value - (mean[at] as number));
const kept = directions(fitted.map(centred), SHARED + KEPT).slice(SHARED);

/** What an English word is used like, as long as it is rare: 1 at most. Null for one that says nothing or is not known. */
function vectorOf(word: string): Vector | null {
  const rank = ranks.get(word);
  if (rank === undefined || EMPTY.has(word)) return null;
  const row = centred(given(word));
  return scaled(
    unit(Float64Array.from(kept, (direction) => dot(direction, row))),
    Math.min(1, Math.log(1 + rank) / Math.log(RARE)),
  );
}

const english = new Map<string, Vector>();
for (const word of ranks.keys()) {
  if (english.size === WORDS) break;
  const vector = /^[a-z]{2,}$/.test(word) ? vectorOf(word) : null;
  if (vector !== null) english.set(word, vector);
}
const sizes = Float64Array.from([...english.values()].flatMap((vector) => [...vector].map(Math.abs))).sort();
const scale = 127 / (sizes[Math.floor(FITTING * sizes.length)] as number);

function lineOf([word, vector]: readonly [string, Vector]): string {
  const bytes = Int8Array.from(vector, (value) => Math.max(-127, Math.min(127, Math.round(value * scale))));
  return `${word} ${Buffer.from(bytes.buffer).toString('base64')}`;
}

function write(path: string, head: string, vectors: ReadonlyMap<string, Vector>): void {
  const lines = [...vectors].sort(([one], [other]) => (one < other ? -1 : 1)).map(lineOf);
  writeFileSync(path, `${head}${lines.join('\n')}\n`);
  console.log(`${path}: ${lines.length} words`);
}
write('public/words/vectors.txt', '', english);

/** What a translation counts beside the first, by its place, and those of a further entry of the same word. */
const NEXT_TRANSLATION = 0.5;
const NEXT_ENTRY = 0.5;
const FEW_WORDS = 4;
const FEW_TRANSLATIONS = 5;
const FEW_ENTRIES = 8;

const plain = (text: string): string => text.replace(/\([^)]*\)|\{[^}]*\}|\[[^\]]*\]|<[^>]*>/g, '').trim(); // prettier-ignore

/** What a translation is used like: "to hand over". */
function meantBy(translation: string): Vector | null {
  const vectors = (
    translation
      .toLowerCase()
      .replace(/^to /, '')
      .match(/[a-z]+/g) ?? []
  ).flatMap((word) => vectorOf(word) ?? []);
  if (vectors.length === 0) return null;
  return scaled(
    vectors.reduce((sum, one) => sum.map((value, at) => value + (one[at] as number)), zero()),
    1 / vectors.length,
  );
}

/** German words with their translations, an entry a list. */
function translations(text: string): Map<string, string[][]> {
  const found = new Map<string, string[][]>();
  for (const line of text.split('\n')) {
    const [german, other] = line.split('::');
    if (line.startsWith('#') || german === undefined || other === undefined) continue;
    const others = other.split('|');
    german.split('|').forEach((forms, at) => {
      const meant = (others[at] ?? '').split(';').map(plain).filter((one) => one !== '' && one.split(' ').length <= FEW_WORDS); // prettier-ignore
      for (const form of forms.split(';')) {
        const word = plain(form).replace(/^(?:sich|etw\.|jdn\.|jdm\.)\s+/, '').replace(/\s*(?:etw\.|jdn\.|jdm\.|\/.*)\s*/, '').toLowerCase(); // prettier-ignore
        if (/^[a-zäöüß]{2,30}$/.test(word) && !EMPTY_GERMAN.has(word) && meant.length > 0)
          found.set(word, [...(found.get(word) ?? []), meant]);
      }
    });
  }
  return found;
}

if (dictionary !== undefined) {
  const stem = (word: string): string => stemWord(fold(word).text, 'de');
  const known = new Set((JSON.parse(readFileSync(common, 'utf8')) as string[]).map(stem));
  const sums = new Map<string, Vector>();
  for (const [word, entries] of translations(readFileSync(dictionary, 'utf8'))) {
    if (!known.has(stem(word))) continue;
    let own = zero();
    entries.slice(0, FEW_ENTRIES).forEach((entry, index) =>
      entry.slice(0, FEW_TRANSLATIONS).forEach((translation, place) => {
        const vector = meantBy(translation);
        const counts = 1 / (1 + index * NEXT_ENTRY) / (1 + place * NEXT_TRANSLATION);
        if (vector !== null) own = own.map((value, at) => value + counts * (vector[at] as number));
      }),
    );
    if (dot(own, own) === 0) continue;
    const before = sums.get(stem(word)) ?? zero();
    sums.set(stem(word), unit(own).map((value, at) => value + (before[at] as number))); // prettier-ignore
  }
  const german = new Map([...sums].map(([word, sum]) => [word, unit(sum)] as const));
  write('public/words/vectors-de.txt', readFileSync(notice, 'utf8'), german);
}
