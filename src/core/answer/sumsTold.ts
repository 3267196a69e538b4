import { CURRENCIES, type Language, type Range } from '../text';
import { measuredNumbers, ranges, UNITS_OF_TIME } from './measuredNumbers';
import { quantityAsked, unitBehind } from './quantities';
import type { Question } from './question';

/** Nothing to pay. */
const FREE =
  /\b(?:free of (?:any )?charge|(?<=\b(?:is|are|travels?) )free\b|without charge|at no (?:charge|cost)|no (?:fee|charge|cost|rent)s? (?:is|are) (?:payable|due|charged)|without (?:payment|paying(?: (?:an?|any) (?:fee|charge|rent))?)|(?:pays?|paying|charg(?:es?|ing)|costs?) nothing|kostenlos|kostenfrei|gebührenfrei|unentgeltlich|umsonst|(?<=\b(?:ist|sind|reisen|fahren|bleibt|bleiben) )frei\b)|無料|無償/gi;
/** Parts of a whole in words. */
const PARTS = String.raw`(?:an?|one|two|three|four|five|seven|nine) (?:half|halves|thirds?|quarters?|fifths?|sixths?|eighths?|tenths?|twentieths?)`;
/** A sum told as a part or a number of others: "a tenth of the premium", "3か月分". */
const PART_OF_SUM = new RegExp(
  String.raw`\b(?:${PARTS}|half|twice|double|three times)(?= (?:less|more|fewer|lower|higher|cheaper|dearer|of (?!(?:the |its |their |all )?(?:members|votes|holders|owners|shareholders|people|persons|crew|staff|seats|time|length)\b)|the |an? |its |their ))|\b(?:one|two|three|four|six|nine|twelve) (?:half-?)?(?:years?|months?|weeks?|quarters?)['’]s? (?:\p{L}+ ){0,2}?(?:pay|rent|salary|wages|commission|premiums?|fees?|hire|invoices)\b|\bthe (?:fees?|charges|price|sums?|premiums?|rent|remuneration)(?: paid| payable)? (?:of|for|in|during) the (?:preceding|last|previous|past) (?:\p{L}+ )?(?:year|month)s?\b|(?<=\bpays? )half\b|(?<=\bby )(?:an? |one |two )?(?:half|halves|thirds?|quarters?|fifths?|tenths?)\b|\b(?:die Hälfte|das Doppelte|das Dreifache|de[nmr] (?:doppelte|halbe|dreifache|volle)n? (?:preis|betrag|satz|lohn|miete|gebühr)\w*|(?:ein|zwei|drei|vier) (?:drittel|viertel|fünftel|zehntel))\b|(?:[\d,.]+|[一二三四五六十]+)(?:か月|ヶ月|カ月|日|年|週間)分|半額|全額`,
  'giu',
);
/** A share of a sum that is paid, kept or owed, in figures: "20 per cent is paid", "holds back 5 per cent", "代金の3割"; interest is none. */
const SHARE_OF_SUM =
  /(?<=\b(?:holds?|held|holding|keeps?|kept|retains?|retained|withholds?|deducts?|owes?|pays?|paid|deposits?|receives?|refunds?|returns?|credits?|advances?)(?: back)? (?:(?:not )?(?:more than|at least|at most|up to|another|a further) )?)\d[\d.,]*\s?(?:per ?cent|%)(?! (?:interest|an? (?:year|month)|per annum|more|less))|\d[\d.,]*\s?(?:per ?cent|%)(?=\)? (?:of (?:the |an? |its |each |every |all |this |that |their )?(?:[\w-]+ ){0,2}?(?:price|sum|amount|fee|rent|charge|value|invoices?|premium|cost|hire|payment|total|remuneration|charge|deposit|salary|wages?|pay|contract|order|turnover|fare|what)s?\b|(?:is|are|was|were|must be|shall be|will be|falls?) (?:\p{L}+ )?(?:paid|due|payable|held|kept|retained|withheld|owed|refunded|repaid|returned|deducted|charged|credited)))|(?<=(?:代金|料金|金額|賃料|費用|報酬|価格|額|料)の)[\d.]+(?:割|パーセント|％|%)|\d[\d.,]*\s?(?:Prozent|v\. ?H\.|%)(?= (?:de[rs] (?:\p{L}+ )?\p{L}*(?:[Pp]reis|[Ss]umme|[Mm]iete|[Vv]ergütung|[Bb]etrag|[Ww]ert|[Ll]ohn|[Gg]ebühr|[Kk]osten|[Pp]auschale|[Rr]echnung|[Ee]ntgelt)))/giu;
/** Asks what is paid, kept or owed, which is often told as a share of a sum. */
const ASKS_PAID =
  /\b(?:how much|what)\b.*\b(?:paid|pays?|owed?|owes|due|retain(?:ed|s)?|withh(?:eld|olds?)|held back|kept|keeps?|deducted|refunded|repaid|returned|advance|up ?front|deposit|forfeit(?:ed|s)?|back|costs?|charged?)\b|\b(?:wie ?viel|was)\b.*(?:zahl|schulde|einbehalt|erstatt|fällig|kost)|いくら/iu;
/** Tenths, as Japanese counts shares. */
const TENTHS = /[\d一二三四五六七八九]割(?:[\d一二三四五六七八九]分)?/gu;
/** A share told by counting: "seven sailings in every hundred", "one in ten", "jeder Zehnte". */
const COUNTED_SHARE =
  /\b(?:\d+|an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)(?: \p{L}+)? (?:in|out of|of) (?:every |each |an? )?(?:hundred|thousand|ten|twenty|three|four|five|six|seven|eight|\d+)(?! (?:days?|weeks?|months?|years?|hours?|minutes?))(?!\p{L}|[.,]?\d)|\bjede[rs]? (?:zweite|dritte|vierte|fünfte|sechste|achte|zehnte|zwanzigste|hundertste)(?!\p{L})|\b(?:ein|zwei|drei|vier|fünf|sechs|sieben|acht|neun|zehn) von (?:drei|vier|fünf|zehn|zwanzig|hundert)(?!\p{L})/giu;
/** A share told as a fraction: "two thirds", "die Hälfte". */
export const FRACTION = new RegExp(
  String.raw`\b${PARTS}\b|\bhalf(?= (?:of|the|an?|its|their)\b)|(?<!\p{L})(?:die hälfte|(?:ein|zwei|drei|vier) (?:drittel|viertel|fünftel|achtel|zehntel)s?)(?!\p{L})|[一二三四五六七八九十\d]+分の[一二三四五六七八九十\d]+|半分`,
  'giu',
);
/** A step told as a factor. */
const MULTIPLIED = /\b(?:doubled|halved|trebled|verdoppelt|halbiert|verdreifacht)\b/gi;
/** Asks for the size of a step, which may be a share: "by how much", "how much less", "how much can the fee go up". */
const BY_HOW_MUCH =
  /\bby how much\b|\bhow much (?:less|more|fewer|larger|smaller|bigger|higher|lower|longer|shorter|dearer|cheaper|faster|slower|deeper|shallower|wider|narrower|heavier|lighter|older|younger|earlier|later|further|greater|better|worse)\b|\bhow much .{2,60}\b(?:rise|rises|rose|risen|go up|goes up|went up|go down|went down|increased?|decreased?|fall|fell|fallen|grow|grew|grown|drop|dropped|change|changed)\b|\bhow much .{2,60}\b(?:saved?|saves|given back|refunded|credited)\b|\bum wie ?viel\b|いくら(?:上|下|増|減|高く|安く)/i;
/** Asks for a sum that is often told as a share of another. */
const ASKS_SHARE =
  /\bhow much (?:extra|on top|in addition)\b|\bwhat (?:is|are) charged on\b|\bhow (?:high|large|much|big) (?:is|are|was|were) (?:the |an? |its |their )?(?:[\w-]+ ){0,2}?(?:fee|commission|royalty|premium|duty|levy|retention|contribution|bonus|discount|rebate|surcharge|supplement|increase)\b|\bwhat (?:is|are|was|were|must be|will be) (?:refunded|reimbursed|credited|deducted|withheld|given back)\b|\bhow much of (?:the|its|their|this|each|an?)\b|\b(?:what|which)(?: (?:is|was) (?:the|its))? (?:[\w-]+ )?(?:bonus|discount|rebate|reduction|surcharge|supplement|increase|commission|extra)\b|\bwie hoch (?:ist|sind|war|waren) .{0,30}(?:zuschlag|aufschlag|rabatt|nachlass|ermäßigung|abzug|bonus|provision)(?!\p{L})|\bwelche[nr]? (?:\p{L}+ )?(?:zuschlag|rabatt|nachlass|bonus|ermäßigung)(?!\p{L})|\bhow much (?:of a )?(?:discount|rebate|reduction)\b|\bwie ?viel(?: prozent)? (?:skonto|rabatt|nachlass|ermäßigung)(?!\p{L})/iu;
/** Asks what is to be paid, rather than for a number of anything. */
const ASKS_MONEY =
  /\bhow much (?:is|are|was|were) (?:an?|one|each)\b|\b(?:money|invest(?:ed|ment)?|revenue|turnover|profit|surplus|sales|income|tak(?:e|es|ings)|tax(?:es)?|owed?|worth|valued|expenditure|remuneration|borrow(?:ed|ings)|debts?|loans?|claimed|pay|pays|paid|payable|payment|costs?|prices?|priced|fees?|fares?|charged?|charges|rent|salary|wages?|fined?|penalty|deposit|dividend|compensat\w+|owed?|earn(?:s|ed)?|spen[dt]|sold|bought|brought in|premium|cover|insurance|grant|loan|prize|award|pension|dues|(?:what|which) (?:sum|amount)|insured|miete|(?:ge)?koste\w*|preis|gebühr|zahlen|bezahlen|bußgeld|verdien\w*|bezahlt|gezahlt|ausgegeben|eingenommen|gekostet|\w*(?:beitrag|gebühr|preis|kosten|miete|lohn|gehalt|entgelt|strafe|vergütung))\b|賃料|家賃|料金|価格|費用|金額|いくら|時給|給料/i;

/** Asks for a time, though of what is paid: "the time for payment". */
const OF_TIME =
  /\b(?:days?|weeks?|months?|years?|time|period|term|notice|how long)\b|frist|dauer|(?<!\p{L})(?:tage?n?|zeit|lange)(?!\p{L})|期|何日/iu;

/** True for a question that speaks of money, and of no time for it. */
export function namesMoney(text: string): boolean {
  return ASKS_MONEY.test(text) && !OF_TIME.test(text);
}

/** True for a question that asks for a sum of money. */
export function asksMoney({ kind, text }: Pick<Question, 'kind' | 'text'>): boolean {
  return (
    kind === 'amount' &&
    ASKS_MONEY.test(text) &&
    !BY_HOW_MUCH.test(text) &&
    !ASKS_SHARE.test(text) &&
    quantityAsked(text) === null
  );
}

const SAYS_CURRENCY = new RegExp(String.raw`[$€£¥]|(?<!\p{Script=Latin})(?:${CURRENCIES})(?!\p{Script=Latin})`, 'iu');
const IS_CURRENCY = new RegExp(`^(?:[$€£¥]|${CURRENCIES})$`, 'iu');

/** True for words that say a sum of money, "two hundred crowns", or that there is nothing to pay. */
export function saysMoney(text: string): boolean {
  return text.search(FREE) >= 0 || text.search(PART_OF_SUM) >= 0 || SAYS_CURRENCY.test(text);
}

/** True for a figure of a text that is a share of a sum which is paid, kept or owed. */
export function saysShareOfSum(text: string, { start, end }: Range): boolean {
  return ranges(text, SHARE_OF_SUM).some((share) => share.start <= start && end <= share.end);
}

/** A figure in millions that no word behind it says to count something: "a deficit of 1.9 million after", "fees brought 6.4 million". */
const IN_MILLIONS = /(?:million|billion|millionen|milliarden?|mio\.?|mrd\.?)$/iu;
const COUNTS_NOTHING =
  /^\s*(?:[.,;:)(–—]|$|(?:of (?:this|that|it|which)|in|on|at|from|to|after|before|against|for|and|or|which|as|because|through|by|was|were|is|are|has|had|a year|a month|per|than|less|more|higher|lower|early|earlier|ist|sind|war|waren|auf|aus|für|im|gegen|und|oder|nach|betrug\w*|belief\w*)(?!\p{L}))/iu;

/** True for a figure in millions with no unit and nothing counted, which is a sum of money in a report. */
export function saysMillions(text: string, { start, end }: Range): boolean {
  return IN_MILLIONS.test(text.slice(start, end)) && COUNTS_NOTHING.test(text.slice(end));
}

/** True for a text that tells no sum but that there is nothing to pay. */
export function saysFree(text: string): boolean {
  return text.search(FREE) >= 0 && !saysMoney(text.replace(FREE, ' '));
}

/** Units of how often and of how many, which 「いくら」 does not ask for: 「1回につき6,000円」. */
const COUNTS_IN_JAPANESE = /^(?:time|person|case|company|vessel)$/;

/** True for a unit that is a currency. */
export function isMoney(unit: string): boolean {
  return IS_CURRENCY.test(unit);
}

/** What the figures of the quantity asked for are told in; null where its words tell none, and where it is asked by how much, which a share may answer. */
export function quantityOf({ kind, text }: Pick<Question, 'kind' | 'text'>): RegExp | null {
  return ['number', 'amount'].includes(kind) && !BY_HOW_MUCH.test(text) ? quantityAsked(text) : null;
}

/** Asks how much of a thing there is. */
const OF_A_THING =
  /^(?:by |in |up to )?(?:how much|wie ?viel) (?!(?:is|are|was|were|does|do|did|has|have|must|may|can|ist|sind|war|waren|hat|muss|darf|kann|kostet)(?!\p{L}))\p{L}+/iu;

/** Sums that a text tells, or shares and steps where those are asked for. */
export function sumsTold(text: string, asked: string, language: Language): Range[] {
  const sums = measuredNumbers(text, language).filter(
    ({ unit, value, start, end }) =>
      (unit !== '%' || BY_HOW_MUCH.test(asked) || ASKS_SHARE.test(asked)) &&
      (unit === null || !UNITS_OF_TIME.test(unit) || (BY_HOW_MUCH.test(asked) && !namesMoney(asked))) &&
      (unit !== null || !/^(?:19|20)\d{2}$/.test(value)) &&
      (unit !== null || !/\b(?:age of|aged|ages of|older than|younger than) $/i.test(text.slice(0, start))) &&
      // "For each square metre": what is measured is not what is paid.
      (unit !== null || !namesMoney(asked) || unitBehind(text, end) === '') &&
      (language !== 'ja' || unit === null || !COUNTS_IN_JAPANESE.test(unit)),
  );
  if (ASKS_SHARE.test(asked)) return [...sums, ...ranges(text, PART_OF_SUM)];
  if (BY_HOW_MUCH.test(asked)) {
    // What would move tells nothing of what did.
    if (
      /\b(?:did|was|were|has|have)\b/i.test(asked) &&
      /\b(?:higher|lower|more|less|ris(?:e|ing)|fall(?:ing)?|increase|decrease)\b.*\bwould\b/i.test(text)
    )
      return [];
    const steps = [...sums, ...ranges(text, PART_OF_SUM), ...ranges(text, MULTIPLIED)];
    const told = steps.filter(({ start }) => /\b(?:by|um) (?:\p{L}+ )?$/iu.test(text.slice(0, start)));
    const moved = told.length > 0 ? told : steps;
    // "Seven cases, which came to 18,400 crowns": how much is no number of cases.
    const measured = moved.filter((one) => !('unit' in one) || one.unit !== null);
    return /\bhow much\b|\bwie ?viel\b/i.test(asked) && measured.length > 0 ? measured : moved;
  }
  const shares = ASKS_PAID.test(asked) ? ranges(text, SHARE_OF_SUM) : [];
  const parts = [...ranges(text, PART_OF_SUM), ...shares];
  // "Deposit: one half-year’s rent": the one is none.
  if (sums.length > 0 && (parts.length === 0 || sums.some(({ unit }) => unit !== null && isMoney(unit)))) return sums;
  const told = [ranges(text, FREE), parts].find((one) => one.length > 0);
  // How much of a thing, other than money, a share tells too: "losses of up to 0.25 %".
  return (
    told ??
    (!OF_A_THING.test(asked) || namesMoney(asked)
      ? []
      : measuredNumbers(text, language).filter(({ unit }) => unit === '%'))
  );
}

/** Shares that a text tells. */
export function sharesTold(text: string, language: Language): Range[] {
  const told = [
    ...measuredNumbers(text, language).filter(({ unit }) => unit === '%' || /\bpoint$/.test(unit ?? '')),
    ...ranges(text, TENTHS),
  ];
  return told.length > 0 ? told : [...ranges(text, COUNTED_SHARE), ...ranges(text, FRACTION)];
}
