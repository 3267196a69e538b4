import { describe, expect, test } from '@jest/globals';
import { readingOf } from '../../../tests/support/pages';
import { Library } from '../library';
import { searchPassages } from '../search';
import { gatherEvidence, type Evidence } from './evidence';
import { headlineOf } from './headline';
import { analyseQuestion } from './question';
import { weigh, WEIGHTS } from './weights';

/** The best evidence for a question in a text of one page. */
function evidenceOf(text: string, asked: string): { best: Evidence; headline: string } {
  const library = new Library();
  const { pages, sections } = readingOf(text);
  library.add({ id: 'd', name: 'Paper', sha256: 's', pageCount: 1, language: 'en' });
  pages.forEach((page) => library.addPage('d', page, sections));
  library.finish('d');
  const question = analyseQuestion(asked, 'en');
  const sources = library.sources();
  const found = gatherEvidence(sources, searchPassages(sources, question.terms, 10), question);
  const best = found.find((one) => one.unit.kind !== 'heading');
  if (best === undefined) throw new Error('Nothing was found.');
  return { best, headline: headlineOf(best, question) };
}

describe('headlines', () => {
  test('say neither yes nor no of a question that asks which of two it is', () => {
    const text = 'The fee of the berth is higher for boats than for rafts.';
    expect(evidenceOf(text, 'Is the fee of the berth higher for boats or for rafts?').headline).toBe(text);
    expect(evidenceOf(text, 'Is the fee of the berth higher for boats?').headline).toBe('Yes');
  });

  test.each([
    [
      'The rent of the quay is two hundred crowns (200) a month.',
      'How much is the rent of the quay?',
      'two hundred crowns (200)',
    ],
    ['A ruling on the marina is expected in autumn 2026.', 'When is the ruling on the marina expected?', 'autumn 2026'],
    [
      'The lease of the beds runs out at the end of 2031.',
      'When does the lease of the beds run out?',
      'the end of 2031',
    ],
    [
      'The deposit is returned within six weeks of the keys being given up.',
      'When is the deposit returned?',
      'within six weeks of the keys being given up',
    ],
    ['The engine of the tug has 75 kilowatts.', 'How powerful is the engine of the tug?', '75 kilowatts'],
    ['The lease of the quay ends on 31 March 2027.', 'When does the lease of the quay end?', '31 March 2027'],
    ['The term of the lease is twelve months from its date.', 'How long is the term of the lease?', 'twelve months'],
    [
      'The trust holds 18.2 per cent of the shares of the company.',
      'What percentage of the shares does the trust hold?',
      '18.2 per cent',
    ],
    [
      'The sums are 226 crowns for each late departure, 1,642 crowns for each sailing not performed and 4,530 crowns for each day out of service.',
      'How much is paid for each sailing not performed?',
      '1,642 crowns',
    ],
    ['The tenant shall not sublet the quay.', 'May the tenant sublet the quay?', 'No'],
    ['You may use the maps without paying a fee.', 'Must you pay a fee to use the maps?', 'No'],
    [
      'The tenant shall not sublet the quay without consent.',
      'May the tenant sublet the quay?',
      'No, not without consent',
    ],
    ['Schools of the port are exempt from the fee.', 'Do the schools of the port pay the fee?', 'No'],
    [
      'If the quay is not paid for, the tenant may sublet the quay.',
      'May the tenant sublet the quay?',
      'Yes, if the quay is not paid for',
    ],
    ['The owner may not prevent the tenant from painting the quay.', 'May the tenant paint the quay?', 'Yes'],
    ['Subletting of the quay is forbidden.', 'Is subletting of the quay forbidden?', 'Yes'],
    ['The quay is cleaned not later than ten days before use.', 'Is the quay cleaned before use?', 'Yes'],
    [
      'The tenant may sublet the quay if the board agrees.',
      'May the tenant sublet the quay?',
      'Yes, if the board agrees',
    ],
    ['Two of fourteen extinguishers were past their date.', 'How many extinguishers were past their date?', 'Two'],
    [
      'The hull is surveyed every eighteen months, and a vessel more than twenty years old is towed.',
      'How often is the hull surveyed?',
      'every eighteen months',
    ],
    [
      'The hull is painted at once, and inspected every twenty-four (24) months by a diver.',
      'How often is the hull inspected?',
      'every twenty-four (24) months',
    ],
    [
      'The rent is restated to 1,133 crowns, the fee of the gate to 28,680 crowns.',
      'How much is the rent?',
      '1,133 crowns',
    ],
    ['The tenant may sublet the quay if:', 'May the tenant sublet the quay?', 'Yes, on conditions'],
    [
      'The lease is between Halse Brothers (the Tenant) and the Board.',
      'Who is the tenant of the lease?',
      'Halse Brothers',
    ],
  ])('of “%s”', (text, asked, headline) => {
    expect(evidenceOf(text, asked).headline).toBe(headline);
  });

  test('are cut at a word when a sentence is long', () => {
    const text = `The master of the vessel explains ${'the course and the weather and the state of the sea '.repeat(6)}to the board.`;
    const { headline } = evidenceOf(text, 'Explain what the master explains.');
    expect(headline.length).toBeLessThanOrEqual(162);
    expect(headline).toMatch(/ …$/);
  });
});

describe('the headline of a long sentence', () => {
  const text =
    'Differences are referred first to the engineer of the harbour, whose decision binds both sides until it is reviewed in the proper way; either side may within 42 days call for arbitration by an arbitrator sitting in Aldmere.';

  test.each([
    ['Where does the arbitrator of an arbitration sit?', /^… .*sitting in Aldmere\.$/],
    ['To whom are differences referred first?', /^Differences are referred first to the engineer/],
  ])('shows the clauses that are asked about: “%s”', (asked, shown) => {
    const { headline } = evidenceOf(text, asked);
    expect(headline).toMatch(shown);
    expect(headline.length).toBeLessThanOrEqual(165);
  });
});

describe('evidence', () => {
  test('with the words of the question outweighs what stands beside it', () => {
    const { best } = evidenceOf(
      'Boats are painted in spring. The quay is swept each day. Fog is rare.',
      'When is the quay swept?',
    );
    expect(best.text).toBe('The quay is swept each day.');
    expect(best.features.covered).toBeGreaterThan(0.9);
  });

  test('in an item counts the words that announce the list', () => {
    const { best } = evidenceOf(
      'The tenant shall pay to the board:\n(a) for each mooring, nine crowns;\n(b) for each lamp, four crowns.',
      'What must the tenant pay for each lamp?',
    );
    expect(best.text).toContain('lamp');
    expect(best.features.led).toBeGreaterThan(best.features.covered);
  });

  test('of another year than the one asked for has no period', () => {
    const { best } = evidenceOf(
      'The revenue of the company in 2019 was 300 crowns.',
      'What was the revenue of the company in 2021?',
    );
    expect(best.features.period).toBe(0);
    expect(
      evidenceOf('The revenue of the company in 2019 was 300 crowns.', 'What was the revenue in 2019?').best.features
        .period,
    ).toBe(1);
  });

  test('is the sum of its features by their weights', () => {
    const { best } = evidenceOf('The quay is swept each day.', 'When is the quay swept?');
    const names = Object.keys(WEIGHTS) as (keyof typeof WEIGHTS)[];
    const sum = names.reduce((all, name) => all + WEIGHTS[name] * best.features[name], 0);
    expect(weigh(best.features)).toBeCloseTo(sum, 9);
    expect(best.score).toBe(weigh(best.features));
  });
});
