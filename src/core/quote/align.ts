/** One step of an alignment: word `quote` of the quote against word `page` of the page; -1 where one side has none. */
export interface Step {
  readonly quote: number;
  readonly page: number;
}

export interface Alignment {
  readonly steps: readonly Step[];
  readonly cost: number;
}

/** Opening a gap costs a word; words left out of the quote in one run cost less each, since a clause is dropped at once. */
const GAP_OPEN = 1;
const SKIP_PAGE_WORD = 0.22;
const EXTRA_QUOTE_WORD = 0.7;
const NEAR_WORD = 0.45;

/** True for words that differ as by a slip or a recognition error, not as values or meanings do. */
export function nearWords(one: string, two: string): boolean {
  const longer = Math.max(one.length, two.length);
  if (longer < 4 || Math.abs(one.length - two.length) > 2) return false;
  // Alike at neither end, nothing is left to share.
  if (one.charCodeAt(0) !== two.charCodeAt(0) && one.charCodeAt(one.length - 1) !== two.charCodeAt(two.length - 1))
    return false;
  let shared = 0;
  while (shared < one.length && shared < two.length && one[shared] === two[shared]) shared += 1;
  let tail = 0;
  while (tail < Math.min(one.length, two.length) - shared && one[one.length - 1 - tail] === two[two.length - 1 - tail])
    tail += 1;
  return longer - shared - tail <= Math.max(1, Math.floor(longer / 4)) && !/\d/.test(one) && !/\d/.test(two);
}

/**
 * Aligns a whole quote with the best stretch of a window of page words: global in the quote, free at both ends of the window, affine gaps
 * (Gotoh 1982). Costs count in words. `same` and `near` compare a quote word with a page word by index.
 */
export function alignWords(
  quoteLength: number,
  windowLength: number,
  same: (quote: number, page: number) => boolean,
  near: (quote: number, page: number) => boolean,
): Alignment {
  const width = windowLength + 1;
  const size = (quoteLength + 1) * width;
  // Three layers: ending in a pair, in a page word skipped, in a quote word added.
  const pair = new Float32Array(size).fill(Infinity);
  const skip = new Float32Array(size).fill(Infinity);
  const extra = new Float32Array(size).fill(Infinity);
  for (let page = 0; page <= windowLength; page += 1) pair[page] = 0;
  for (let quote = 1; quote <= quoteLength; quote += 1) {
    for (let page = 0; page <= windowLength; page += 1) {
      const at = quote * width + page;
      const up = at - width;
      extra[at] = Math.min(
        Math.min(pair[up] as number, skip[up] as number) + GAP_OPEN,
        (extra[up] as number) + EXTRA_QUOTE_WORD,
      );
      if (page === 0) continue;
      const before = up - 1;
      const cost = same(quote - 1, page - 1) ? 0 : near(quote - 1, page - 1) ? NEAR_WORD : 1;
      pair[at] = Math.min(pair[before] as number, skip[before] as number, extra[before] as number) + cost;
      const left = at - 1;
      skip[at] = Math.min(
        Math.min(pair[left] as number, extra[left] as number) + GAP_OPEN,
        (skip[left] as number) + SKIP_PAGE_WORD,
      );
    }
  }
  const last = quoteLength * width;
  let end = 0;
  let cost = Infinity;
  for (let page = 0; page <= windowLength; page += 1) {
    const here = Math.min(pair[last + page] as number, extra[last + page] as number);
    if (here < cost) {
      cost = here;
      end = page;
    }
  }
  return { steps: traceBack({ pair, skip, extra, width }, quoteLength, end, same, near), cost };
}

interface Layers {
  readonly pair: Float32Array;
  readonly skip: Float32Array;
  readonly extra: Float32Array;
  readonly width: number;
}

function traceBack(
  { pair, skip, extra, width }: Layers,
  quoteLength: number,
  end: number,
  same: (quote: number, page: number) => boolean,
  near: (quote: number, page: number) => boolean,
): Step[] {
  const steps: Step[] = [];
  const close = (a: number, b: number): boolean => Math.abs(a - b) < 1e-3;
  let [quote, page] = [quoteLength, end];
  let layer: 'pair' | 'skip' | 'extra' =
    (pair[quote * width + page] as number) <= (extra[quote * width + page] as number) ? 'pair' : 'extra';
  while (quote > 0) {
    const at = quote * width + page;
    if (layer === 'pair') {
      const before = at - width - 1;
      const cost = same(quote - 1, page - 1) ? 0 : near(quote - 1, page - 1) ? NEAR_WORD : 1;
      steps.push({ quote: quote - 1, page: page - 1 });
      const target = (pair[at] as number) - cost;
      layer = close(pair[before] as number, target) ? 'pair' : close(skip[before] as number, target) ? 'skip' : 'extra';
      quote -= 1;
      page -= 1;
    } else if (layer === 'skip') {
      const left = at - 1;
      steps.push({ quote: -1, page: page - 1 });
      const opened = (skip[at] as number) - GAP_OPEN;
      layer = close(skip[left] as number, (skip[at] as number) - SKIP_PAGE_WORD)
        ? 'skip'
        : close(pair[left] as number, opened)
          ? 'pair'
          : 'extra';
      page -= 1;
    } else {
      const up = at - width;
      steps.push({ quote: quote - 1, page: -1 });
      const opened = (extra[at] as number) - GAP_OPEN;
      layer = close(extra[up] as number, (extra[at] as number) - EXTRA_QUOTE_WORD)
        ? 'extra'
        : close(pair[up] as number, opened)
          ? 'pair'
          : 'skip';
      quote -= 1;
    }
  }
  return steps.reverse();
}
