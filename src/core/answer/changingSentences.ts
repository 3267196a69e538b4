import { tableRowAt } from '../figure';
import type { UnitText } from '../search';
import { oneLine } from '../text';
import { LEFT_OPEN, pairsOf, putsWordsIn, quotedIn, withoutQuoted, type WordsPut } from './changedWords';
import { addressOfLabel, firstPlace, labelled, lastNamed, placesNamed, type Address } from './clauseAddress';
import type { AskedSource } from './types';

/** A sentence, or a row of a table, that changes a clause of another document. */
export interface Amending {
  readonly source: AskedSource;
  readonly unit: UnitText['unit'];
  /** The sentences behind it that its new wording stands in. */
  readonly behind: readonly UnitText['unit'][];
  /** All of them as text. */
  readonly text: string;
  readonly places: readonly Address[];
  readonly pairs: readonly WordsPut[];
  /** What the clause reads from then on; null where only words of it change, or it goes. */
  readonly whole: string | null;
  /** Which sentence of the clause changes, from 1, "its second sentence"; null where it is not told. */
  readonly sentence: number | null;
  /** The term whose definition changes, wherever that stands; null where a clause is named. */
  readonly term: string | null;
}

const AMENDS =
  /\b(?:(?:is|are|shall be|be) (?:hereby )?(?:replaced|amended|deleted|substituted|restated|varied|changed|removed|repealed|revoked|raised|lowered|increased|reduced|extended|shortened|prolonged|superseded|altered|adjusted|adapted|relaxed|tightened|supplemented|brought (?:up|down)|set (?:at|to)|doubled|halved)|(?:shall|will) (?:now )?(?:read|say)|(?:to|now) reads?|reads? as follows|in place of|cease(?:s|d)? to (?:apply|have effect|be in force)|lapses?|falls? away|no longer appl(?:y|ies))\b|\bfor (?:the (?:words?|figures?|sums?|number) )?“”,? (?:read|substitute)\b|(?<!\p{L})(?:wird|werden|ist|sind)(?!\p{L}).{0,160}(?<!\p{L})(?:ersetzt|geändert|gestrichen|aufgehoben|gefasst|erhöht|angehoben|gesenkt|herabgesetzt|festgesetzt|verlängert|verkürzt)(?!\p{L})|\b(?:erhält|erhalten) (?:die )?folgende fassung\b|\b(?:lautet|lauten|beträgt|betragen) (?:nun|nunmehr|künftig|fortan|wie folgt)|\bentf(?:ällt|allen)(?!\p{L})|an die stelle|“” (?:becomes?|shall be(?:come)?|wird zu)\s|改め|改正|置き換え|に変更|とあるの[はを]|削除|削る/iu;
/** A sentence whose new wording comes behind it. */
const TO_FOLLOW = /[:：—–]\s*$|次の(?:とおり|ように)|以下のとおり|\bas follows\b|\bfolgende fassung\b|\bwie folgt\b/i;
const MOST_FOLLOWING = 6;
/** Verbs that a sentence which changes a clause says it by, behind the place of the clause. */
const SAYS =
  /\b(?:is|are|be|shall|will|may|must|has|becomes?|reads?|ceases?|lapses?|falls?|rises?|gives?|goes|takes?|moves?|comes?|changes?|increases?|decreases?|drops?|doubles?|stands?|ends?|runs?|means?|amounts?|totals?|equals?|counts?|costs?|carries|bears?)\b|(?<!\p{L})(?:wird|werden|ist|sind|beträgt|betragen|lautet|lauten|gilt|gelten|erhöht|erhöhen|verlängert|verkürzt|ermäßigt|vermindert|verringert|steigt|sinkt|entf(?:ällt|allen)|erhält|erhalten|fällt|heißt|heißen|tritt|treten|wächst|endet|läuft)(?!\p{L})|は|中|を/iu;
/** A sentence that leaves a clause as it is, or puts another behind it. */
const LEAVES =
  /\b(?:inserted|added|appended|remains?|unaffected|unchanged|unaltered|continues? (?:to apply|in force)|after (?:clause|section|article|paragraph|rule|item)s? \S+|bleib(?:t|en)|unberührt|unverändert|(?:ein|an)gefügt|ergänzt)\b|の次に|加える|従前|なお効力/i;

/** Words that tell of a change wherever they stand: what was, against what is from then on. */
const TURNS =
  /\b(?:now|no longer|instead of|in (?:its|their|the) (?:place|stead)|rather than|in place of|henceforth|from then on|goes (?:up|down)|raised|lowered|increased|reduced|doubled|halved|struck|dropped|deleted|replaced|superseded|altered|brought (?:up|down)|tightened|relaxed|prolonged|becomes?|loses|omit|substitute|strike out|delete)\b|(?<!\p{L})(?:nun|nunmehr|künftig|fortan|statt|anstelle|abweichend von|nicht mehr|angehoben|gesenkt|gestrichen|ersetzt|verschiebt|verdoppelt|halbiert)(?!\p{L})|今後|に代えて|に替えて|ではなく/iu;

/** What a sentence that tells of something else first says of a clause behind: "so that the deposit under clause 4.1 amounts to 50,900 crowns". */
const COMES_TO =
  /\b(?:amounts? to|comes? to|totals?|equals?|is (?:now|then)|becomes?)\s[^.;]{0,20}\d|(?<!\p{L})(?:beträgt|beläuft sich)(?!\p{L})[^.;]{0,30}\d/iu;

/** A clause that heads what is said of it: "Deletion (4.2): thirty days." */
const HEADED_BY = /\d\)?\s?:\s/;
/** What a sentence that opens a list of changes ends in: "Article 2 is amended as follows:". */
const OPENS_LIST = /\bas follows\s*:?\s*$|\bwie folgt geändert\s*:?\s*$|次のように改正する。?$/i;
/** A sentence that says only where the changes are told. */
const SENDS_ON =
  /\b(?:amended|varied|modified|changed)\b.{0,30}\b(?:in accordance with|as (?:set out|provided|described) (?:in|by|under))\b/i;
const ORDINALS: readonly RegExp[] = [
  /\bfirst sentence\b|\bsatz 1\b|前段|本文/i,
  /\bsecond sentence\b|\bsatz 2\b|後段/i,
  /\bthird sentence\b|\bsatz 3\b/i,
  /\bfourth sentence\b|\bsatz 4\b/i,
];

/** True for a sentence, in a document that changes others, which says something of a clause that it names: behind its name, or as something that turns. */
function saysOfClause(text: string, plain: string, under: Address | null): boolean {
  const place = firstPlace(plain, { bare: true, under });
  if (place < 0) return false;
  if (LEAVES.test(plain)) return putsWordsIn(text);
  return TURNS.test(plain) || plain.search(SAYS) > place || COMES_TO.test(plain.slice(place)) || HEADED_BY.test(plain);
}

/** True for a sentence that says of a clause what becomes of it; `bare` where a number with points in it names one too. */
export function turnsClause({ text }: UnitText, bare: boolean): boolean {
  return TURNS.test(text) && firstPlace(text, { bare }) >= 0 && !LEAVES.test(text);
}

/** True where the new wording stands behind a sentence, or runs on over its end. */
function goesOn(text: string): boolean {
  return quotedIn(text).length === 0 && (TO_FOLLOW.test(text) || LEFT_OPEN.test(text));
}

/** The sentences behind one that its new wording stands in; none where it quotes that itself, or none of them does. */
function newWording({ text }: UnitText, following: readonly UnitText[], between: string): readonly UnitText[] {
  if (!goesOn(text)) return [];
  let whole = text;
  for (const [at, next] of following.slice(0, MOST_FOLLOWING).entries()) {
    whole += `${between}${next.text}`;
    if (quotedIn(whole).length > 0) return following.slice(0, at + 1);
  }
  return [];
}

/** The clauses that a sentence changes; none for any other sentence. `under` is the clause whose changes are listed, whose parts alone are named. */
function placesChanged(text: string, changes: boolean, under: Address | null): Address[] {
  const plain = withoutQuoted(text);
  const says = AMENDS.test(plain);
  if (!says && !(changes && saysOfClause(text, plain, under))) return [];
  const places = placesNamed(plain, { bare: changes, under });
  return places.length === 0 && says && under !== null && labelled(text) ? [under] : places;
}

/** The definition of a term, and what it reads from then on behind it. */
const DEFINITION =
  /\b(?:definitions?|meaning) of (?:the (?:terms?|words?|expressions?) )?[“"‘„](?<term>[^”"’“]{2,60})[”"’“]|(?<!\p{L})(?:definition|begriffsbestimmung) (?:von|zu|des begriffs) [“"„](?<begriff>[^”"“]{2,60})[”"“]/iu;
const DEFINED_ANEW = /[“"‘„][^”"’“]{2,60}[”"’“]\s+(?:shall mean|means?|has|bedeutet|ist)\s.*$/iu;

const NOTHING_ELSE: Omit<Amending, 'source' | 'unit' | 'text'> = { behind: [], places: [], pairs: [], whole: null, sentence: null, term: null }; // prettier-ignore

/** A term by its capitals, of which something is said: "The Maturity Date is hereby extended to". */
const TERM_TURNED =
  /^(?:\(?\w{1,4}[.)]\s+|\d[\d.]*\s+)?(?:[Ww]ith effect from [^,]{3,60}?,? )?[Tt]he (?<term>\p{Lu}\p{L}+(?: \p{Lu}\p{L}+){0,3}) (?:is|are|shall be|will be) (?=.*\d)/u;

/** The term that a sentence says something of by itself, told from any other subject by its capitals; null where it names a clause, or no term. */
function termTurned(text: string): string | null {
  return firstPlace(text, { bare: true }) < 0 ? (TERM_TURNED.exec(text)?.groups?.['term'] ?? null) : null;
}

/** A sentence that changes the definition of a term; null for any other. Where the document is known to change others, `changes`, one that says what a term is does too. */
function readDefinition(
  source: AskedSource,
  { unit, text: said }: UnitText,
  next: UnitText | undefined,
  changes: boolean,
): Amending | null {
  const text = oneLine(said);
  const found = AMENDS.test(text) || TURNS.test(text) ? DEFINITION.exec(text) : null;
  if (found === null) {
    const turned = changes ? termTurned(text) : null;
    return turned === null ? null : { ...NOTHING_ELSE, source, unit, text, term: turned };
  }
  const term = found.groups?.['term'] ?? found.groups?.['begriff'] ?? null;
  const opened = text.slice(found.index + found[0].length);
  const follows = TO_FOLLOW.test(opened) && next !== undefined ? `${opened} ${oneLine(next.text)}` : opened;
  const whole = (DEFINED_ANEW.exec(opened) ?? DEFINED_ANEW.exec(follows))?.[0] ?? null;
  return { ...NOTHING_ELSE, source, unit, text, whole, term };
}

/** Heads of the columns of a table that tell what was and what is. */
const WAS =
  /\b(?:until|till|before|old|previous(?:ly)?|so far|current(?:ly)?|existing|was|original|bisher\w*|bis|alte?[rsn]?|vorher)\b|改正前|変更前|旧|現行/i;
const IS = /\b(?:from|new|now|after|revised|amended|is|in future|will be|neu\w*|künftig|ab)\b|改正後|変更後|新/i;

/** A row of a table that sets what a clause says against what it said; null for any other row. */
function readRow(source: AskedSource, { unit, text }: UnitText): Amending | null {
  const found = unit.kind === 'row' ? tableRowAt(source.tables, unit.spans) : null;
  if (found === null) return null;
  const heads = found.table.columns.map(({ path }) => path.join(' '));
  const was = heads.findIndex((head) => WAS.test(head));
  const is = heads.findIndex((head, at) => at !== was && IS.test(head));
  const place = addressOfLabel(found.row.path.at(-1) ?? '');
  const [old, now] = [was, is].map((at) => found.row.cells[at]?.text.trim() ?? '');
  if (place.length === 0 || !old || !now || old === now) return null;
  return { ...NOTHING_ELSE, source, unit, text, places: [place], pairs: [{ old, now, either: true }] };
}

/**
 * The sentences and rows that change clauses, of `units` in their order. Where the document is known to change others, `changes`, they need not say so in words known
 * for it.
 */
export function readChanges(source: AskedSource, units: readonly UnitText[], changes: boolean): Amending[] {
  const between = source.segment.language === 'ja' ? '' : ' ';
  let under: Address | null = null;
  return units.flatMap((one, at) => {
    const plain = withoutQuoted(one.text);
    const named = lastNamed(plain);
    if (named !== null || one.unit.kind === 'heading') under = null;
    if (one.unit.kind === 'heading' || SENDS_ON.test(plain)) return [];
    if (named !== null && OPENS_LIST.test(plain)) {
      under = named;
      return [];
    }
    const other = readRow(source, one) ?? readDefinition(source, one, units[at + 1], changes);
    const places = other === null ? placesChanged(one.text, changes, under) : [];
    if (places.length === 0) return other ?? [];
    const behind = newWording(one, units.slice(at + 1), between);
    const text = oneLine([one, ...behind].map((each) => each.text).join(between));
    const pairs = pairsOf(text);
    const whole = pairs.length > 0 ? null : (quotedIn(text).at(-1)?.words ?? null);
    const nth = ORDINALS.findIndex((ordinal) => ordinal.test(plain)) + 1;
    const sentence = nth === 0 ? null : nth;
    return { ...NOTHING_ELSE, source, unit: one.unit, behind: behind.map(({ unit }) => unit), text, places, pairs, whole, sentence }; // prettier-ignore
  });
}
