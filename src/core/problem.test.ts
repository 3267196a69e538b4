import { expect, test } from '@jest/globals';
import { sha256Hex } from './hash';
import { problem, ProblemError, toProblem, wordProblem } from './problem';

test('a problem is worded with its file and what to do', () => {
  expect(wordProblem(problem('file-no-text', { file: 'a.pdf', pages: 3 }))).toMatch(
    /“a\.pdf”.* 3 pages.*scanned.*text recognition/,
  );
  expect(wordProblem(problem('file-damaged'))).toContain('“?”');
});

test('caught values become problems, known ones as they were', () => {
  const known = problem('file-empty', { file: 'b.pdf' });
  expect(toProblem(new ProblemError(known))).toBe(known);
  expect(toProblem(new Error('disk on fire'))).toEqual({ code: 'unexpected', data: { reason: 'disk on fire' } });
  expect(toProblem('odd').data.reason).toBe('odd');
});

test('hashes are those of the standard (FIPS 180-4)', () => {
  expect(sha256Hex('abc')).toBe('ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad');
  expect(sha256Hex(new Uint8Array())).toBe('e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855');
});
