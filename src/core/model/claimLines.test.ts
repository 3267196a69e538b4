import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ClaimLines } from './claimLines';

const CLAIM = '{"claim":"The rent is 3,200.","citations":[{"source":"Lease","page":3,"quote":"rent of 3,200"}]}';

function said(text: string, piece = text.length): { kind: string }[] {
  const lines = new ClaimLines();
  const events: { kind: string }[] = [];
  for (let at = 0; at < text.length; at += piece) events.push(...lines.push(text.slice(at, at + piece)));
  return [...events, ...lines.finish()];
}

describe('a model’s words, a line at a time', () => {
  test('give headline, claims, what is missing and "I do not know"', () => {
    const events = said(`{"headline":"3,200"}\n${CLAIM}\n{"missing":"when it is due"}\n{"unknown":true}`);
    expect(events).toEqual([
      { kind: 'headline', text: '3,200' },
      { kind: 'claim', text: 'The rent is 3,200.', citations: [{ source: 'Lease', page: 3, quote: 'rent of 3,200' }] },
      { kind: 'missing', text: 'when it is due' },
      { kind: 'unknown' },
    ]);
  });

  test('mean the same however they are cut in pieces', () => {
    const text = `Well then:\n\`\`\`json\n[\n${CLAIM},\n{"claim":"No quote here"}\n]\n\`\`\`\nBye`;
    fc.assert(fc.property(fc.integer({ min: 1, max: 60 }), (piece) => expect(said(text, piece)).toEqual(said(text))));
  });

  test('set apart whatever has no quote', () => {
    expect(
      said('Well then:\n{"claim":"No quote here"}\n{"claim":"Empty","citations":[{"quote":" "}]}\n{"else":1}'),
    ).toEqual([
      { kind: 'aside', text: 'Well then:' },
      { kind: 'aside', text: 'No quote here' },
      { kind: 'aside', text: 'Empty' },
      { kind: 'aside', text: '{"else":1}' },
    ]);
  });

  test('may set an object over several lines, and break off in one', () => {
    const lines = new ClaimLines();
    expect(
      lines.push('{\n "claim": "A.",\n "citations": [\n  {"source":"L","page":"iv","quote":"A"}\n ]\n}\n'),
    ).toEqual([{ kind: 'claim', text: 'A.', citations: [{ source: 'L', page: 'iv', quote: 'A' }] }]);
    lines.push('{"claim": "half of');
    expect(lines.finish()).toEqual([{ kind: 'aside', text: '{"claim": "half of' }]);
    expect(lines.understood).toBe(1);
  });

  test('never throw, whatever comes', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), fc.integer({ min: 1, max: 20 }), (text, piece) =>
        expect(Array.isArray(said(text, piece))).toBe(true),
      ),
    );
  });
});
