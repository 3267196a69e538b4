import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import snowball from 'snowball-stemmers';

/**
 * Makes `public/words/synonyms.txt`: for each English word stem the stems of words that mean alike, with how much alike (per cent), from the senses of a dictionary
 * of synonyms and how often each sense is meant, and for two-word verbs ("give_back") what says the same in one word. A word vector tells whether two words are used
 * alike at all. Usage: `node scripts/makeSynonyms.mjs DICTIONARY_FOLDER VECTORS.json NOTICE [OUTPUT]`; see docs/formats.md.
 */
const [, , dictionary, vectorFile, notice, output = 'public/words/synonyms.txt'] = process.argv;
const WORDS = 80_000;
const DIMENSIONS = 100;
const MOST = 20;
const LEAST = 0.14;
/** What a sharing of senses is worth at most, by its kind. */
const SAME = 0.8;
const DERIVED = 0.8;
const LEAST_DERIVED = 0.12;
const SIMILAR = 0.5;
const BROADER = 0.35;
const PHRASE = 0.72;
const LEAST_PHRASE = 0.2;
/** What is kept over a second step, one of the two being a derivation: "loud", "noisy", "noise". */
const SECOND = 0.75;
const PARTS = { 1: 'n', 2: 'v', 3: 'a', 4: 'r', 5: 'a' };
const FILES = { n: 'noun', v: 'verb', a: 'adj', r: 'adv' };
const PARTICLES = new Set('in out up down off on over back away through around together aside ahead by'.split(' '));

const stemmer = snowball.newStemmer('english');
const { words: known, vectors } = JSON.parse(readFileSync(vectorFile, 'utf8'));
const common = new Set(known.slice(0, WORDS));
const lines = (name) => readFileSync(path.join(dictionary, name), 'utf8').split('\n');
const usable = (word) => /^[a-z]{3,}$/.test(word) && common.has(word);

/** How often each sense of a word is meant, by word and part of speech. */
const senses = new Map();
for (const line of lines('index.sense')) {
  const [key, offset, number, tagged] = line.split(' ');
  if (!key) continue;
  const [lemma, rest] = key.split('%');
  const name = `${lemma}%${PARTS[rest[0]]}`;
  const list = senses.get(name) ?? [];
  list[Number(number) - 1] = { offset, count: Number(tagged) + 1 / Number(number) };
  senses.set(name, list);
}

/** The share of a word's uses, in any part of speech, that are of one sense. */
function shareOf(lemma, part, offset) {
  let [all, own] = [0, 0];
  for (const one of Object.keys(FILES))
    for (const sense of senses.get(`${lemma}%${one}`) ?? []) {
      if (sense === undefined) continue;
      all += sense.count;
      if (one === part && sense.offset === offset) own += sense.count;
    }
  return all === 0 ? 0 : own / all;
}

function readSets(part) {
  const sets = new Map();
  for (const line of lines(`data.${FILES[part]}`)) {
    if (line === '' || line.startsWith(' ')) continue;
    const fields = line.split(' ');
    const count = parseInt(fields[3], 16);
    const words = Array.from({ length: count }, (_, at) => fields[4 + 2 * at].toLowerCase().replace(/\(.*\)$/, ''));
    const from = 5 + 2 * count;
    const pointers = Array.from({ length: Number(fields[4 + 2 * count]) }, (_, at) => {
      const [symbol, target, kind, ends] = fields.slice(from + 4 * at, from + 4 * at + 4);
      return { symbol, target, part: kind === 's' ? 'a' : kind, source: parseInt(ends.slice(0, 2), 16), sink: parseInt(ends.slice(2), 16) };
    }); // prettier-ignore
    sets.set(fields[0], { words, pointers });
  }
  return sets;
}

const unit = new Map();
function vectorOf(word) {
  if (!unit.has(word)) {
    const vector = vectors[word]?.slice(0, DIMENSIONS);
    const length = vector === undefined ? 0 : Math.hypot(...vector);
    unit.set(word, length === 0 ? null : vector.map((value) => value / length));
  }
  return unit.get(word);
}
function likeness(one, two) {
  const [a, b] = [vectorOf(one), vectorOf(two)];
  return a === null || b === null ? null : a.reduce((sum, value, at) => sum + value * b[at], 0);
}

/** What two words share, by the kind of sharing, summed over their senses. */
const shared = new Map();
function note(one, two, kind, worth) {
  if (one === two || !usable(one) || !usable(two)) return;
  const key = `${one} ${two}`;
  const own = shared.get(key) ?? {};
  own[kind] = (own[kind] ?? 0) + worth;
  shared.set(key, own);
}

const KINDS = { '+': 'derived', '\\': 'derived', '<': 'derived', '&': 'similar', '=': 'similar', '^': 'similar', $: 'similar', '*': 'similar', '@': 'broader', '~': 'broader' }; // prettier-ignore
const best = new Map();
function keep(from, to, share) {
  if (from === to) return;
  const own = best.get(from) ?? new Map();
  if ((own.get(to) ?? 0) < share) own.set(to, share);
  best.set(from, own);
}

const sets = Object.fromEntries(Object.keys(FILES).map((part) => [part, readSets(part)]));
for (const part of Object.keys(FILES))
  for (const [offset, { words, pointers }] of sets[part]) {
    for (const one of words)
      for (const two of words)
        note(one, two, 'same', Math.sqrt(shareOf(one, part, offset) * shareOf(two, part, offset)));
    for (const pointer of pointers) {
      const kind = KINDS[pointer.symbol];
      const target = sets[pointer.part]?.get(pointer.target);
      if (kind === undefined || target === undefined) continue;
      const pairs =
        pointer.source > 0
          ? [[words[pointer.source - 1], target.words[pointer.sink - 1]]]
          : words.flatMap((one) => target.words.map((two) => [one, two]));
      for (const [one, two] of pairs) {
        const [a, b] = [shareOf(one, part, offset), shareOf(two, pointer.part, pointer.target)];
        note(one, two, kind, kind === 'derived' ? Math.max(a, b) : Math.sqrt(a * b));
      }
    }
    for (const phrase of part === 'v' ? words : []) {
      const [verb, particle, more] = phrase.split('_');
      if (!PARTICLES.has(particle) || more !== undefined || !/^[a-z]{2,}$/.test(verb)) continue;
      for (const word of words.filter((one) => usable(one) && one !== verb)) {
        const worth = PHRASE * Math.min(1, 1.1 * (shareOf(phrase, 'v', offset) * shareOf(word, 'v', offset)) ** 0.25);
        if (worth >= LEAST_PHRASE) keep(`${stemmer.stem(verb)}_${particle}`, stemmer.stem(word), worth);
      }
    }
  }

const roots = new Set();
for (const [key, { derived = 0, same = 0, similar = 0, broader = 0 }] of shared) {
  const [one, two] = key.split(' ');
  const alike = likeness(one, two);
  if (alike === null) continue;
  const share = Math.max(
    derived >= LEAST_DERIVED ? DERIVED * Math.min(1, 1.15 * Math.sqrt(derived)) : 0,
    SAME * Math.min(1, 1.1 * Math.sqrt(same)) * Math.min(1, 0.45 + alike),
    SIMILAR * Math.sqrt(similar) * Math.min(1, 0.4 + alike),
    BROADER * Math.sqrt(broader) * Math.min(1.2, 0.3 + 1.2 * alike),
  );
  const [from, to] = [stemmer.stem(one), stemmer.stem(two)];
  if (derived >= LEAST_DERIVED) roots.add(`${from} ${to}`);
  if (share >= LEAST) keep(from, to, share);
}

const second = [];
for (const [from, own] of best)
  for (const [through, share] of own)
    for (const [to, further] of best.get(through) ?? []) {
      const worth = SECOND * share * further;
      if (own.has(to) || worth < LEAST || !(roots.has(`${from} ${through}`) || roots.has(`${through} ${to}`))) continue;
      second.push([from, to, worth]);
    }
for (const [from, to, worth] of second) keep(from, to, worth);

const told = [...best].map(([from, own]) => {
  const likest = [...own].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1)).slice(0, MOST);
  return `${from} ${likest.map(([to, share]) => `${to}:${Math.round(100 * share)}`).join(' ')}`;
});
const head = readFileSync(notice, 'utf8').trim().split('\n').map((line) => `# ${line}`.trim()); // prettier-ignore
writeFileSync(output, `${[...head, ...told.sort()].join('\n')}\n`);
console.log(`${told.length} words and phrases`);
