import { describe, expect, test } from '@jest/globals';
import { kindOf } from './kindOf';
import type { AnswerKind } from './types';

const GERMAN: readonly (readonly [string, AnswerKind])[] = [
  ['Was bekommt man, wenn man einspringt?', 'passage'],
  ['Wann muss der Betrieb eingestellt werden?', 'passage'],
  ['When does the tenant lose the deposit?', 'passage'],
  ['When does the lease end?', 'date'],
  ['What were the costs of the terminal?', 'amount'],
  ['What is the rate of premium?', 'percentage'],
  ['Which interest rate applies to late payment?', 'percentage'],
  ['At which rate is the surplus taxed?', 'percentage'],
  ['What is the base rate at present?', 'percentage'],
  ['What is the name of the administrator?', 'party'],
  ['Which discount rate card applies?', 'passage'],
  ['How many holidays are there?', 'duration'],
  ['How near must the chamber be?', 'number'],
  ['How many seconds does the pump run?', 'duration'],
  ['What current does the coil draw?', 'number'],
  ['At which frequency does the disc swing?', 'number'],
  ['At which frequency is the hull checked?', 'passage'],
  ['Wie rasch muss jemand kommen?', 'duration'],
  ['Was zahlen Mitglieder?', 'amount'],
  ['What diameter must the body have?', 'number'],
  ['When can the tenant first leave?', 'date'],
  ['Wie viele Wochen vorher muss gekündigt werden?', 'duration'],
  ['Welche Frist gilt für den Widerspruch?', 'duration'],
  ['In welchen Abständen wird gewartet?', 'duration'],
  ['Wie schnell muss der Aufzug repariert werden?', 'duration'],
  ['Wie schnell darf das Boot fahren?', 'number'],
  ['Wie früh muss man am Anleger sein?', 'duration'],
  ['Ab wie vielen Personen ist eine Genehmigung nötig?', 'number'],
  ['Wie lang ist die Brücke?', 'number'],
  ['Wie hoch ist der Mast?', 'number'],
  ['Wie hoch ist die Sicherheitsleistung?', 'amount'],
  ['Wie hoch sind die Verzugszinsen?', 'percentage'],
  ['Welcher Anteil entfällt auf Holz?', 'percentage'],
  ['Wie viel Prozent der Fahrten waren pünktlich?', 'percentage'],
  ['Wie viel darf man kostenlos mitnehmen?', 'amount'],
  ['Welche Strafe droht bei Verstößen?', 'amount'],
  ['Welche Oberfläche ist eingestellt?', 'passage'],
  ['Was verdient der Kapitän?', 'amount'],
  ['Bis zu welcher Höhe haftet die Reederei?', 'amount'],
  ['Bis zu welcher Höhe darf gestapelt werden?', 'number'],
  ['In welchem Monat ist die Prüfung?', 'date'],
  ['Wem gehört das Gebäude?', 'party'],
  ['Welche Behörde erteilt die Erlaubnis?', 'party'],
  ['Wie heißt der Kapitän?', 'party'],
  ['Wie heißt die Datei?', 'passage'],
  ['Was ist vor der Abfahrt zu prüfen?', 'passage'],
  ['Was ist eine Bergungsprämie?', 'definition'],
  ['Welche Unterlagen müssen eingereicht werden?', 'list'],
  ['Ist das Rauchen gestattet?', 'yes-no'],
  ['Wo wird der Streit entschieden?', 'place'],
];

const JAPANESE: readonly (readonly [string, AnswerKind])[] = [
  ['何秒押しますか。', 'duration'],
  ['修理にはどのくらいかかりますか。', 'duration'],
  ['どのくらいの頻度で点検しますか。', 'duration'],
  ['何番のチャンネルを使いますか。', 'number'],
  ['何歳から乗れますか。', 'number'],
  ['幅はどのくらいですか。', 'number'],
  ['何月に検査がありますか。', 'date'],
  ['創業は何年ですか。', 'date'],
  ['契約は何年ですか。', 'duration'],
  ['いつまでに届け出なければなりませんか。', 'date'],
  ['作ったのはどこですか。', 'party'],
  ['どの裁判所が管轄しますか。', 'party'],
  ['手数料は何割ですか。', 'percentage'],
  ['喫煙はできますか。', 'yes-no'],
];

const ENGLISH: readonly (readonly [string, AnswerKind])[] = [
  ['At what age do pilots stop working?', 'number'],
  ['How much longer may the work take?', 'duration'],
  ['How big is the grant?', 'amount'],
  ['What interest is charged on late payments?', 'percentage'],
  ['In which months is the quay closed?', 'date'],
  ['Was the rent paid?', 'yes-no'],
];

describe('the kind of answer', () => {
  test.each(GERMAN)('“%s” wants: %s', (question, kind) => {
    expect(kindOf(question)).toBe(kind);
  });

  test.each(JAPANESE)('“%s” wants: %s', (question, kind) => {
    expect(kindOf(question)).toBe(kind);
  });

  test.each(ENGLISH)('“%s” wants: %s', (question, kind) => {
    expect(kindOf(question)).toBe(kind);
  });
});

test.each([
  ['What is the term of the lease of South Basin 9?', 'duration'],
  ['What was the initial term of this agreement?', 'duration'],
  ['What is the meaning of the term “Term”?', 'definition'],
] as const)('“%s” asks for a %s', (question, kind) => {
  expect(kindOf(question)).toBe(kind);
});
