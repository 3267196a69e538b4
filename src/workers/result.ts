import { toProblem, type Problem } from '../core/problem';

/** What a worker answers: errors cross threads as records, since classes do not. */
export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem };

/** Runs work and turns whatever it throws into its problem record. */
export async function attempt<T>(work: () => Promise<T> | T): Promise<Result<T>> {
  try {
    return { ok: true, value: await work() };
  } catch (caught) {
    return { ok: false, problem: toProblem(caught) };
  }
}
