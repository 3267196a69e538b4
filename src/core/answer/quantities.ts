import type { Range } from '../text';

/** A quantity that is measured: the words that ask for it, and what its figures are told in. */
interface Quantity {
  readonly asked: RegExp;
  readonly told: RegExp;
  /** False where its words name what is measured as well: litres say nothing of water. */
  readonly own: boolean;
}

const LENGTH_UNIT = String.raw`(?:kilo|centi|milli|micro|deci)?met(?:re|er)s?|metern?|(?:kilo|zenti|milli|mikro)metern?|[kcdmµ]?m|feet|foot|inch(?:es)?|(?:nautical )?miles?|yards?|seemeilen?|fuß|zoll|(?:キロ|センチ|ミリ)?メートル|キロ|センチ|ミリ|海里`;
/** What stands behind a length that is gone in some time: a speed. */
const IN_A_TIME = String.raw` ?\/ ?(?:s|h|min)\b| (?:an?|per|each) (?:second|minute|hour)| (?:in der|pro|je) (?:sekunde|minute|stunde)`;
const LENGTH = `(?:${LENGTH_UNIT})(?!${IN_A_TIME})`;
const AREA = String.raw`(?:square|sq\.?) ?(?:[a-z]+)|m²|km²|hectares?|acres?|quadratmetern?|quadratkilometern?|hektar|平方メートル|㎡|ヘクタール|坪`;
const MASS = String.raw`(?:kilo|milli)?gram(?:me)?s?|gramm|kilogramm|kg|g|mg|tonnes?|tons?|tonnen|pounds?|lbs?|kilos?|pfund|zentner|キログラム|キロ|グラム|トン`;
const SPEED = String.raw`knots?|knoten|km/h|kph|mph|m/s|(?:kilo)?met(?:re|er)s? (?:an?|per) (?:hour|second|minute|day)|miles (?:an?|per) hour|(?:kilo)?metern? (?:pro|in der|je) (?:stunde|sekunde|minute)|stundenkilometern?|ノット|キロ(?:メートル)?|メートル`;
const VOLUME = String.raw`(?:hecto|milli|centi)?lit(?:re|er)s?|(?:hekto)?litern?|[hm]?l|cubic (?:centi)?met(?:re|er)s?|kubikmetern?|m³|gallons?|barrels?|リットル|立方メートル|トン`;
const HEAT = String.raw`degrees?|grad|°\s?[cfk]?|kelvin|℃|度`;
const FORCE = String.raw`(?:kilo)?newtons?|k?n|newton`;
const POWER = String.raw`(?:kilo|mega|giga)?watts?|[kmg]?w|horse ?power|hp|ps|bhp|(?:kilo|mega)?volt-?amperes?|[km]?va|ワット|(?:キロ|メガ)ワット|馬力`;
const ENERGY = String.raw`(?:kilo|mega|giga)?watt-?(?:hours?|stunden?)|[kmg]?wh|(?:kilo|mega)?joules?|ワット時|(?:キロ|メガ)ワット時`;
const NOISE = String.raw`decibels?|dezibel|db(?:\(a\))?|デシベル`;
const BYTES = String.raw`(?:kilo|mega|giga|tera)?bytes?|[kmgt]i?b|バイト|(?:キロ|メガ|ギガ)バイト`;
const PRESSURE = String.raw`bars?|(?:kilo|hecto|mega)?pascals?|[kmh]?pa|psi|バール|パスカル`;
const TENSION = String.raw`(?:kilo|milli|micro)?volts?|[kmµμ]?v(?:ac|dc)?|ボルト`;
const RESISTANCE = String.raw`(?:kilo|mega|milli)?ohms?|[kmµμ]?[Ωω]|オーム`;
const FREQUENCY = String.raw`(?:kilo|mega|giga)?hertz|[kmg]?hz|ヘルツ`;

const TORQUE = String.raw`newton ?-?met(?:re|er)s?|newtonmetern?|nm|ニュートンメートル`;
const CURRENT = String.raw`(?:milli|micro)?amperes?|(?:milli|micro)?amps?|[mµμ]a|a(?=[,.;:)]|$)|アンペア`;

/** What may stand between a figure and its unit: "85,000 metric tons". */
const SORT = String.raw`(?:(?:metric|short|long|gross|net|imperial|standard|linear|running|wet|dry) )?`;
const told = (units: string): RegExp => new RegExp(String.raw`^${SORT}(?:${units})(?![\p{L}\p{N}])|^(?:${units})(?=[\u3040-\u30ff\u4e00-\u9fff])`, 'iu'); // prettier-ignore
const quantity = (asked: RegExp, units: string, own = true): Quantity => ({ asked, told: told(units), own });

/** A Japanese counter that a question of how many names, and those that count the same. */
const counter = (asked: string, units: string): Quantity => ({ asked: new RegExp(`何(?:${asked})`), told: new RegExp(`^(?:${units})`), own: false }); // prettier-ignore

const TALL = String.raw`(?:mast|tower|wall|bridge|building|house|warehouse|shed|hall|room|ceiling|door|gate|fence|crane|pier|quay|mole|pole|tree|stack|shelf|deck|roof|lighthouse)s?`;
const LONG = String.raw`(?:vessel|ship|\w*boat|yacht|barge|ferry|tug|dredger|berth|quay|pier|mole|jetty|\w*bridge|cable|rope|chain|hull|beach|slip(?:way)?|wall|road|canal|channel|track|pipe|hose|trailer|lorr(?:y|ie)|car|truck|crane|boom|launche?|\w*house|hall|shed|store|building|field|fence)s?`;
const HOCH = String.raw`\p{L}*(?:mast|turm|wand|mauer|brücke|gebäude|haus|halle|raum|decke|tür|zaun|kran|mole|regal|welle|dach)e?[ns]?`;

/** Asks how long or high some thing is that is measured in lengths, and nothing else of it: "how long is the workboat Petrel". */
export const LENGTH_OF_A_THING = new RegExp(
  String.raw`^how (?:long (?:is|are|was|were|will|would) (?:the |an? |its |each |this )(?:[\w-]+ ){0,2}?${LONG}|high (?:is|are|was|were|must|may|can|should) (?:the |an? |its |each |this )(?:[\w-]+ ){0,2}?${TALL})(?: be| of .+| \p{Lu}\w+)?\s*\?*$|\bwie lang (?:ist|sind|war|waren)(?!\p{L})(?!.*(?:pause|frist|zeit|dauer|fahrt|urlaub|schicht))|\bwie hoch (?:ist|sind|war|waren|darf|dürfen|muss|müssen) (?:\p{L}+ ){1,2}?${HOCH}(?!\p{L})`,
  'iu',
);

/** What is measured by the words that ask for it, the first that fits. Words such as "large" and "high", which ask for money and counts as well, tell none. */
const QUANTITIES: readonly Quantity[] = [
  counter('センチ|ミリ', '(?:センチ|ミリ)(?:メートル)?|メートル'),
  counter('キロ(?!メートル|ワット)', 'キロ(?:グラム|メートル)?(?!ワット)'),
  counter('メートル', '(?:キロ)?メートル'),
  quantity(
    /\bhow (?:warm|hot|cold|cool)\b|\btemperatur\w*|\bwie (?:warm|heiß|kalt|kühl)(?!\p{L})|気温|温度|何度(?!目)/iu,
    HEAT,
  ),
  quantity(
    /\bhow (?:heavy|much (?:do|does|did|can|may) .{2,40} weigh)\b|\bweigh\w*|\bwie (?:schwer|viel wiegt)\b|\bgewicht\b|重さ|重量|何(?:キログラム|グラム|トン)/i,
    MASS,
  ),
  quantity(
    /\bhow fast (?:may|can|are|does|do|did|must)\b|\bhow fast (?:is|was) (?:the|an?|her|its|this) [\w-]+(?: [\w-]+)?\s*\?*$|\b(?:speed|velocity)\b|\bwie schnell (?:darf|dürfen|fährt|fahren|ist|läuft)\b|\w*geschwindigkeit\b|時速|速度|速さ|風速/i,
    SPEED,
  ),
  quantity(/\b(?:floor |surface )?area\b|\b\w*fläche\b|面積|広さ|何(?:平方メートル|坪|ヘクタール)/i, AREA),
  quantity(LENGTH_OF_A_THING, LENGTH),
  quantity(
    /\bhow much (?:play|clearance|water (?:does|did|do|will) [\w ]+ draw)\b|\b(?:what|which)\b(?!.*\b(?:term|contract|lease|agreement|notice|time|period|stay|course|list|password|name|line|file|field|page)s?\b).*\b(?:length|width|height|depth|draught|beam|breadth|clearance|diameter|thickness)\b/i,
    LENGTH,
    false,
  ),
  quantity(
    /\bhow (?:deep|wide|tall|thick|thin|far)\b|\bhow long (?:(?:is|are|was|were)\b[^?]*\b(?:vessel|ship|boat|berth|quay|pier|bridge|cable|rope|hull)s?\b|(?:must|may|can|should)\b[^?]*\b(?:vessel|ship|boat|berth|quay|pier|bridge|cable|rope|hull)s? be\b)|\bwie (?:tief|breit|dick|dünn|weit)\b|長さ|高さ|深さ|幅は|厚さ|全長|距離|何(?:メートル|センチ|ミリ|海里)/i,
    LENGTH,
  ),
  quantity(
    /\bhow (?:loud|noisy)\b|\b(?:how much|what) (?:gain|attenuation)\b(?=.*\b(?:amplifier|antenna|aerial|filter|stage|receiver|signal))|\bnoise (?:level|limit)\b|\bwie laut\b|騒音/i,
    NOISE,
  ),
  quantity(/\bhow much (?:electrical )?energy\b|\bbattery capacity\b|\bwie viel (?:energie|strom)\b|電力量/i, ENERGY),
  quantity(/\bhow (?:powerful|much (?:electric(?:al)? )?power)\b|\b(?:most|maximum|what|which|rated) power\b|\bpower rating\b|\b(?:engine|motor)(?:['’]s)? (?:power|output)\b|\b(?:power|output) of the (?:\w+ )?(?:engine|motor)\b|\bwelche leistung\b|\bwie viel leiste\w+|\bwie stark ist (?:der|die) \w*(?:motor|maschine)|出力/i, POWER), // prettier-ignore
  quantity(
    /\bwhat (?:pull|force|load)\b|\bwelche (?:(?:zug)?kraft|(?:trag|bruch)?last)\b/i,
    `${FORCE}|${MASS}|${POWER}|${TENSION}|${CURRENT}`,
  ),
  quantity(
    /\bhow (?:fast|quickly) (?:must|may|can|is|are|does|do|should|will)\b.*\b(?:load|unload|discharg|fill|empt|pump|handl|drain)\w*/i,
    `${MASS}|${VOLUME}|${SPEED}`,
    false,
  ),
  quantity(/\b(?<!(?:blood|under) )pressure\b(?! vessel)|\bwelche[rmn]? \w*druck\b|圧力/i, PRESSURE),
  quantity(/\bvoltage\b|\belectrical supply\b|\bwelche[rmn]? \w*spannung\b|電圧/i, TENSION),
  quantity(/(?<!\b(?:fire|water|slip|skid|wave|air|frost|heat|wear) )\bresistance (?:of|between|does|do|has|have|is|must|may|should)\b|\b(?:how large|how many ohms|what|which)\b.*\bresistor\b|\b(?:welche[rmn]?|wie groß)\b.*(?<!verdampfungs|fahr|wasser)widerst[aä]nd|抵抗値|電気抵抗/iu, RESISTANCE, false), // prettier-ignore
  quantity(/\b(?:at|on|to|from) (?:which|what) frequenc|\bfrequency (?:range|band)\b|\b(?:what|which) frequenc(?:y|ies) (?:does|do|can|is|are) (?!\w+ (?:inspect|check|report))|\b(?:line|mains|radio|clock|sampling|operating) frequency\b|frequenz(?!\p{L})|周波数/iu, FREQUENCY, false), // prettier-ignore
  quantity(/\b(?:how much|range of|maximum|most|rated|charging|operating|which|what) current (?:does|do|can|could|may|must|is|of|the|at|through|flow)|\b(?:stromstärke|wie viel strom zieh)/iu, CURRENT, false), // prettier-ignore
  quantity(/\b(?:newton ?-?met(?:re|er)s?|newtonmetern?|torque|drehmoment)\b|トルク/i, TORQUE),
  quantity(/\bhow many (?:kilo|mega)?watts\b|\bwie viele? (?:kilo|mega)?watt\b/i, POWER),
  quantity(/\bhow many (?:kilo)?volts\b|\bwie viele? volt\b/i, TENSION),
  quantity(/\bhow many (?:amperes|amps)\b|\bwie viele? ampere\b|\b(?:what|which) (?:size|rating) of fuse\b/i, CURRENT),
  quantity(/\bhow many decibels?\b|\bwie viele? dezibel\b/i, NOISE),
  quantity(/\bhow many (?:kilo|milli)?(?:grams|tonnes|tons|pounds|kilos)\b/i, MASS, false),
  quantity(/\bhow many (?:(?:kilo|centi|milli)?met(?:re|er)s|feet|miles)\b/i, LENGTH, false),
  quantity(/\bhow many (?:litres|liters|cubic met(?:re|er)s)\b/i, VOLUME, false),
  quantity(/\bhow much (?:water|oil|fuel|diesel|petrol|milk|beer|wine|paint|liquid|grain|coal|salt|fish|cargo|freight|ice|sand|gravel|cement|concrete|steel|wood|timber|paper|waste|rubbish|sewage|gas|hydrogen|ammonia|refrigerant|coolant|lime|seed|feed|fertili[sz]er|flour|sugar|meat|fruit|rice|wheat|ore|clay|mud|sediment|spoil|silt|ballast|bait|kelp|seaweed|powder|foam)\b|\bwie viel (?:wasser|öl|diesel|benzin|kraftstoff|eis|sand|kies|stahl|holz|papier|abfall|müll|gas|salz|fisch|fracht|ladung|getreide|kohle|schlamm|beton)(?!\p{L})/iu, `${VOLUME}|${MASS}`, false), // prettier-ignore
  quantity(/\bhow much (?:(?:disk|free|storage|floor|hard-?disk) )?(?:space|room)\b|\bwie viel (?:speicher|platten)?platz(?!\p{L})/iu, `${BYTES}|${AREA}|${VOLUME}|${LENGTH}`), // prettier-ignore
  quantity(/\bhow much (?:memory|ram|disk|storage)\b|\bwie viel (?:arbeitsspeicher|speicher(?!platz)\w*)\b|メモリ(?:ー)?は|容量は/i, `${BYTES}|${VOLUME}|${ENERGY}|${MASS}`, false), // prettier-ignore
  counter('名|人', '名|人'),
  counter('本', '本'),
  counter('枚', '枚'),
  counter('つ|個', 'つ|個|か所|箇所|ヶ所|点|種|台|隻|件|本|枚|名|店|社'),
  counter('台', '台|基'),
  counter('隻', '隻|艘'),
  counter('回', '回|度'),
  counter('件', '件'),
  counter('社', '社'),
  counter('階', '階'),
  counter('席', '席|名|人'),
  counter('か所|箇所|ヶ所', 'か所|箇所|ヶ所|店'),
];

/** The quantity that a question asks for, by what its figures are told in; null where its words tell none. */
export function quantityAsked(asked: string): RegExp | null {
  return QUANTITIES.find((one) => one.asked.test(asked))?.told ?? null;
}

/** The words of a question that ask for its quantity, "how warm", "what temperature", which figures in its units say as well; none where they do not. */
export function wordsOfQuantity(asked: string): string {
  const found = QUANTITIES.find((one) => one.asked.test(asked));
  const words = found?.own === true ? (found.asked.exec(asked)?.[0] ?? '') : '';
  // What is measured is said by no unit: "how long is the workboat".
  return (
    /^(?:how|wie) \p{L}+(?= (?:is|are|was|were|may|can|must|does|do|did|should|ist|sind|war|waren|darf|dürfen|muss|müssen)(?!\p{L}))/iu.exec(
      words,
    )?.[0] ?? words
  );
}

/** Characters behind the first of a figure, at most, before its unit begins. */
const FIGURE = 40;
/** Units of any quantity. */
const ANY_UNIT = told(
  [
    LENGTH,
    AREA,
    MASS,
    SPEED,
    VOLUME,
    HEAT,
    POWER,
    ENERGY,
    NOISE,
    BYTES,
    PRESSURE,
    TENSION,
    RESISTANCE,
    FREQUENCY,
    TORQUE,
    CURRENT,
  ].join('|'),
);

/** The unit that stands right behind a figure which ends at a place of a text, with the space before it: " kilowatts"; "" where none does. */
export function unitBehind(text: string, end: number): string {
  const space = /^[\s\u00a0-]/.test(text.slice(end, end + 1)) ? 1 : 0;
  const unit = ANY_UNIT.exec(text.slice(end + space, end + FIGURE))?.[0];
  return unit === undefined ? '' : text.slice(end, end + space) + unit;
}

/** What it may be told in how large a thing is. */
export const SIZE = told([LENGTH, AREA, VOLUME, MASS, BYTES].join('|'));

/** True for a question of how large something is. */
export function asksSize(asked: string): boolean {
  return /\bhow (?:large|big|small)\b|\bwie (?:groß|klein)(?!\p{L})|大きさ/iu.test(asked);
}

/** True when one of the figures of a text is told in units of a quantity, right behind it: "20 degrees", "3 to 5 metres". */
export function toldIn(quantity: RegExp, text: string, mentions: readonly Range[]): boolean {
  return mentions.some(({ start, end }) => {
    // The mention may have taken the unit in, or its first word; what it measures itself is not what the figure behind it does.
    const own = [...text.slice(start, end).matchAll(/(?<!\p{L})[\p{L}°℃㎡%]/gu)];
    if (own.some(({ index }) => quantity.test(text.slice(start + index, start + index + FIGURE)))) return true;
    // A counter of another thing: "1日5名" is no 1 of persons.
    if (/(?![〇一二三四五六七八九十百千万億兆])[\p{Script=Han}\p{Script=Katakana}]$/u.test(text.slice(start, end)))
      return false;
    const unit = own.at(-1)?.index;
    if (unit !== undefined && ANY_UNIT.test(text.slice(start + unit, start + unit + FIGURE))) return false;
    const behind = /^(?:[\s\u00a0-]|(?:to|and|or|bis|und|oder|から|～|〜|–|-)(?=[\s\d])|[\d.,]+)*/iu.exec(text.slice(end, end + FIGURE))?.[0].length ?? 0; // prettier-ignore
    return quantity.test(text.slice(end + behind, end + behind + FIGURE));
  });
}
