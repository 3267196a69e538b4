import { CURRENCY_CODES, parseDigits, type Language } from '../../text';
import type { CellValue } from './types';

/** Unit and scale that stand over several cells: in a caption, a column head or a row label. */
export interface Measure {
  readonly unit: string | null;
  readonly scale: number | null;
  /** Labels that the measure does not hold for ("except per share data"). */
  readonly exempt: RegExp | null;
  /** True for "except where stated": counts and amounts a share are stated by their labels. */
  readonly stated: boolean;
}

const SCALES: readonly (readonly [RegExp, number])[] = [
  [/(?<!parts per )\bbillions?\b|\bmilliarden?\b|\bmrd\b|\bbn\b|十億/iu, 1e9],
  [/(?<!parts per )\bmillions?\b|\bmillionen\b|\bmio\b|\bmn\b|(?<=[$€£¥\d\s(])m\b(?!²|³)|百万/iu, 1e6],
  [/(?<!parts per )\bthousands?\b|\btausend\b|(?<![\d,.])['’‘]?\s?000s?\b|\bteur\b|\btsd\b|\bt€|千/iu, 1e3],
  [/万(?!円?台)/u, 1e4],
  [/\bhundreds\b/iu, 1e2],
];
/** What money is called, as alternatives of a pattern. */
export const MONEY = String.raw`crowns?|kronen?|dollars?|euros?|pounds?(?:\s+sterling)?|yen|francs?|marks?|kroner|kronor|rupees?|usd|eur|gbp|jpy|chf|sek|nok|dkk|cad|aud|teur|円|ユーロ|ドル|us\$|\$|€|£|¥`;
const MEASURES = String.raw`parts per (?:million|billion|thousand)|ppm|ppb|mmol|mol|µg|μg|millimet(?:re|er)s?|centimet(?:re|er)s?|kilomet(?:re|er)s?|(?:cubic|square) met(?:re|er)s?|kilograms?|grams?|mg|g|ml|mm|cm|km|metres?|meters?|nautical miles?|miles?|knots?|tonnes?|tons?|kg|kn|kpa|mpa|bar|litres?|kwh|mwh|kw|mw|hours?|days?|months?|years?|minutes?|seconds?|persons?|passengers?|employees|shares|pages?|gt|dwt|ha|hectares?|µm|μm|dm|ft|lbs?|gallons?|k?va|mva|gw|gwh|[km]v|[kmg]hz|nm|n|rpm|db(?:\(a\))?|psi|[kh]?pa|secs?|mins?|h|s|m²|m³|m2|m3|m|t|l|°c|degrees?|hz|v|a|時間|分|日間?|人|名`;
const UNIT = new RegExp(String.raw`([$€£¥円])|(?<![\p{L}\d])(${MONEY})(?![\p{L}])`, 'iu');
const MEASURE = new RegExp(
  String.raw`^(?:in\s+)?([µμ]?(?:${MEASURES})(?:\s?(?:/|per)\s?(?:${MEASURES}|h|s|week))*)$`,
  'iu',
);
const PART_OF_MONEY = new RegExp(
  String.raw`\b(hundredths?|tenths?|thousandths?)\s+of\s+an?\s+(${MONEY})(?![\p{L}])`,
  'iu',
);
const PERCENT = /[%％]|\bper\s?cent\b|\bpercent(?:age)?\b|\bprozent\b/iu;
const EXCEPT = /\b(?:except|other than|unless|save|außer)\b(?<what>.*)$/iu;
/** Where a scale is meant as one: "in thousands of crowns", "crowns thousand", "(€ million)", "$'000", "単位：千円". */
const SAYS_SCALE = new RegExp(
  String.raw`\b(?:in|amounts|figures|expressed|stated)\b.*|(?:${MONEY})\s*['’‘]?\s*(?:thousands?|millions?|billions?|000s?|m\b|mn\b|bn\b|mio|mrd|tsd)|(?:thousands?|millions?|billions?)(?:\s+of)?\s+(?:${MONEY})|^\W*(?:thousands?|millions?|billions?)\W*$|単位|[百千十]+[万億]?円|\(\s*(?:(?:${MONEY})\s*)?(?:thousands?|millions?|billions?|['’‘]?000s?)\s*\)|\bteur\b|\bt€|\b(?:mio|mrd|tsd)\b`,
  'iu',
);

const UNITS: Readonly<Record<string, string>> = {
  kronen: 'crown',
  krone: 'crown',
  $: 'dollar',
  us$: 'dollar',
  usd: 'dollar',
  '€': 'euro',
  eur: 'euro',
  teur: 'euro',
  ユーロ: 'euro',
  '£': 'pound',
  gbp: 'pound',
  'pounds sterling': 'pound',
  'pound sterling': 'pound',
  '¥': 'yen',
  jpy: 'yen',
  円: 'yen',
  ドル: 'dollar',
  h: 'hour',
  s: 'second',
  sec: 'second',
  min: 'minute',
  metre: 'm',
  meter: 'm',
  millimetre: 'mm',
  millimeter: 'mm',
  centimetre: 'cm',
  centimeter: 'cm',
  'cubic metre': 'm³',
  'cubic meter': 'm³',
  'square metre': 'm²',
  'square meter': 'm²',
  分: 'minute',
  時間: 'hour',
  日: 'day',
  日間: 'day',
  人: 'person',
  名: 'person',
  kilometre: 'km',
  kilometer: 'km',
  kilogram: 'kg',
  gram: 'g',
  'parts per million': 'ppm',
  'parts per billion': 'ppb',
};

/** One name for the spellings of a unit, in the singular: "euro" for "€", "EUR" and "euros". */
export function plainUnit(unit: string): string {
  const lower = unit.toLowerCase();
  const singular = lower.length > 3 && lower.endsWith('s') ? lower.slice(0, -1) : lower;
  return UNITS[lower] ?? UNITS[singular] ?? singular;
}

/** Words of a phrase that say what it does not hold for, as a pattern for labels; "per share" holds for every label with these words. */
function exemption(text: string): RegExp | null {
  const what = EXCEPT.exec(text)?.groups?.what;
  if (what === undefined) return null;
  const phrases = what
    .toLowerCase()
    .replace(/\b(?:otherwise|stated|where|indicated|noted|is|it|for|data|amounts?|figures?|information|as|if)\b/g, ' ')
    .split(/,|\band\b|\bor\b/)
    .map((phrase) =>
      phrase
        .replace(/[^\p{L}\s-]/gu, ' ')
        .trim()
        .replace(/s$/, ''),
    )
    .filter((phrase) => phrase.length > 2);
  if (phrases.length === 0) return null;
  const any = phrases.map((phrase) =>
    phrase
      .split(/\s+/)
      .map((word) => word.replace(/[.*+?^${}()|[\]\\]/g, ''))
      .join(String.raw`\s+`),
  );
  return new RegExp(String.raw`\b(?:${any.join('|')})`, 'iu');
}

/**
 * The unit and scale that a caption, head or label gives to the figures under it: "(in thousands of crowns, except per share data)", "Length (m)",
 * "€ million", "Change, per cent".
 */
export function measureOf(text: string): Measure {
  const scaled = SAYS_SCALE.test(text);
  const found = scaled ? SCALES.find(([pattern]) => pattern.test(text)) : undefined;
  const [money] = UNIT.exec(text) ?? [];
  const behind = [...text.matchAll(/[([（,;]\s*([^()[\]（）,;]{1,24})\s*(?=[)\]）,;]|$)/gu)].map((match) =>
    (match[1] as string).trim(),
  );
  const measure = behind.map((part) => MEASURE.exec(part)?.[1]).find((part) => part !== undefined);
  const inMeasure = /\b(?:in|of)\s+((?:cubic |square )?\p{L}+(?:\sper\s\p{L}+)?)\s*\)?$/u.exec(text)?.[1];
  const part = PART_OF_MONEY.exec(text);
  if (part !== null)
    return {
      unit: `${(part[1] as string).toLowerCase().replace(/s$/, '')} of a ${plainUnit(part[2] as string)}`,
      scale: 1,
      exempt: exemption(text),
      stated: EXCEPT.test(text),
    };
  const other = measure ?? (inMeasure !== undefined && MEASURE.test(inMeasure) ? inMeasure : undefined);
  const unit =
    PERCENT.test(text) && found === undefined
      ? '%'
      : other !== undefined
        ? plainUnit(other)
        : money === undefined
          ? null
          : plainUnit(money);
  const plainMoney =
    found === undefined &&
    money !== undefined &&
    /^\W*(?:all )?(?:amounts|figures|values) (?:are )?in \p{L}+\W*$|[([]\s*(?:in\s+|hundredths of an? )?[\p{L}$€£¥]+\s*[)\]]/iu.test(
      text,
    );
  return {
    unit,
    scale: found?.[1] ?? (unit === '%' || plainMoney || (other !== undefined && scaled === false) ? 1 : null),
    exempt: exemption(text),
    stated: EXCEPT.test(text),
  };
}

/** Columns whose figures point elsewhere or count rows, and measure nothing. */
const POINTER = /^(?:notes?|ref(?:erence)?s?|page|article|clause|item|no|nr|anhang)\.?$/i;
/** True for the head of a column that says where more is told, such as "Note". */
export function isPointer(head: string): boolean {
  return POINTER.test(head.trim());
}

/** Rows that count persons and things, which a measure of money "except where stated" does not hold for. */
const COUNTS =
  /\b(?:number of|headcount|staff numbers|employees|persons|people|members|customers|subscribers|passengers|patients|households|stores|branches|sites|ships|vessels|vehicles|aircraft|flights|journeys|trips|sailings|units sold|shares outstanding|days|hours)\b/i;

function isMoney(unit: string): boolean {
  return UNIT.test(unit);
}

/** A sign or code of currency beside a figure. */
export const SIGN = new RegExp(String.raw`[$€£¥]|US\$|\b(?:${CURRENCY_CODES})\b`);
/** Marks of footnotes behind a figure: "1,204 (1)", "28.4*", "12 a)", "5¹". */
const NOTE_MARK = /(?<=[\d)%–—-])(?:\s*(?:\(\d{1,2}\)|[*†‡§#]{1,3}|[¹²³⁰⁴-⁹]+|\[[a-z\d]{1,2}\])|\s+\(?[a-z]\))+$/u;
const NIL = /^(?:[$€£¥]\s*)?[-–—−‐－](?:\s*%)?$|^(?:nil|none)$/i;
const NUMBER =
  /^(?<open>\()?\s*(?<sign>[-−–+△▲])?\s*(?<digits>\d[\d.,'’\u00a0\u2009\u202f ]*\d|\d|[.,]\d+)\s*(?<close>\))?\s*(?<unit>.*)$/u;

/** A number as one language or another groups it, not both at once. */
const WRITTEN = /^(?:\d{1,3}(?:,\d{3})*(?:\.\d+)?|\d{1,3}(?:\.\d{3})*(?:,\d+)?|\d+(?:[.,]\d+)?)$/;

function plainDigits(digits: string, language: Language): string | null {
  const tight = digits.replace(/(?<=\d)['’\u00a0\u2009\u202f ](?=\d{3}(?!\d))/g, '');
  if (/[\s'’]/.test(tight)) return null;
  if (/^[.,]\d+$/.test(tight)) return `0.${tight.slice(1)}`;
  if (!WRITTEN.test(tight)) return null;
  return parseDigits(tight, language);
}

/**
 * A cell's text read as a number: parentheses and minus signs are negative, a dash is nil, marks of footnotes, signs of currency and units are set
 * apart. `value` is null for words, ranges and dates.
 */
export function cellValue(
  text: string,
  language: Language,
): { readonly value: number | null; readonly unit: string | null; readonly scale: number | null } {
  const none = { value: null, unit: null, scale: null };
  const flat = text.replace(/\s+/g, ' ').trim();
  if (NIL.test(flat.replace(NOTE_MARK, ''))) return { value: 0, unit: flat.includes('%') ? '%' : null, scale: null };
  const sign = SIGN.exec(flat)?.[0];
  const bare = flat
    .replace(SIGN, ' ')
    .replace(NOTE_MARK, '')
    .replace(/^\(\s+/, '(')
    .trim();
  const match = NUMBER.exec(bare);
  const groups = match?.groups;
  if (groups === undefined) return none;
  const digits = plainDigits(groups.digits as string, language);
  const rest = (groups.unit ?? '').replace(/^\)/, '').replace(NOTE_MARK, '').trim();
  if (digits === null || (rest !== '' && !isUnit(rest))) return none;
  const enclosed = groups.open !== undefined && (groups.close !== undefined || rest.endsWith(')'));
  if (groups.open !== undefined && !enclosed) return none;
  const negative = enclosed || /[-−–△▲]/.test(groups.sign ?? '');
  const said = rest.replace(/\)$/, '').trim();
  const scale = SCALES.find(([pattern]) => said !== '' && pattern.test(` ${said}`) && !MEASURE.test(said))?.[1] ?? null;
  const unit = PERCENT.test(said) ? '%' : sign !== undefined ? plainUnit(sign) : said === '' ? null : unitIn(said);
  return { value: negative ? -Number(digits) : Number(digits), unit, scale };
}

function isUnit(rest: string): boolean {
  const said = rest.replace(/\)$/, '').trim();
  if (said === '') return true;
  return (
    (PERCENT.test(said) && said.length < 12) ||
    MEASURE.test(said) ||
    unitIn(said) !== null ||
    /^(?:thousand|million|billion|m|mn|bn|k)$/i.test(said)
  );
}

function unitIn(said: string): string | null {
  const measure = MEASURE.exec(said)?.[1];
  if (measure !== undefined) return plainUnit(measure);
  const money = new RegExp(String.raw`^(?:thousand|million|billion|m|mn|bn|k)?\s*(?:of\s+)?(${MONEY})$`, 'iu').exec(
    said,
  )?.[1];
  return money === undefined ? null : plainUnit(money);
}

/**
 * A cell's value with the measure of what stands over it, nearest first (its own text, row label, column head, caption). A percentage is not scaled; nor is
 * what the caption excepts.
 */
export function measured(
  text: string,
  language: Language,
  over: { readonly row: string; readonly label: string; readonly column: string; readonly table: Measure },
): CellValue {
  const own = cellValue(text, language);
  const { table } = over;
  if (
    isPointer(over.column) ||
    (/^(?:19|20)\d{2}$/.test(text) && !/[,.]/.test(text) && /\b(?:year|built|since|date|from)\b/i.test(over.column))
  )
    return { value: own.value, unit: own.unit, scale: own.scale ?? 1 };
  const [row, column] = [measureOf(over.row), measureOf(over.column)];
  const unit = own.unit ?? row.unit ?? column.unit;
  const said = own.scale ?? row.scale ?? column.scale;
  const perShare = /\b(?:per|a) (?:ordinary |common )?share\b/i.test(`${over.row} ${over.column}`);
  const exempt =
    table.stated &&
    (perShare ||
      table.exempt?.test(`${over.label} ${over.column}`) === true ||
      (table.exempt === null && COUNTS.test(over.label)) ||
      (/share/i.test(table.exempt?.source ?? '') && /\bshares\b/i.test(over.label)));
  if (unit === '%' && own.unit !== null) return { value: own.value, unit, scale: 1 };
  if (unit === '%') return { value: own.value, unit, scale: said ?? 1 };
  if (said !== null) return { value: own.value, unit: unit ?? (row.scale === null ? table.unit : null), scale: said };
  if (exempt) return { value: own.value, unit: unit ?? (perShare ? table.unit : null), scale: 1 };
  // A unit of its own, other than the table's, is not counted in the table's scale.
  const other = unit !== null && unit !== table.unit && !isMoney(unit);
  return { value: own.value, unit: unit ?? table.unit, scale: other ? 1 : (table.scale ?? 1) };
}
