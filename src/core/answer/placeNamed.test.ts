import { describe, expect, test } from '@jest/globals';
import { placeNamed, plainly, without } from './placeNamed';

const section = (word: string, parts: readonly string[], of: unknown = null) => ({ kind: 'section', word, parts, of });

describe('a place that a question names', () => {
  test.each([
    ['What does clause 14.2(b) say?', section('clause', ['14.2', 'b'])],
    ['What is due under Section 3?', section('section', ['3'])],
    ['Was steht in Artikel 12?', section('article', ['12'])],
    ['Was regelt § 4a?', section('section', ['4a'])],
    ['What does Part II contain?', section('part', ['ii'])],
    ['What does Appendix B list?', section('annex', ['b'])],
    ['How is Part 2 of Schedule 7 read?', section('part', ['2'], { word: 'schedule', parts: ['7'] })],
    ['第5条には何がありますか。', section('条', ['5'])],
    ['What is on page xiv?', { kind: 'pages', from: 'xiv', to: 'xiv' }],
    ['What do pages 3 to 7 tell?', { kind: 'pages', from: '3', to: '7' }],
    ['Was steht auf Seite F-12?', { kind: 'pages', from: 'F-12', to: 'F-12' }],
    ['12ページには何がありますか。', { kind: 'pages', from: '12', to: '12' }],
    ['What does Table 3-1 show?', { kind: 'table', number: '3-1' }],
    ['表2の数はいくつですか。', { kind: 'table', number: '2' }],
  ])('%s', (question, named) => {
    expect(placeNamed(question)?.named).toEqual(named);
  });

  test.each([
    'How many pages does it have?',
    'Which party pays for the notes?',
    'What is part of the price?',
    'Is there a clause about ice?',
    'What happened in 2025?',
  ])('is none in “%s”', (question) => {
    expect(placeNamed(question)).toBeNull();
  });

  test('is taken out of the question, and told without what leads to it', () => {
    const question = 'Under the clause 7.2, what is due?';
    const words = placeNamed(question)?.words ?? '';
    expect(without(question, words)).toBe('what is due?');
    expect(plainly(words)).toBe('clause 7.2');
  });
});
