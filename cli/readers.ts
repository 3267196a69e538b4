import { askBuiltIn, searchFor, type Answer, type AskedSource, type Limits, type Search } from '../src/core/answer';
import type { Library } from '../src/core/library';
import {
  askModel,
  DEFAULT_BUDGET,
  ModelComposer,
  passagesToSend,
  type Endpoint,
  type ModelAnswer,
} from '../src/core/model';
import { problem, ProblemError } from '../src/core/problem';
import { configuredEndpoints, offersOf, practiceEndpoint, practiceFetch } from '../src/server';

export const BUILT_IN_NAME = 'built-in';

/** An answer, with what only a connected model has. */
export type ReaderSays = Pick<ModelAnswer, 'answer'> & Partial<ModelAnswer>;

/** Asks one question over the sources. */
export type Ask = (
  question: string,
  history: readonly string[],
  sources: readonly AskedSource[],
  limits: Limits,
) => Promise<ReaderSays>;

const now = (): number => performance.now();

/** The reader of a name: the built-in one, one of the stand-in's tempers, or an endpoint of the configuration. Throws ProblemError for any other. */
export function readerNamed(name: string): (library: Library) => Ask {
  if (name === BUILT_IN_NAME)
    return (library) => (question, _history, sources, limits) =>
      Promise.resolve({ answer: askBuiltIn(question, sources, library.quotes, { now, limits, ...library.asking() }) });
  const practice = practiceEndpoint(name);
  const endpoint = practice ?? configuredEndpoints().find((one) => one.name === name);
  if (endpoint === undefined) {
    const known = [BUILT_IN_NAME, ...offersOf(configuredEndpoints()).map((one) => one.name)].map((one) => `“${one}”`);
    throw new ProblemError(problem('reader-unknown', { reader: name, known: known.join(', ') }));
  }
  return (library) => (question, history, sources, limits) => {
    const search = searchFor(question, sources, { limits, ...library.asking() });
    return ask(endpoint, practice === null ? fetch : practiceFetch, search, history, sources, library);
  };
}

async function ask(
  endpoint: Endpoint,
  through: typeof fetch,
  search: Search,
  history: readonly string[],
  sources: readonly AskedSource[],
  library: Library,
): Promise<ReaderSays> {
  const reader: Answer['reader'] = { name: endpoint.name, version: endpoint.model };
  const composer = new ModelComposer(search, sources, library.quotes, reader);
  const passages = passagesToSend(search.passages, sources);
  for await (const event of askModel(
    endpoint,
    {
      question: search.question.text,
      history,
      passages,
      budget: DEFAULT_BUDGET,
      instructions: library.settings.instructions,
    },
    { fetch: through, now },
  ))
    composer.take(event);
  return composer.soFar();
}
