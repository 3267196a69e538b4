import type { Language } from '../text';

/** Units that are counted in the plural; yen and signs of measure are not. */
const COUNTED =
  /^(?:crown|dollar|euro|pound|franc|mark|day|hour|month|year|minute|second|person|passenger|page|share|week|journey|tonne|ton|metre|litre|kilogram|mile|knot|vessel|sailing|employee|cent|basis point|percentage point)$/;
type Scales = Readonly<Record<number, string>>;

/** Words for powers of ten. */
export const SCALES: Scales = { 1000: 'thousand', 1_000_000: 'million', 1_000_000_000: 'billion' };
const GERMAN_SCALES: Scales = { 1000: 'Tausend', 1_000_000: 'Millionen', 1_000_000_000: 'Milliarden' };
const JAPANESE_SCALES: Scales = {
  1000: '千',
  10_000: '万',
  1_000_000: '百万',
  100_000_000: '億',
  1_000_000_000: '十億',
};
/** Units in German, one and many, and in Japanese; what is missing is written as it is in English. */
const GERMAN_UNITS: Readonly<Record<string, readonly [one: string, many: string]>> = {
  crown: ['Krone', 'Kronen'],
  euro: ['Euro', 'Euro'],
  day: ['Tag', 'Tage'],
  hour: ['Stunde', 'Stunden'],
  minute: ['Minute', 'Minuten'],
  week: ['Woche', 'Wochen'],
  month: ['Monat', 'Monate'],
  year: ['Jahr', 'Jahre'],
  person: ['Person', 'Personen'],
  passenger: ['Fahrgast', 'Fahrgäste'],
  journey: ['Fahrt', 'Fahrten'],
  page: ['Seite', 'Seiten'],
  share: ['Aktie', 'Aktien'],
  tonne: ['Tonne', 'Tonnen'],
  metre: ['Meter', 'Meter'],
  'percentage point': ['Prozentpunkt', 'Prozentpunkte'],
  vessel: ['Schiff', 'Schiffe'],
  sailing: ['Abfahrt', 'Abfahrten'],
  employee: ['Beschäftigter', 'Beschäftigte'],
  second: ['Sekunde', 'Sekunden'],
  litre: ['Liter', 'Liter'],
  kilometre: ['Kilometer', 'Kilometer'],
  kilogram: ['Kilogramm', 'Kilogramm'],
};
const JAPANESE_UNITS: Readonly<Record<string, string>> = {
  yen: '円',
  crown: 'クラウン',
  day: '日',
  hour: '時間',
  minute: '分',
  week: '週間',
  month: 'か月',
  year: '年',
  person: '人',
  passenger: '人',
  page: 'ページ',
  share: '株',
  vessel: '隻',
  company: '社',
  case: '件',
  time: '回',
  second: '秒',
  tonne: 'トン',
  m: 'メートル',
  'nautical mile': '海里',
  kwh: 'キロワット時',
  litre: 'リットル',
  dollar: 'ドル',
  euro: 'ユーロ',
  'percentage point': 'ポイント',
};

/** A unit and scale behind a number: "thousand crowns", "%", "days"; in German and Japanese too, for the units that are known there. */
export function measureWords(unit: string | null, scale: number, many: boolean, language: Language = 'en'): string {
  if (language === 'ja') return `${JAPANESE_SCALES[scale] ?? ''}${unit === null ? '' : (JAPANESE_UNITS[unit] ?? unit)}`;
  if (language === 'de') {
    const named = unit === null ? '' : (GERMAN_UNITS[unit]?.[many || scale > 1 ? 1 : 0] ?? unit);
    return [GERMAN_SCALES[scale] ?? '', named].filter(Boolean).join(' ');
  }
  const words = [scale === 1 ? '' : (SCALES[scale] ?? `× ${scale}`)];
  const plural = unit?.replace(/^(hundredth|tenth|thousandth)(?= of )/, '$1s') ?? null;
  if (unit !== null) words.push(!many ? unit : COUNTED.test(unit) ? `${unit}s` : (plural ?? unit));
  return words.filter((word) => word !== '').join(' ');
}
