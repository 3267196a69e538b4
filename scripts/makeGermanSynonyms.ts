import { readFileSync, writeFileSync } from 'node:fs';
import { fold, stemWord } from '../src/core/text';

/**
 * Makes `public/words/synonyms-de.txt`: for each German word stem the stems of words that mean alike, with how much alike (per cent), from a thesaurus in the format
 * of MyThes (a line "word|count", then a line of words a sense), as far as those found are among the common words of a list. Usage:
 * `npx tsx scripts/makeGermanSynonyms.ts THESAURUS.dat COMMON.json NOTICE [OUTPUT]`; see docs/formats.md.
 */
const [, , thesaurus = '', common = '', notice = '', output = 'public/words/synonyms-de.txt'] = process.argv;
const MOST = 10;
const LEAST = 0.25;
/** What a word of one sense is worth, by what the thesaurus says of it; no word of many senses is meant in each of them. */
const SAME = 0.8;
const RELATED: readonly (readonly [tag: RegExp, worth: number])[] = [
  [/^(?:Ober|Unter)begriff$/, 0.4],
  [/^Assoziation$/, 0.3],
];
const FEW_SENSES = 1.3;
/** Words of these kinds may be asked with; no contract or report is written in them. */
const NEVER_WRITTEN =
  /ugs|derb|vulg|veralt|bayr|österr|schweiz|regional|ironi|scherz|dialekt|salopp|poet|norddt|süddt|landsch|jugend|abwert|bildungsspr|militär|zool|bot\.|mediz|med\.|anat|astron|theol|bibl/i;

const plain = (text: string): string => text.replace(/\s*\([^)]*\)/g, '').trim().toLowerCase(); // prettier-ignore
const usable = (word: string): boolean => /^[a-zäöüß]{3,}$/.test(word);
const stem = (word: string): string => stemWord(fold(word).text, 'de');

const commonStems = new Set((JSON.parse(readFileSync(common, 'utf8')) as string[]).map(stem));

/** Lines of words a sense, by the word they are of. */
const senses = new Map<string, string[]>();
const lines = readFileSync(thesaurus, 'utf8').split('\n');
for (let at = 1; at < lines.length; at += 1) {
  const [, name = '', count = '0'] = /^(.*)\|(\d+)$/.exec(lines[at] as string) ?? [];
  const own = lines.slice(at + 1, at + 1 + Number(count));
  at += own.length;
  const word = plain(name);
  if (usable(word)) senses.set(word, [...(senses.get(word) ?? []), ...own]);
}

const best = new Map<string, Map<string, number>>();
for (const [word, own] of senses)
  for (const sense of own)
    for (const told of sense.split('|').slice(1)) {
      const other = plain(told);
      const [from, to] = [stem(word), stem(other)];
      const tags = [...told.matchAll(/\(([^)]*)\)/g)].map((match) => match[1] as string);
      if (!usable(other) || from === to || !commonStems.has(to) || tags.some((tag) => NEVER_WRITTEN.test(tag)))
        continue;
      const worth = RELATED.find(([tag]) => tags.some((one) => tag.test(one)))?.[1] ?? SAME;
      const share = worth * Math.min(1, FEW_SENSES / (own.length * (senses.get(other)?.length ?? 1)) ** 0.25);
      const known = best.get(from) ?? new Map<string, number>();
      known.set(to, Math.max(known.get(to) ?? 0, share));
      best.set(from, known);
    }

const told = [...best].flatMap(([from, others]) => {
  const likest = [...others]
    .filter(([, share]) => share >= LEAST)
    .sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))
    .slice(0, MOST);
  return likest.length === 0 ? [] : [`${from} ${likest.map(([to, share]) => `${to}:${Math.round(100 * share)}`).join(' ')}`]; // prettier-ignore
});
const head = readFileSync(notice, 'utf8').trim().split('\n').map((line) => `# ${line}`.trim()); // prettier-ignore
writeFileSync(output, `${[...head, ...told.sort()].join('\n')}\n`);
console.log(`${told.length} words`);
