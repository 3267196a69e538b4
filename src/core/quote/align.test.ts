import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { alignWords, nearWords } from './align';
import { splitParts, trimQuote } from './parts';

const same = (quote: string[], page: string[]) => (q: number, p: number) => quote[q] === page[p];
const align = (quote: string, page: string) => {
  const [a, b] = [quote.split(' '), page.split(' ')];
  return alignWords(a.length, b.length, same(a, b), (q, p) => nearWords(a[q] ?? '', b[p] ?? ''));
};

describe('alignment', () => {
  test('finds a quote inside a page at no cost', () => {
    const { steps, cost } = align('the owner pays', 'in each year the owner pays the board');
    expect(cost).toBe(0);
    expect(steps.map((step) => step.page)).toEqual([3, 4, 5]);
  });

  test('pairs a changed word, skips a dropped clause and keeps an added word', () => {
    expect(align('the owner owes', 'the owner pays').steps).toHaveLength(3);
    const dropped = align('the owner pays the board', 'the owner pays each spring and autumn the board');
    expect(dropped.steps.filter((step) => step.quote < 0)).toHaveLength(4);
    const added = align('the owner always pays', 'the owner pays');
    expect(added.steps.filter((step) => step.page < 0)).toHaveLength(1);
  });

  test('costs less for a slip of the pen than for another word, never for a figure', () => {
    expect(nearWords('instalment', 'installment')).toBe(true);
    expect(nearWords('1450', '1451')).toBe(false);
    expect(nearWords('boat', 'quay')).toBe(false);
    expect(align('in four installments now', 'in four instalments now').cost).toBeLessThan(
      align('in four portions now', 'in four instalments now').cost,
    );
  });

  test('takes every word of the quote exactly once and pages in order, for any words', () => {
    const words = fc.array(fc.constantFrom('a', 'b', 'c', 'd'), { minLength: 1, maxLength: 10 });
    fc.assert(
      fc.property(words, words, (quote, page) => {
        const { steps, cost } = alignWords(quote.length, page.length, same(quote, page), () => false);
        expect(steps.filter((step) => step.quote >= 0).map((step) => step.quote)).toEqual(quote.map((_, at) => at));
        const pages = steps.filter((step) => step.page >= 0).map((step) => step.page);
        expect([...pages].sort((a, b) => a - b)).toEqual(pages);
        expect(cost).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});

describe('a quote', () => {
  test('loses the quotation marks around it', () => {
    expect(trimQuote(' “The owner pays.” ')).toBe('The owner pays.');
    expect(trimQuote('„Der Eigner zahlt“')).toBe('Der Eigner zahlt');
  });

  test('is cut at ellipses and bracketed words, not at a bracketed letter', () => {
    expect(splitParts('The owner … pays [in full] today')).toEqual({
      pieces: ['The owner ', ' pays ', ' today'],
      joints: [{ kind: 'ellipsis' }, { kind: 'bracket', inserted: 'in full' }],
      outer: [],
    });
    expect(splitParts('[T]he owner pays')).toBeNull();
    expect(splitParts('The owner pays')).toBeNull();
  });

  test('needs no words before a leading or behind a closing ellipsis', () => {
    expect(splitParts('[...] the owner pays ...')?.pieces.map((piece) => piece.trim())).toEqual(['the owner pays']);
  });
});
