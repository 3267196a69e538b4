import { readFileSync, writeFileSync } from 'node:fs';
import snowball from 'snowball-stemmers';

/**
 * Makes `public/words/used-alike.txt`: for each English word stem the stems that are used most like it, with their likeness (cosine of word vectors, per cent). The
 * vectors are read once, from the file of a package of public-domain GloVe vectors; see docs/formats.md. Usage:
 * `node scripts/makeNeighbours.mjs VECTORS.json [OUTPUT]`.
 */
const [, , input, output = 'public/words/used-alike.txt'] = process.argv;
const WORDS = 60_000;
const MOST = 8;
const LEAST = 0.6;
const DIMENSIONS = 100;
/** Words that stand near one another and mean different things: a search for one must not bring the others. */
const APART = new Set(
  (
    'monday tuesday wednesday thursday friday saturday sunday january february march april may june july august september october november december ' +
    'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen twenty thirty forty fifty sixty seventy eighty ninety ' +
    'hundred thousand million billion first second third fourth fifth sixth seventh eighth ninth tenth half quarter day week month year north south east west ' +
    'northern southern eastern western left right upper lower true false'
  ).split(' '),
);

const stemmer = snowball.newStemmer('english');
const data = JSON.parse(readFileSync(input, 'utf8'));
const stems = new Map();
for (const word of data.words.slice(0, WORDS)) {
  if (!/^[a-z]{3,}$/.test(word) || APART.has(word)) continue;
  const stem = stemmer.stem(word);
  // The commonest form stands for its stem.
  if (!stems.has(stem)) stems.set(stem, word);
}
const names = [...stems.keys()];
const vectors = new Float32Array(names.length * DIMENSIONS);
names.forEach((stem, row) => {
  const vector = data.vectors[stems.get(stem)];
  let square = 0;
  for (let at = 0; at < DIMENSIONS; at += 1) square += vector[at] ** 2;
  for (let at = 0; at < DIMENSIONS; at += 1) vectors[row * DIMENSIONS + at] = vector[at] / Math.sqrt(square);
});
const near = names.map(() => []);
for (let one = 0; one < names.length; one += 1) {
  for (let two = one + 1; two < names.length; two += 1) {
    let cosine = 0;
    for (let at = 0; at < DIMENSIONS; at += 1)
      cosine += vectors[one * DIMENSIONS + at] * vectors[two * DIMENSIONS + at];
    if (cosine < LEAST) continue;
    near[one].push([two, cosine]);
    near[two].push([one, cosine]);
  }
}
const lines = names.flatMap((stem, at) => {
  const best = near[at].sort((a, b) => b[1] - a[1]).slice(0, MOST);
  return best.length === 0
    ? []
    : [`${stem} ${best.map(([other, cosine]) => `${names[other]}:${Math.round(100 * cosine)}`).join(' ')}`];
});
writeFileSync(output, `${lines.sort().join('\n')}\n`);
console.log(`${lines.length} words, ${names.length} stems`);
