import { describe, expect, test } from '@jest/globals';
import { lacksTellingWords } from './tellingWords';

describe('how something came about', () => {
  test.each([
    [
      'When was the brewery founded?',
      'The brewery was set up in 1911.',
      'We brewed 900 hectolitres more than in 2023.',
    ],
    ['In which year was the pier built?', 'The pier dates from 1921.', 'The pier was repaired in 2021.'],
    [
      'Who built the tug?',
      'She comes from the yard of Corran.',
      'The winch brake slipped, and Corran replaced the lining.',
    ],
    ['Who owns the boatyard?', 'The yard belongs to the Pellow family.', 'The Tenant has paid 13,000 crowns.'],
    ['Wer hat das Boot gebaut?', 'Der Hersteller ist die Bootswerft Lindhorst.', 'Das Boot hat acht Sitze.'],
    ['What colour are the slings?', 'The slings are blue.', 'The slings are placed at the marks.'],
    ['In welcher Farbe ist das Schiff gestrichen?', 'Der Rumpf ist weiß.', 'Die Rampe trägt 12 Tonnen.'],
    ['何色から選べますか。', '本体は黒色である。', '保証期間は3年間とする。'],
    [
      'What is the address of the agent?',
      'The agent sits at 4 Mill Lane.',
      'The agent is appointed from 15 January 2024.',
    ],
    ['Where is the pump made?', 'The pump is made at Corran.', 'The pump shakes when its bolts are loose.'],
    ['How deep is the basin?', 'The basin has a depth of 6 metres.', 'Boats of up to 8 metres lie in the basin.'],
    ['How many boats does the club own?', 'The club has six boats.', 'Races were sailed with 19 boats on average.'],
    ['In which town are the copies kept?', 'The copies lie in Corran.', 'The copies lie in another town.'],
    ['How heavy is the crane?', 'The crane weighs 31 tonnes.', 'The crane lifts 9 tonnes at 12 metres.'],
    ['How old is the crane?', 'The crane was built in 2009.', 'Somebody who is twenty-one years old may drive it.'],
    ['What does a pilot earn?', 'A pilot earns 410 crowns.', 'A ship that keeps the pilot waiting owes 95 crowns.'],
    ['Who makes the machine?', 'Corran Marine makes the machine.', 'The FI-400 makes flake ice.'],
    ['Which language must pilots speak?', 'Pilots speak English on the bridge.', 'Before that the pilot is heard.'],
    ['What is the colour of the fuel?', 'The fuel is dyed red.', 'Tax is not charged on fuel.'],
    ['Welches Recht gilt?', 'Es gilt deutsches Recht.', 'Der Lagerhalter hat ein Recht am Gut.'],
    ['Which law governs the licence?', 'It is governed by the law of Aldmere.', 'They heed the law on privacy.'],
    ['On which channel is the pilot called?', 'Pilots listen on channel 12.', 'The pilot is called by 2 of the crew.'],
    ['On which channel are tugs called?', 'Tugs are called on channel 12.', 'A tug is ordered by radio.'],
    ['Which programming language is it written in?', 'It is written in C++.', 'The Provider keeps the data readable.'],
    ['Which language is the program written in?', 'It was made in Python.', 'The manual is in English.'],
    ['In which unit are the margins given?', 'They are set in millimetres.', 'The margins are set by four variables.'],
    ['Which operating systems are supported?', 'The program runs on Linux.', 'We answer the telephone until six.'],
    ['What credit rating do the notes have?', 'The notes are rated BB+.', 'The bank acts as Agent.'],
    [
      'On which exchange are the notes listed?',
      'They are admitted to trading at Aldmere.',
      'The Issuer may repay them.',
    ],
    ['In which city is the project registered?', 'It was entered in Corran.', 'The term of office is one year.'],
    [
      'What is the market share?',
      'It holds a fifth of the market.',
      'It sold 6.1 per cent fewer than the year before.',
    ],
    ['Which court decides?', 'The Port Court decides.', 'The Board is answerable for damage.'],
    ['Wo liegt das Fundbüro?', 'Das Fundbüro ist am Markt.', 'Das Fundbüro beschäftigte drei Mitarbeiter.'],
    ['Who supplies the paint?', 'Paint is delivered by Corran.', 'The coat of paint is 320 micrometres thick.'],
    ['Who won the regatta?', 'Corran came first.', 'The regatta drew 1,150 spectators.'],
    ['Who makes the radar?', 'The maker is Corran Marine.', 'Make sure that nobody stands beside the radar.'],
    ['創業は何年ですか。', '当社は1950年に創業した。', '2025年に新港店を開いた。'],
  ])('%s', (asked, told, untold) => {
    expect(lacksTellingWords(asked, told)).toBe(false);
    expect(lacksTellingWords(asked, untold)).toBe(true);
  });

  test.each([['When was the fee paid?'], ['Who pays the valuer?'], ['When was the report built upon?']])(
    'is not what is asked by “%s”',
    (asked) => {
      expect(lacksTellingWords(asked, 'Nothing of the kind.')).toBe(false);
    },
  );
});
