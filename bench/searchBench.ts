import MiniSearch from 'minisearch';
import { loadNeighbours } from '../cli/neighbours';
import { searchFor } from '../src/core/answer';
import type { Library } from '../src/core/library';
import { isStopword, unitsOfPassage } from '../src/core/search';
import { liveMemory, quantile, say } from './measure';
import { Random } from './random';
import { made } from './scaleBench';

const QUESTIONS = 100;
/** Words of a passage that a question keeps, out of order; the rest is what people do not remember. */
const KEPT = 6;

interface Asked {
  readonly question: string;
  /** The passage the words are from, by its document and number. */
  readonly key: string;
}

interface Entry {
  readonly id: string;
  readonly text: string;
}

function entriesOf(library: Library): Entry[] {
  return library.sources().flatMap((source) =>
    Array.from({ length: source.segment.passageSections.length }, (_, passage) => ({
      id: `${source.id} ${passage}`,
      text: unitsOfPassage(source, passage)
        .map(({ text }) => text)
        .join('\n'),
    })),
  );
}

function questionsOf(entries: readonly Entry[], random: Random): Asked[] {
  return Array.from({ length: QUESTIONS }, () => {
    const { id, text } = random.pick(entries);
    const words = [...new Set(text.toLowerCase().match(/\p{L}{4,}/gu) ?? [])].filter((word) => !isStopword(word));
    const kept = Array.from({ length: KEPT }, () => random.pick(words));
    return { question: `What of ${kept.join(' ')}?`, key: id };
  });
}

/** What V8 takes for a string besides its characters, and for its place in a list. */
const PER_STRING = 24;

/** MB that what a search goes by takes: postings, words in order, places of units. */
function indexOf(library: Library): number {
  const bytes = library.sources().map(({ segment }) => {
    const arrays = Object.values(segment).filter((one) => ArrayBuffer.isView(one));
    const words = segment.vocabulary.reduce((sum, word) => sum + word.length + PER_STRING, 0);
    return arrays.reduce((sum, { byteLength }) => sum + byteLength, words);
  });
  return bytes.reduce((sum, one) => sum + one, 0) / 2 ** 20;
}

function share(hits: readonly boolean[]): string {
  return `${((100 * hits.filter(Boolean).length) / hits.length).toFixed(0)} %`;
}

/** One search over the same passages by this project and by a general-purpose in-memory text search: time, how often the passage meant is among the first ten, memory. */
export function benchSearch(): void {
  const neighbours = loadNeighbours();
  for (const shape of [
    { documents: 1, pages: 1000 },
    { documents: 20, pages: 500 },
  ]) {
    const before = liveMemory();
    const library = made(shape);
    const own = liveMemory() - before;
    const entries = entriesOf(library);
    const asked = questionsOf(entries, new Random(3));
    const sources = library.sources();
    const ours: number[] = [];
    const found = asked.map(({ question, key }) => {
      const began = performance.now();
      const { hits } = searchFor(question, sources, { neighbours });
      ours.push(performance.now() - began);
      return hits.slice(0, 10).some((hit) => `${hit.source.id} ${hit.passage}` === key);
    });
    const bare = liveMemory();
    const other = new MiniSearch<Entry>({ fields: ['text'] });
    const building = performance.now();
    other.addAll(entries);
    const built = performance.now() - building;
    const held = liveMemory() - bare;
    const theirs: number[] = [];
    const met = asked.map(({ question, key }) => {
      const began = performance.now();
      const results = other.search(question);
      theirs.push(performance.now() - began);
      return results.slice(0, 10).some(({ id }) => id === key);
    });
    const [a, b] = [quantile(ours, 0.5), quantile(theirs, 0.5)];
    say(`${entries.length} passages (${shape.documents * shape.pages} pages)`);
    say(`  one search: median ${a.toFixed(1)} ms, 95th percentile ${quantile(ours, 0.95).toFixed(1)} ms; minisearch ${b.toFixed(1)} and ${quantile(theirs, 0.95).toFixed(1)} ms: ${(b / a).toFixed(1)} times`); // prettier-ignore
    say(`  the passage meant among the first ten: ${share(found)}; minisearch ${share(met)}`);
    say(`  held: ${indexOf(library).toFixed(1)} MB the index searched, ${own.toFixed(0)} MB with pages and the check's index; minisearch ${held.toFixed(1)} MB, its index alone, built in ${(built / 1000).toFixed(1)} s`); // prettier-ignore
  }
}
