import { describe, expect, test } from '@jest/globals';
import { makeAgreement, readClauseSets } from './madeAgreements';
import { Random } from './random';

const sets = readClauseSets('trials/clauses.json');

describe('made agreements', () => {
  test.each(sets.map((set) => [set.name, set] as const))(
    '%s: what is settled stands there, with its value',
    (_, set) => {
      const random = new Random(3);
      for (let at = 0; at < 5; at += 1) {
        const { text, questions } = makeAgreement(set, random);
        expect(text).not.toMatch(/\{[ABab]\}/);
        for (const { clause, says } of questions.filter((one) => one.clause !== null)) {
          expect(text).toContain(clause);
          if (says?.includes('|') === false) expect(clause).toMatch(new RegExp(says));
        }
        expect(questions.filter(({ clause }) => clause === null).length).toBeGreaterThan(3);
      }
    },
  );

  test('are the same again from the same seed', () => {
    const [set] = sets;
    if (set === undefined) throw new Error('There is no set of clauses.');
    expect(makeAgreement(set, new Random(5))).toEqual(makeAgreement(set, new Random(5)));
    expect(makeAgreement(set, new Random(5)).text).not.toBe(makeAgreement(set, new Random(6)).text);
  });
});
