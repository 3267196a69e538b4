import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from './ask';
import type { Answer } from './types';

const HANDBOOK = [
  'Handbook of the boat hall',
  '',
  'The hall stands at 19 Quay Street and has 640 square metres. It is heated to 17 degrees in winter. The keeper may enter on two days’ notice.',
  '',
  'The fee for a place is 240 crowns a year. The fee for a place may rise by up to 3 per cent each year.',
  '',
  'The keeper checks the hoses every three months. Faults of the hoses are mended within nine days.',
  '',
  'On busy days 86 visitors are in the hall. The hall has four doors. Dogs are not let into the hall.',
  '',
  'Nobody was hurt when the roof of the hall gave way on 3 May 2024. The keeper opens the hall.',
  '',
  'At the meeting of the hall the members numbered 41, after 38 the year before.',
].join('\n');

const library = libraryOfTexts({ Handbook: HANDBOOK });
const ask = (question: string): Answer => askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });

describe('what answers a question', () => {
  test('of size is no number of a house, and no time', () => {
    expect(ask('How large is the hall?').headline).toContain('640');
    expect(ask('How warm is the hall in winter?').headline).toContain('17');
  });

  test('of how often is how often, not how soon', () => {
    expect(ask('How often are the hoses checked?').headline).toContain('every three months');
  });

  test('of how much something may go up is the step', () => {
    expect(ask('How much can the fee for a place go up each year?').headline).toContain('3 per cent');
  });

  test('of how many people is a number of them', () => {
    expect(ask('How many people are in the hall on busy days?').headline).toContain('86');
    expect(ask('How many people were at the meeting of the hall?').headline).toContain('41');
  });

  test('of what there is must be known to the document', () => {
    expect(ask('Are bicycles allowed in the hall?').found).toBe(false);
    expect(ask('Are dogs allowed in the hall?').found).toBe(true);
    expect(ask('Is there a sauna in the hall?').found).toBe(false);
  });

  test('of a figure is none where nothing is known of the thing', () => {
    expect(ask('What is the smallest metacentric height?').found).toBe(false);
  });

  test('of a figure is the sentence that has one, though another says more of its words', () => {
    const boats =
      'Boats\n\nA small boat may not sail above the weir, at whatever speed of the wind. Small boats stay in port when it exceeds 14 metres per second.';
    const rules = libraryOfTexts({ Boats: boats });
    const question = 'Above which wind speed may a small boat not sail?';
    expect(askBuiltIn(question, rules.sources(), rules.quotes, { now: () => 0 }).headline).toContain('14');
  });

  test('of a quantity is the figure told in its units, not the first of its sentence', () => {
    const text =
      'Engine\n\nThe engine is a six-cylinder diesel of 1,180 kilowatts, built in 2009, in a house of 4 rooms and 90 square metres.';
    const engine = libraryOfTexts({ Engine: text });
    const say = (question: string) => askBuiltIn(question, engine.sources(), engine.quotes, { now: () => 0 }).headline;
    expect(say('How powerful is the engine?')).toContain('1,180');
    expect(say('How large is the house of the engine?')).toContain('90');
  });

  test('of what is covered must be known to the document', () => {
    expect(ask('Are fireworks covered?').found).toBe(false);
  });

  test('of the hour is an hour', () => {
    expect(ask('At what times does the keeper open the hall?').found).toBe(false);
  });

  test('of yes or no is no where nobody did', () => {
    expect(ask('Was anybody hurt when the roof of the hall gave way?').headline).toMatch(/^No/);
  });

  test('of members is a number of persons, of women is none', () => {
    const rules = libraryOfTexts({
      Rules: 'Rules\n\nThe committee consists of seven persons. The committee meets in May.',
    });
    const answer = (question: string): Answer => askBuiltIn(question, rules.sources(), rules.quotes, { now: () => 0 });
    expect(answer('How many members sit on the committee?').headline).toContain('seven');
    expect(answer('How many women sit on the committee?').headline ?? '').not.toContain('seven');
  });

  test('of who did something is a company by name before another noun, in German too', () => {
    const report = libraryOfTexts({
      Bericht: 'Bericht\n\nDer Bau der Mauer beginnt im Juni. Den Bau der Mauer übernimmt die Tiefbau Hansen GmbH.',
    });
    const answer = askBuiltIn('Wer übernimmt den Bau der Mauer?', report.sources(), report.quotes, { now: () => 0 });
    expect(answer.claims[0]?.text).toContain('Hansen GmbH');
  });

  test('of why is the sentence with the reason in Japanese, and the one behind what came about', () => {
    const report = libraryOfTexts(
      { 報告: '報告\n\n売上高は増加した。増収の主な理由は、新しい網の需要が伸びたことである。' },
      'ja',
    );
    const why = askBuiltIn('売上が増えたのはなぜですか。', report.sources(), report.quotes, { now: () => 0 });
    expect(why.headline).toContain('網');
    const survey = libraryOfTexts({
      Survey:
        'Survey\n\nThe yacht Siskin broke loose in November. The swivel was upside down, so that its grease ran out.',
    });
    const loose = askBuiltIn('Why did the yacht Siskin break loose?', survey.sources(), survey.quotes, {
      now: () => 0,
    });
    expect(loose.claims[0]?.text).toContain('swivel');
  });

  test('of how much is expected is what is expected', () => {
    const filing = libraryOfTexts({
      Filing:
        'Filing\n\nRevenue of the year was 40 million crowns. For the next year revenue of 44 million crowns is expected.',
    });
    const answer = (question: string): Answer =>
      askBuiltIn(question, filing.sources(), filing.quotes, { now: () => 0 });
    expect(answer('What revenue is expected for the next year?').headline).toContain('44');
    expect(answer('What was revenue?').headline).toContain('40');
  });
});
