import { readFileSync, writeFileSync } from 'node:fs';
import { stemWord } from '../src/core/text';

/**
 * Makes `public/words/synonyms-ja.txt`: for each Japanese word the words that mean alike, with how much alike (per cent), by the English meanings that a dictionary in
 * the format of EDICT gives both, each meaning and each of its words weighed by how rare it is. Verbs and adjectives stand without their endings. Usage:
 * `npx tsx scripts/makeJapaneseSynonyms.ts DICTIONARY NOTICE [OUTPUT]` (the dictionary in UTF-8); see docs/formats.md.
 */
const [, , dictionary = '', notice = '', output = 'public/words/synonyms-ja.txt'] = process.argv;
const MOST = 8;
const LEAST = 0.3;
/** Words that are not common are asked with seldom: their likest common words are enough. */
const MOST_OF_RARE = 3;
const LEAST_OF_RARE = 0.5;
/** What the same words within different meanings are worth, beside the same meaning. */
const IN_WORDS = 0.75;
/** What a word is worth that is not among the common ones. */
const RARE = 0.75;
/** Meanings of more words explain rather than translate. */
const LONG = 4;
const TOO_MANY = 400;

interface Entry {
  readonly word: string;
  readonly common: boolean;
  readonly meanings: readonly string[];
}

const USABLE = /^[\p{Script=Han}\p{Script=Katakana}ーぁ-ん]{1,7}$/u;

/** A word as it stands whatever its ending: "払" of "払う", "借り" of "借りる". */
function bare(word: string, told: string): string {
  return /\((?:[\w-]+,)*(?:v\d|v5\w|vs-s|adj-i)/.test(told) ? word.replace(/[ぁ-ん]$/, '') : word.replace(/(?:する|な)$/, ''); // prettier-ignore
}

function readEntry(line: string): Entry | null {
  const [, surface = '', told = ''] = /^(\S+)(?: \[[^\]]+\])? \/(.+)\/$/.exec(line) ?? [];
  const word = bare(surface, told);
  const meanings = told
    .split('/')
    .filter((one) => !/^(?:\(P\)|EntL)/.test(one))
    .map((one) =>
      one
        .replace(/\s*\([^)]*\)/g, ' ')
        .replace(/\{[^}]*\}/g, ' ')
        .trim()
        .toLowerCase()
        .replace(/^(?:to|a|an|the) /, ''),
    ) // prettier-ignore
    .filter((one) => one !== '' && one.split(' ').length <= LONG);
  const rare =
    /\((?:arch|obs|obsc|rare|vulg|col|sl|m-sl|chn|fam|derog|X|oK|iK|ok|poet|on-mim|n-pref|suf|ctr|pref)\)/.test(told);
  const usable = USABLE.test(word) && /[\p{Script=Han}\p{Script=Katakana}]/u.test(word) && !rare && meanings.length > 0;
  const common = told.includes('(P)');
  // Of words that are not common only those of Chinese characters are taken: terms of law and trade are made of them.
  return usable && (common || /^\p{Script=Han}[\p{Script=Han}ぁ-ん]{0,2}\p{Script=Han}$/u.test(word)) ? { word, common, meanings } : null; // prettier-ignore
}

const merged = new Map<string, { common: boolean; meanings: Set<string> }>();
for (const line of readFileSync(dictionary, 'utf8').split('\n')) {
  const entry = readEntry(line);
  if (entry === null) continue;
  const own = merged.get(entry.word) ?? { common: false, meanings: new Set<string>() };
  own.common ||= entry.common;
  for (const one of entry.meanings) own.meanings.add(one);
  merged.set(entry.word, own);
}
const words = [...merged.keys()];
const common = words.map((word) => merged.get(word)?.common === true);

const STOP = new Set('of the a an to in on at for by with and or be one ones something from as etc being'.split(' '));
const wordsOf = (meaning: string): string[] => meaning.split(/[^a-z]+/).filter((one) => one.length > 2 && !STOP.has(one)).map((one) => stemWord(one, 'en')); // prettier-ignore

/** How alike each two words are by features that both have, the rare ones weighing more (cosine of inverse document frequencies). */
function likeness(
  featuresOf: (word: string) => Iterable<string>,
  worth: number,
  add: (a: number, b: number, share: number) => void,
): void {
  // prettier-ignore
  const holders = new Map<string, number[]>();
  words.forEach((word, at) => {
    for (const feature of new Set(featuresOf(word))) holders.set(feature, [...(holders.get(feature) ?? []), at]);
  });
  const weight = (feature: string): number => Math.log(1 + words.length / (holders.get(feature)?.length ?? 1)) ** 2;
  const norms = words.map((word) => [...new Set(featuresOf(word))].reduce((sum, one) => sum + weight(one), 0));
  words.forEach((word, at) => {
    const shared = new Map<number, number>();
    for (const feature of new Set(featuresOf(word))) {
      const own = holders.get(feature) ?? [];
      if (own.length > TOO_MANY) continue;
      for (const other of own) if (other !== at) shared.set(other, (shared.get(other) ?? 0) + weight(feature));
    }
    for (const [other, sum] of shared)
      add(at, other, (worth * sum) / Math.sqrt((norms[at] as number) * (norms[other] as number)));
  });
}

const best = words.map(() => new Map<number, number>());
const keep = (a: number, b: number, share: number): void => {
  const own = best[a] as Map<number, number>;
  const worth = Math.min(1, share) * (common[b] === true ? 1 : RARE);
  if (worth >= LEAST && worth > (own.get(b) ?? 0)) own.set(b, worth);
};
const meaningsOf = (word: string): Set<string> => merged.get(word)?.meanings ?? new Set();
likeness(meaningsOf, 1, keep);
likeness((word) => [...meaningsOf(word)].flatMap(wordsOf), IN_WORDS, keep);

const told = words.flatMap((word, at) => {
  const fit = ([other, share]: readonly [number, number]): boolean => common[at] === true || (common[other] === true && share >= LEAST_OF_RARE); // prettier-ignore
  const likest = [...(best[at] as Map<number, number>)].filter(fit).sort((a, b) => b[1] - a[1] || a[0] - b[0]).slice(0, common[at] === true ? MOST : MOST_OF_RARE); // prettier-ignore
  return likest.length === 0 ? [] : [`${word} ${likest.map(([other, share]) => `${words[other]}:${Math.round(100 * share)}`).join(' ')}`]; // prettier-ignore
});
const head = readFileSync(notice, 'utf8').trim().split('\n').map((line) => `# ${line}`.trim()); // prettier-ignore
writeFileSync(output, `${[...head, ...told.sort()].join('\n')}\n`);
console.log(`${told.length} words`);
