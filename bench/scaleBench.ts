import { askBuiltIn } from '../src/core/answer';
import { Library, type EditionIndex } from '../src/core/library';
import { readText } from '../src/core/source';
import { splitSentences } from '../src/core/text';
import { longText } from './longFile';
import { liveMemory, quantile, say, spread, timed } from './measure';
import { Random } from './random';

const now = (): number => performance.now();

/** Questions in which the engine is still compiling what answers them. */
const WARMING = 10;

interface Shape {
  readonly documents: number;
  readonly pages: number;
}

/** A library of so many documents of so many pages each, of sentences that differ. */
export function made({ documents, pages }: Shape): Library {
  const library = new Library();
  for (let at = 0; at < documents; at += 1) {
    const reading = readText(longText(pages, 100 + at), `${at}`);
    const id = `document ${at}`;
    library.add({ id, name: id, sha256: '', pageCount: reading.pages.length, language: reading.language });
    for (const page of reading.pages)
      library.addPage(
        id,
        page,
        reading.sections.filter((section) => section.page === page.number),
      );
    library.finish(id);
  }
  return library;
}

/** Asks and checks over a dossier of so many documents of so many pages each, and says what it takes in memory and how soon it answers when opened. */
async function benchShape(shape: Shape): Promise<number> {
  const { documents, pages } = shape;
  const before = liveMemory();
  const library = made(shape);
  const held = liveMemory() - before;
  const random = new Random(9);
  const sources = library.sources();
  const sentences = Array.from({ length: 60 }, () => {
    const source = random.pick(sources);
    const text = source.page(1 + random.below(pages))?.text ?? '';
    const whole = splitSentences(text).filter(({ start, end }) => end - start > 80);
    const { start, end } = random.pick(whole);
    return text.slice(start, end).replace(/\s+/g, ' ');
  });
  const [answers, exact, altered]: [number[], number[], number[]] = [[], [], []];
  for (const text of sentences) {
    const question = `What ${text.split(' ').slice(2, 14).join(' ')}?`;
    answers.push(askBuiltIn(question, sources, library.quotes, { now }).milliseconds);
    exact.push(await timed(() => library.quotes.check({ quote: text })));
  }
  const packs = sources.map((source) => ({ source, index: structuredClone(library.indexOf(source.id)) }));
  for (const text of sentences) {
    const changed = text.replace(/shall|may|must/, 'should');
    altered.push(await timed(() => library.quotes.check({ quote: changed })));
  }
  const opening = await timed(() => opened(packs, `What ${sentences[0]}?`));
  say(
    `${documents} documents of ${pages} pages: ${held.toFixed(0)} MB held, ${((1000 * held) / (documents * pages)).toFixed(1)} MB for 1,000 pages`,
  );
  say(
    `  a whole answer, checked: ${spread(answers)}; but for the first ${WARMING} questions: ${spread(answers.slice(WARMING))}`,
  );
  say(`  an exact quote: ${spread(exact)}; an altered one: ${spread(altered)}`);
  say(`  opened from what is stored, first answer after ${opening.toFixed(0)} ms (the database's own time aside)`);
  return quantile(answers, 0.5);
}

function opened(
  packs: readonly { source: ReturnType<Library['sources']>[number]; index: EditionIndex }[],
  question: string,
): void {
  const library = new Library();
  for (const { source, index } of packs) library.addWhole({ ...source, language: index.segment.language }, index);
  askBuiltIn(question, library.sources(), library.quotes, { now });
}

/** Dossiers of growing size, of few long documents and of many short ones. */
export async function benchScale(): Promise<void> {
  const shapes: readonly Shape[] = [
    { documents: 1, pages: 1000 },
    { documents: 20, pages: 100 },
    { documents: 20, pages: 500 },
    { documents: 20, pages: 1000 },
    { documents: 500, pages: 40 },
  ];
  const medians: number[] = [];
  for (const shape of shapes) medians.push(await benchShape(shape));
  say(
    `  twice the pages: an answer takes ${((medians[3] as number) / (medians[2] as number)).toFixed(2)} times as long`,
  );
}
