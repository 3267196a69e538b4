import { expect, test } from '@jest/globals';
import { problem, ProblemError } from '../core/problem';
import { attempt } from './result';

test('a worker answers with a value, or with the record of what went wrong', async () => {
  expect(await attempt(() => 7)).toEqual({ ok: true, value: 7 });
  expect(await attempt(() => Promise.resolve('x'))).toEqual({ ok: true, value: 'x' });
  const given = problem('file-empty', { file: 'a.pdf' });
  expect(await attempt(() => Promise.reject(new ProblemError(given)))).toEqual({ ok: false, problem: given });
  const unforeseen = await attempt(() => {
    throw new Error('no memory');
  });
  expect(unforeseen).toEqual({ ok: false, problem: { code: 'unexpected', data: { reason: 'no memory' } } });
});
