import type { Table } from '../source';

/** Something that things of a kind are measured by, as a column of a table tells it. */
interface Property {
  /** Asks for it of one thing: "how deep", "wie tief". */
  readonly asked: RegExp;
  /** Says of one of several that it has most of it, or least. */
  readonly most: RegExp;
  readonly least: RegExp;
  /** Says that a thing has more of it than so much, or less. */
  readonly more: RegExp;
  readonly less: RegExp;
  /** The head of a column that tells it. */
  readonly head: RegExp;
}

/** Words of a language without spaces, and those of others as whole words. */
function words(whole: string, parts = ''): RegExp {
  return new RegExp(String.raw`(?<!\p{L})(?:${whole})(?!\p{L})${parts === '' ? '' : `|${parts}`}`, 'iu');
}

const NEVER = /(?!)/;

const PROPERTIES: readonly Property[] = [
  {
    asked: words('how deep|wie tief', '深さ'),
    most: words('deepest|tiefste[nrs]?', '(?:最も|一番)深|最深'),
    least: words('shallowest|flachste[nrs]?', '(?:最も|一番)浅'),
    more: words('deeper|tiefer', 'より深'),
    less: words('shallower|flacher', 'より浅'),
    head: words('depths?|draught|tiefe|tiefgang', '水深|深さ|喫水'),
  },
  {
    asked: words('how long|wie lang', '長さ'),
    most: words('longest|längste[nrs]?', '(?:最も|一番)長|最長'),
    least: words('shortest|kürzeste[nrs]?', '(?:最も|一番)短|最短'),
    more: words('longer|länger', 'より長'),
    less: words('shorter|kürzer', 'より短'),
    head: words('lengths?|länge', '長さ|全長|延長'),
  },
  {
    asked: words('how (?:wide|broad)|wie breit', '幅'),
    most: words('widest|broadest|breiteste[nrs]?', '(?:最も|一番)広'),
    least: words('narrowest|schmalste[nrs]?', '(?:最も|一番)狭'),
    more: words('wider|broader|breiter'),
    less: words('narrower|schmaler'),
    head: words('widths?|breadth|beam|breite', '幅'),
  },
  {
    asked: words('how (?:high|tall)|wie hoch', '高さ'),
    most: words('tallest|highest|höchste[nrs]?', '(?:最も|一番)高|最高'),
    least: words('lowest|niedrigste[nrs]?', '(?:最も|一番)低|最低'),
    more: words('taller|higher|höher', 'より高'),
    less: words('lower|niedriger', 'より低'),
    head: words('heights?|höhe', '高さ'),
  },
  {
    asked: words('how far|wie weit', '距離'),
    most: words('farthest|furthest|weiteste[nrs]?', '(?:最も|一番)遠'),
    least: words('nearest|closest|nächste[nrs]?', '(?:最も|一番)近'),
    more: words('farther|further|weiter'),
    less: words('nearer|closer|näher'),
    head: words('distance|abstand|entfernung', '距離'),
  },
  {
    asked: words('how (?:strong|powerful)|wie stark', '出力'),
    most: words('strongest|most powerful|pulls? (?:the )?hardest|stärkste[nrs]?', '最強'),
    least: words('weakest|least powerful|schwächste[nrs]?'),
    more: words('stronger|more powerful|stärker'),
    less: words('weaker|less powerful|schwächer'),
    head: words('power|bollard pull|pull|leistung|kw', '出力|馬力'),
  },
  {
    asked: words('how heavy|how much (?:does|do|did) .* weigh|wie schwer|was wiegt', '重さ|重量'),
    most: words('heaviest|schwerste[nrs]?', '(?:最も|一番)重'),
    least: words('lightest|leichteste[nrs]?', '(?:最も|一番)軽'),
    more: words('heavier|schwerer', 'より重'),
    less: words('lighter|leichter', 'より軽'),
    head: words('weights?|mass|displacement|gewicht|masse', '重さ|重量'),
  },
  {
    asked: words('when (?:was|were) .* (?:built|made|completed)|wann (?:wurden?|war) .* (?:gebaut|fertig\\p{L}*)', '建造年'),
    most: words('newest|youngest|(?:built|made|completed|finished) (?:last|latest|most recently)|neueste[nrs]?|jüngste[nrs]?|zuletzt gebaut\\p{L}*', '(?:最も|一番)新し|最新'),
    least: words('oldest|(?:built|made|completed|finished) first|älteste[nrs]?|zuerst gebaut\\p{L}*', '(?:最も|一番)古|最古'),
    more: words('newer|younger|(?:built|made|completed) (?:after|since)|neuer|jünger|nach'),
    less: words('older|(?:built|made|completed) before|älter|vor'),
    head: words('built|(?:year|date) (?:of (?:building|construction|build|completion|manufacture)|built|made)|completed|baujahr|gebaut|errichtet', '建造|竣工|製造年'),
  },
  {
    asked: words('how old|wie alt', '何歳'),
    most: words('oldest|älteste[nrs]?', '最年長'),
    least: words('youngest|newest|jüngste[nrs]?', '最年少'),
    more: words('older|älter'),
    less: words('younger|jünger'),
    head: words('age|alter', '年齢|築年数'),
  },
  {
    asked: words('how fast|wie schnell', '速さ'),
    most: words('fastest|quickest|schnellste[nrs]?', '(?:最も|一番)速|最速'),
    least: words('slowest|langsamste[nrs]?', '(?:最も|一番)遅'),
    more: words('faster|quicker|schneller', 'より速'),
    less: words('slower|langsamer', 'より遅'),
    head: words('speed|knots|geschwindigkeit', '速力|速度'),
  },
  {
    asked: words('how (?:large|big)|wie groß', '広さ|大きさ'),
    most: words('largest|biggest|größte[nrs]?', '(?:最も|一番)(?:大き|広)|最大'),
    least: words('smallest|kleinste[nrs]?', '(?:最も|一番)(?:小さ|狭)|最小'),
    more: words('larger|bigger|größer', 'より(?:大き|広)'),
    less: words('smaller|kleiner', 'より(?:小さ|狭)'),
    head: words('areas?|size|floor space|gross tonnage|tonnage|fläche|größe', '面積|広さ|総トン'),
  },
  {
    asked: words('how dear|wie teuer', '値段'),
    most: words('dearest|costliest|most expensive|teuerste[nrs]?', '(?:最も|一番)高'),
    least: words('cheapest|least expensive|billigste[nrs]?|günstigste[nrs]?', '(?:最も|一番)安|最安'),
    more: words('dearer|costlier|more expensive|teurer'),
    less: words('cheaper|less expensive|billiger|günstiger', 'より安'),
    head: words('prices?|costs?|fees?|charges?|rents?|rates?|fares?|tariff|\\p{L}*(?:preise?|kosten|gebühr|miete|entgelt)', '料金|価格|費用|運賃|賃料'),
  },
  {
    asked: words('how many .* (?:hold|carry|seat|take)', '定員'),
    most: words('(?:holds?|carr(?:y|ies)|seats?|takes?) (?:the )?most|roomiest'),
    least: words('(?:holds?|carr(?:y|ies)|seats?|takes?) (?:the )?(?:fewest|least)'),
    more: words('(?:holds?|carr(?:y|ies)|seats?|takes?) (?:more|over)'),
    less: words('(?:holds?|carr(?:y|ies)|seats?|takes?) (?:less|fewer|under)'),
    head: words('capacity|seats|kapazität|\\p{L}*plätze', '定員|収容'),
  },
  // What is counted stands in a column of its own beside what is measured of it.
  {
    asked: words('how many|wie ?viele', '何(?:件|回|台|隻|人|名|本)'),
    most: NEVER,
    least: NEVER,
    more: NEVER,
    less: NEVER,
    head: words('number|count|quantity|qty|anzahl|stückzahl', '件数|回数|台数|隻数|人数|本数|数量'),
  },
]; // prettier-ignore

/** How a question speaks of a property: of how much of it a thing has, of what has most or least, of what has more or less than so much, or by its name. */
export type Way = keyof Property;

/** The column of a table that tells the property which a question speaks of in some way; null where none does. */
export function columnOfProperty(table: Table, question: string, ways: readonly Way[]): number | null {
  for (const property of PROPERTIES.filter((one) => ways.some((way) => one[way].test(question)))) {
    const at = table.columns.findIndex(({ path }) => property.head.test(path.join(' ')));
    if (at >= 0) return at;
  }
  return null;
}

/** Whether a question asks for the thing with most of a property that a column tells, or with least: -1 and 1; null for neither. */
export function endAsked(table: Table, column: number, question: string): 1 | -1 | null {
  const head = table.columns[column]?.path.join(' ') ?? '';
  const own = PROPERTIES.filter((one) => one.head.test(head));
  if (own.some(({ most }) => most.test(question))) return -1;
  return own.some(({ least }) => least.test(question)) ? 1 : null;
}

/** Whether a question asks for things with more of a property that a column tells than so much, or with less: 1 and -1; null for neither. */
export function sideAsked(table: Table, column: number, question: string): 1 | -1 | null {
  const head = table.columns[column]?.path.join(' ') ?? '';
  const own = PROPERTIES.filter((one) => one.head.test(head));
  if (own.some(({ more }) => more.test(question))) return 1;
  return own.some(({ less }) => less.test(question)) ? -1 : null;
}

/** The words by which a question says which end it asks for, as the first property has it that is spoken of so; undefined where none is. */
export function superlativeIn(question: string): string | undefined {
  return PROPERTIES.flatMap(({ most, least }) => most.exec(question)?.[0] ?? least.exec(question)?.[0] ?? [])[0];
}

/** True for a question that speaks of a property by its name: "the greatest depth". */
export function namesProperty(question: string): boolean {
  return PROPERTIES.some(({ head }) => head.test(question));
}

/** True for a text that speaks of the property by whose end a question picks one of several, in any way; for a question that picks by none, always. */
export function speaksOfEnd(question: string, text: string): boolean {
  const picked = PROPERTIES.filter(({ most, least }) => most.test(question) || least.test(question));
  return (
    picked.length === 0 || picked.some((property) => Object.values(property).some((way: RegExp) => way.test(text)))
  );
}
