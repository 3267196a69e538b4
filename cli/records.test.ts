import { afterAll, describe, expect, test } from '@jest/globals';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { findSources } from './paths';
import { readQuestions, readQuotes } from './records';

const folder = mkdtempSync(path.join(tmpdir(), 'marked-page-records-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function file(name: string, text: string): string {
  const full = path.join(folder, name);
  mkdirSync(path.dirname(full), { recursive: true });
  writeFileSync(full, text);
  return full;
}

describe('quotes', () => {
  test('come from JSON lines, by either name of a field', () => {
    const lines =
      '{"id":7,"source":"a.pdf","page":3,"quote":"one"}\n\n{"doc":"b.pdf","claimedPage":4,"label":"iv","quote":"two"}\n';
    expect(readQuotes(file('q.jsonl', lines))).toEqual([
      { id: '7', source: 'a.pdf', page: 3, label: null, quote: 'one', claim: null, citations: [] },
      { id: '3', source: 'b.pdf', page: 4, label: 'iv', quote: 'two', claim: null, citations: [] },
    ]);
  });

  test('come from a JSON list and from CSV', () => {
    expect(readQuotes(file('q.json', '[{"id":"x","quote":"one"}]'))[0]).toMatchObject({
      id: 'x',
      page: null,
      source: null,
    });
    expect(readQuotes(file('q.csv', '\ufeffid,source,page,quote\nk,a.pdf,12,"one, two"\n'))[0]).toEqual({
      id: 'k',
      source: 'a.pdf',
      page: 12,
      label: null,
      quote: 'one, two',
      claim: null,
      citations: [],
    });
  });

  test.each([
    ['bad.jsonl', '{"quote":"one"}\nnot json', /Line 2 of .*not JSON/],
    ['none.jsonl', '{"id":"a"}', /Line 1 of .*quote.*claim/],
    ['page.jsonl', '{"quote":"one","page":0}', /Line 1 of .*page/],
  ])('in %s are refused with the line that is wrong', (name, text, message) => {
    expect(() => readQuotes(file(name, text))).toThrow(message);
  });
});

test('questions keep their documents, and a missing file is told', () => {
  expect(readQuestions(file('ask.jsonl', '{"id":1,"question":"Who pays?","docs":["a.pdf"]}'))).toEqual([
    { id: '1', question: 'Who pays?', docs: ['a.pdf'] },
  ]);
  expect(() => readQuestions(path.join(folder, 'nowhere.jsonl'))).toThrow(/no such file/);
});

describe('sources', () => {
  test('are files, and what is readable below folders, by their paths there', () => {
    file('shelf/a.pdf', 'x');
    file('shelf/deep/b.txt', 'x');
    file('shelf/c.png', 'x');
    expect(findSources([path.join(folder, 'shelf')]).map((one) => one.name)).toEqual(['a.pdf', 'deep/b.txt']);
    expect(findSources([path.join(folder, 'shelf/a.pdf')]).map((one) => one.name)).toEqual(['a.pdf']);
  });

  test('that are not there, and folders that hold none, are told', () => {
    expect(() => findSources([path.join(folder, 'gone')])).toThrow(/no such file or folder/);
    file('empty/c.png', 'x');
    expect(() => findSources([path.join(folder, 'empty')])).toThrow(/No readable document/);
  });
});
