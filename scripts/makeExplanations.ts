import { readFileSync, writeFileSync } from 'node:fs';
import { isStopword } from '../src/core/search';
import { stemWord } from '../src/core/text';
import { Dictionary, PARTS, WordVectors, wordLines } from './dictionary';

/**
 * Makes `public/words/explained.txt`: for each English word stem the stems of the words that a dictionary explains it by, and by less those that it explains, with
 * how much they tell of it (per cent): the share of a word in the weight of its gloss, over the senses as often as each is meant (glosses as evidence of what words
 * have in common: Lesk 1986), and how alike the two are used. Usage: `npx tsx scripts/makeExplanations.ts DICTIONARY_FOLDER VECTORS.json NOTICE [OUTPUT]`.
 */
const [, , folder = '', vectorFile = '', notice = '', output = 'public/words/explained.txt'] = process.argv;
const MOST = 60;
const LEAST = 0.14;
/** What explains a word counts, how much at most, and what is explained by it against that. */
const TELLS = 0.8;
const AT_MOST = 0.6;
const EXPLAINED = 0.45;
/** Words that glosses are put in, which tell nothing of what they explain. */
const PUTTING = new Set(
  (
    'some any one being usually especially something someone somebody person people thing most very such another state quality act action process instance part member ' +
    'group kind type form way manner condition place time large small great good relating related characterized etc case used using cause certain particular general make made give given take taken get put set become come having'
  ).split(' '),
);

const dictionary = new Dictionary(folder);
const vectors = new WordVectors(vectorFile);
const usable = (word: string): boolean => vectors.isCommon(word);
const stem = (word: string): string => stemWord(word, 'en');

/** The words of a gloss, without its examples and as the dictionary has them. */
function wordsOf(gloss: string): string[] {
  const told = gloss.replace(/;\s*".*$/s, '').replace(/"[^"]*"/g, '');
  const written = told.toLowerCase().match(/[a-z]{3,}/g) ?? [];
  const lemmas = written
    .filter((word) => !isStopword(word) && !PUTTING.has(word))
    .flatMap((word) => {
      const shorter = [word.replace(/s$/, ''), word.replace(/ed$/, ''), word.replace(/d$/, ''), word.replace(/ing$/, ''), word.replace(/ing$/, 'e'), word.replace(/es$/, '')]; // prettier-ignore
      return [word, ...shorter].find((one) => usable(one) && dictionary.has(one)) ?? [];
    });
  return [...new Set(lemmas)];
}

const glosses = PARTS.flatMap((part) =>
  [...dictionary.sets(part)].map(([offset, { words, gloss }]) => ({ part, offset, words, told: wordsOf(gloss) })),
);
const frequency = new Map<string, number>();
for (const { told } of glosses) for (const word of told) frequency.set(word, (frequency.get(word) ?? 0) + 1);
const rarity = (word: string): number => Math.log(glosses.length / (frequency.get(word) ?? 1));

const tells = new Map<string, number>();
for (const { part, offset, words, told } of glosses) {
  const whole = told.reduce((sum, word) => sum + rarity(word), 0);
  for (const word of words.filter(usable))
    for (const other of told) {
      const key = `${word} ${other}`;
      const share = (dictionary.shareOf(word, part, offset) * rarity(other)) / whole;
      if (word !== other) tells.set(key, (tells.get(key) ?? 0) + share);
    }
}

const best = new Map<string, Map<string, number>>();
function keep(from: string, to: string, share: number): void {
  if (share < LEAST || from === to) return;
  const own = best.get(from) ?? new Map<string, number>();
  own.set(to, Math.max(own.get(to) ?? 0, share));
  best.set(from, own);
}
for (const [key, share] of tells) {
  const [word = '', other = ''] = key.split(' ');
  const alike = vectors.likeness(word, other);
  if (alike === null) continue;
  const worth = Math.min(AT_MOST, TELLS * Math.sqrt(share) * Math.max(0, Math.min(1.1, 0.25 + 1.3 * alike)));
  keep(stem(word), stem(other), worth);
  keep(stem(other), stem(word), EXPLAINED * worth);
}

writeFileSync(output, wordLines(readFileSync(notice, 'utf8'), best, MOST));
console.log(`${best.size} words`);
