import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { run, type Run } from '../tests/support/terminal';

const folder = mkdtempSync(path.join(tmpdir(), 'marked-page-steer-'));
const rules = path.join(folder, 'Harbour rules.txt');
const settings = path.join(folder, 'settings.json');

const TEXT = [
  'Part A Berths',
  '',
  '1 Dues',
  '',
  '1.1 The due for a berth is 48,000 crowns a year.',
  '',
  '1.2 The due is paid on the first of March, and half of it again on the first of July.',
  '\f',
  '2 Fires',
  '',
  '2.1 The due for a fire watch is 900 crowns a night.',
  '',
  '2.2 No fire is lit on a boat that lies at the fuel quay.',
].join('\n');

beforeAll(() => writeFileSync(rules, TEXT));
afterAll(() => rmSync(folder, { recursive: true }));

function ask(question: string, ...more: readonly string[]): Run {
  return run('ask', '--sources', rules, '--question', question, ...more, '--json');
}

function withSettings(given: unknown): readonly string[] {
  writeFileSync(settings, typeof given === 'string' ? given : JSON.stringify(given));
  return ['--settings', settings];
}

describe('ask, steered', () => {
  test('limits to pages and sections leave the rest unasked', () => {
    const due = 'How much is the due?';
    const citedPages = ({ lines: [line] }: Run): unknown[] =>
      (line?.['claims'] as { citations: { page: number }[] }[]).flatMap(({ citations }) =>
        citations.map(({ page }) => page),
      );
    expect(new Set(citedPages(ask(due, '--pages', '2')))).toEqual(new Set([2]));
    expect(new Set(citedPages(ask(due, '--section', 'dues')))).toEqual(new Set([1]));
    expect(ask(due, '--section', 'clause 2.1').lines[0]?.['answer']).toContain('900 crowns');
    expect(ask(due, '--pages', '7').lines[0]).toMatchObject({ found: false, passages: [] });
  });

  test('settings of a dossier widen by its own words and honour its instructions, told one by one', () => {
    const question = 'How much is the hithe-geld of a berth?';
    expect(ask(question).lines[0]?.['found']).toBe(false);
    const given = { equivalents: [['hithe-geld', 'due']], instructions: 'Amounts in thousands. Answer in rhyme.' };
    const { code, lines } = ask(question, ...withSettings(given));
    expect(code).toBe(0);
    expect(lines[0]?.['answer']).toContain('48 thousand crowns');
    expect(lines[0]?.['steered']).toMatchObject([
      { honoured: true },
      { instruction: 'Answer in rhyme', honoured: false },
    ]);
  });

  test('settings that cannot be used end with 3 and a sentence, before anything is read', () => {
    for (const bad of ['no JSON', { breadth: 9000 }, { v: 7 }]) {
      const { code, out, told } = ask('How much is the due?', ...withSettings(bad));
      expect([code, out]).toEqual([3, '']);
      expect(told).toMatch(/^These settings were not taken: .+Nothing was changed/m);
    }
    expect(ask('How much?', '--settings', path.join(folder, 'none.json')).told).toContain('no such file');
  });

  test('a place that is not there, and an instruction that is not honoured, are told to people too', () => {
    const missing = run('ask', '--sources', rules, '--question', 'What is on page 9?');
    expect(missing.out).toContain('page 9: “Harbour rules” has 2 pages');
    const file = withSettings({ instructions: 'Answer in rhyme' });
    const rhymed = run('ask', '--sources', rules, '--question', 'How much is the due for a berth?', ...file);
    expect(rhymed.out).toContain('instruction not honoured: Answer in rhyme');
  });
});

describe('summary', () => {
  test('is as long as a share of a page, words or sentences', () => {
    const long = (length: string): string[] =>
      (
        run('summary', '--sources', rules, '--length', length, '--json').lines[0]?.['sentences'] as { text: string }[]
      ).map(({ text }) => text);
    expect(long('one sentence')).toHaveLength(1);
    expect(long('20 words').join(' ').split(/\s+/).length).toBeLessThanOrEqual(22);
    expect(long('half a page').length).toBeGreaterThan(1);
  });

  test('of no length that is known is bad usage', () => {
    const { code, told } = run('summary', '--sources', rules, '--length', 'a while');
    expect(code).toBe(2);
    expect(told).toContain('such as "half a page"');
  });
});
