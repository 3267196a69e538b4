import { readFileSync, writeFileSync } from 'node:fs';
import { stemWord } from '../src/core/text';
import { Dictionary, PARTS, WordVectors, wordLines, type Part } from './dictionary';

/**
 * Makes `public/words/synonyms.txt`: for each English word stem the stems of words that mean alike, with how much alike (per cent), from the senses of a dictionary
 * of synonyms and how often each sense is meant, and for two-word verbs ("give_back") what says the same in one word. A word vector tells whether two words are used
 * alike at all. Usage: `npx tsx scripts/makeSynonyms.ts DICTIONARY_FOLDER VECTORS.json NOTICE [OUTPUT]`; see docs/formats.md.
 */
const [, , folder = '', vectorFile = '', notice = '', output = 'public/words/synonyms.txt'] = process.argv;
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
const PARTICLES = new Set('in out up down off on over back away through around together aside ahead by'.split(' '));

const dictionary = new Dictionary(folder);
const vectors = new WordVectors(vectorFile);
const usable = (word: string): boolean => vectors.isCommon(word);
const stem = (word: string): string => stemWord(word, 'en');

type Sharing = 'derived' | 'similar' | 'broader' | 'same';
const SHARINGS: Readonly<Record<string, Sharing>> = { '+': 'derived', '\\': 'derived', '<': 'derived', '&': 'similar', '=': 'similar', '^': 'similar', $: 'similar', '*': 'similar', '@': 'broader', '~': 'broader' }; // prettier-ignore

/** What two words share, by the kind of sharing, summed over their senses. */
const shared = new Map<string, Partial<Record<Sharing, number>>>();
function note(one: string, two: string, kind: Sharing, worth: number): void {
  if (one === two || !usable(one) || !usable(two)) return;
  const key = `${one} ${two}`;
  const own = shared.get(key) ?? {};
  own[kind] = (own[kind] ?? 0) + worth;
  shared.set(key, own);
}

const best = new Map<string, Map<string, number>>();
function keep(from: string, to: string, share: number): void {
  if (from === to) return;
  const own = best.get(from) ?? new Map<string, number>();
  if ((own.get(to) ?? 0) < share) own.set(to, share);
  best.set(from, own);
}

const sets = Object.fromEntries(PARTS.map((part) => [part, dictionary.sets(part)])) as Record<Part, ReturnType<Dictionary['sets']>>; // prettier-ignore
for (const part of PARTS)
  for (const [offset, { words, pointers }] of sets[part]) {
    const shareOf = (word: string): number => dictionary.shareOf(word, part, offset);
    for (const one of words) for (const two of words) note(one, two, 'same', Math.sqrt(shareOf(one) * shareOf(two)));
    for (const pointer of pointers) {
      const kind = SHARINGS[pointer.symbol];
      const target = sets[pointer.part]?.get(pointer.target);
      if (kind === undefined || target === undefined) continue;
      const pairs =
        pointer.source > 0
          ? [[words[pointer.source - 1] as string, target.words[pointer.sink - 1] as string] as const]
          : words.flatMap((one) => target.words.map((two) => [one, two] as const));
      for (const [one, two] of pairs) {
        const [a, b] = [shareOf(one), dictionary.shareOf(two, pointer.part, pointer.target)];
        note(one, two, kind, kind === 'derived' ? Math.max(a, b) : Math.sqrt(a * b));
      }
    }
    for (const phrase of part === 'v' ? words : []) {
      const [verb = '', particle = '', more] = phrase.split('_');
      if (!PARTICLES.has(particle) || more !== undefined || !/^[a-z]{2,}$/.test(verb)) continue;
      for (const word of words.filter((one) => usable(one) && one !== verb)) {
        const worth = PHRASE * Math.min(1, 1.1 * (shareOf(phrase) * shareOf(word)) ** 0.25);
        if (worth >= LEAST_PHRASE) keep(`${stem(verb)}_${particle}`, stem(word), worth);
      }
    }
  }

const roots = new Set<string>();
for (const [key, { derived = 0, same = 0, similar = 0, broader = 0 }] of shared) {
  const [one = '', two = ''] = key.split(' ');
  const alike = vectors.likeness(one, two);
  if (alike === null) continue;
  const share = Math.max(
    derived >= LEAST_DERIVED ? DERIVED * Math.min(1, 1.15 * Math.sqrt(derived)) : 0,
    SAME * Math.min(1, 1.1 * Math.sqrt(same)) * Math.min(1, 0.45 + alike),
    SIMILAR * Math.sqrt(similar) * Math.min(1, 0.4 + alike),
    BROADER * Math.sqrt(broader) * Math.min(1.2, 0.3 + 1.2 * alike),
  );
  const [from, to] = [stem(one), stem(two)];
  if (derived >= LEAST_DERIVED) roots.add(`${from} ${to}`);
  if (share >= LEAST) keep(from, to, share);
}

const second: (readonly [from: string, to: string, worth: number])[] = [];
for (const [from, own] of best)
  for (const [through, share] of own)
    for (const [to, further] of best.get(through) ?? []) {
      const worth = SECOND * share * further;
      if (own.has(to) || worth < LEAST || !(roots.has(`${from} ${through}`) || roots.has(`${through} ${to}`))) continue;
      second.push([from, to, worth]);
    }
for (const [from, to, worth] of second) keep(from, to, worth);

writeFileSync(output, wordLines(readFileSync(notice, 'utf8'), best, MOST));
console.log(`${best.size} words and phrases`);
