import { asksWhy } from './reasons';
import type { Range } from '../text';

/** Words that ask how something moved rather than what it is. */
const MOVES =
  /\b(?:chang(?:e|es|ed|ing)|ris(?:e|en|es|ing)|rose|fall(?:s|en|ing)?|fell|gr(?:ow|ew|own|owth|ows|owing)|increas(?:e|ed|es|ing)|decreas(?:e|ed|es|ing)|drop(?:s|ped|ping)?|declin(?:e|ed|es|ing)|shr(?:ink|ank|unk)|differ(?:s|ed|ence|ent)?|higher|lower|more|less|fewer|greater|smaller|larger|up|down|improv(?:e|ed|ement)|worse(?:n|ned)?|develop(?:ed|ment)?|compared?|versus|movement|(?:long|short|thick|thinn|wid|deep|high|heavi|light|fast|slow|old)er|(?<=\bhow much )(?:(?:dear|cheap|pric|warm|cold|strong|weak|loud|quiet|bigg)\p{L}*er|more expensive)|shrinks?|(?:put|went|gone|go) (?:up|down)|raised|lowered|reduced|cut|gestiegen|gesunken|steig(?:t|en|erung)|stieg|sank|gefallen|gewachsen|wuchs|verändert|veränderung|zugenommen|abgenommen|höher|niedriger|mehr|weniger|erhöht|gesenkt|länger|kürzer|geringer|größer|kleiner|teurer|billiger|schneller|langsamer|breiter|tiefer|schwerer|leichter|dicker|dünner|entwickelt|angehoben|heraufgesetzt|herabgesetzt|verringert|vermindert|verlängert|verkürzt|wächst|wachsen|schrumpft|vergrößert|verkleinert|ausgeweitet|(?:short|length|wid|deep|thick)ened|prolonged|extended|exceed(?:s|ed)?|(?<=\bhow (?:many|much)\b.{2,60})(?:was|were|been) added)\b|(?:上|下)が[りっる]|増え|増加|延び|延長|短縮|縮[みま]|減[りっ]|減少|変わり|変化|変動|伸び|引き上げ|引き下げ/iu;
/** Ways of asking for the size of a move. */
const ASKS_CHANGE =
  /\bhow (?:much|far|strongly|did|has|have)\b|\bhow many (?:[\p{L}-]+ ){0,2}?(?:more|fewer|less)\b|\bhow many\b.{2,60}\b(?:was|were|been) added\b|\bwie ?viele?\b.*\b(?:mehr|weniger|höher|niedriger)\b|\bby (?:how much|how many|what|which)\b|\bwhat (?:is|was|were|are)\b.*\b(?:change|difference|increase|decrease|rise|fall|growth|drop|decline|movement)\b|\bpercent(?:age)?\b|\bper cent\b|\bprozent\b|\bwie ?viel (?:stieg|sank|fiel|wuchs|hat|haben|ist|sind|wurden?)\b|^(?:was|were|is|are|did|does|do|has|have)\b|\bum wie ?viele?\b|\bwie (?:stark|hat|haben|ist|sind)\b|:\s*(?:was|were|is|are|did)\b|\bcompare|\bversus\b|\bdifference between\b|^(?:wurden?|war(?:en)?|ist|sind|hat|haben)\b.*\bals\b|いくら|どれ(?:だけ|くらい|ほど)|どのくらい|どう|何/iu;

/** Asks for a size by which something differs, whatever the verb: "by how many kilowatts is the motor stronger", "um wie viel gingen … zurück". */
const BY_HOW_MUCH =
  /\bby (?:how (?:much|many)|(?:what|which) percentage)\b|(?<!\p{L})um wie ?viele?(?!\p{L})|(?<!\p{L})wie viele?(?!\p{L}).*\b(?:kam(?:en)? .*(?:hinzu|dazu)|hinzugekommen|dazugekommen)|\bhow many\b.{2,40}\bgained\b/iu;

/** True for a question that asks how a figure moved: "By how much did revenue rise?", "Was it more than the year before?" */
export function asksChange(text: string): boolean {
  return BY_HOW_MUCH.test(text) || (!asksWhy(text) && MOVES.test(text) && ASKS_CHANGE.test(text));
}

/** Questions that put a figure to the test rather than ask for a move: "Is more than 20 crowns due?" */
const TESTS =
  /\bhow many more (?:years|months|weeks|days|hours) (?:will|can|could|should|would)\b(?!.*\b(?:than|since|compared)\b)|\b(?:by how much|how much|um wie ?viel) (?:more |less )?(?:may|can|could|must|might|shall|should|would|darf|dürfen|kann|können|muss|müssen)\b|^(?:is|are|was|were|does|do|did|has|have|can|may|must|shall|will|ist|sind|war|waren|hat|haben|darf|muss|kann)\b|\b(?:more|less|fewer|higher|lower|longer|shorter|later|earlier|larger|smaller) than (?:\d|an?\b|one\b|two\b|three\b|ten\b)|\bmehr als (?:\d|ein)/i;

/** True for a question that asks by how much something moved. */
export function asksSizeOfMove(text: string): boolean {
  return asksChange(text) && !TESTS.test(text.trim());
}

/** Verbs by which a sentence tells a move itself. */
const MOVED =
  /\b(?:rose|risen|rises|fell|fallen|falls|grew|grown|grows|increased|increases|decreased|dropped|declined|(?:went|goes|gone|going|go) (?:up|down)|(?:will|shall|to) (?:rise|fall|grow|drop)|climbed|(?:is|are|be|was|were) (?:raised|lowered|cut|reduced|lifted|shortened|extended|lengthened|prolonged|widened|narrowed|changed)|shrank|shrunk|was (?:raised|lowered|cut|reduced)|stieg|gestiegen|sank|gesunken|fiel|gefallen|wuchs|gewachsen|erhöht\w*|verringert\w*|sinkt|steigt|nahm)\b/i;

/** What stands before a figure that no longer holds, beside one that does: "45 days rather than 30", "statt bisher 30 Tagen". */
const FORMER_BEFORE =
  /\b(?:instead of|rather than|in place of|in lieu of|no longer|previously|formerly|hitherto|up from|down from)(?: (?:the )?(?:former|previous|old|present|only|just|at least|at most))?\s$|(?<!\p{L})(?:statt|anstatt|anstelle von|bisher|vorher|zuvor)(?: (?:wie )?(?:bisher|vorher|nur))?\s$/iu;

/** True for a figure by which something moves, beside the one that it comes to: "increased by 1,500,000 crowns to 5,500,000", "two more days". */
export function movesBy(text: string, { start, end }: Range): boolean {
  if (/^\s(?:more|fewer|less|additional|further|mehr|weniger|weitere[nr]?)\s/iu.test(text.slice(end)))
    return /\d/.test(text.slice(end));
  return /(?:\bby|\bum)\s$/iu.test(text.slice(0, start)) && /^[^.;]{0,30}?\s(?:to|auf|and (?:so )?(?:comes|amounts) to)\s[^.;]{0,12}\d/iu.test(text.slice(end)); // prettier-ignore
}

/** True for a figure that something moved from, or that gives way to another: "rose from 4.2 to 4.6 million", "45 days rather than 30". */
export function movedFrom(text: string, { start, end }: Range): boolean {
  if (FORMER_BEFORE.test(text.slice(0, start))) return true;
  return (
    MOVED.test(text) &&
    /\b(?:from|von)\s$/i.test(text.slice(0, start)) &&
    /^[^.;]{0,40}?\s(?:to|auf)\s/i.test(text.slice(end))
  );
}

/** The words of a question that only ask for the move: the rest is what moved. */
export function moveWords(text: string): string[] {
  const moves = [...text.matchAll(new RegExp(MOVES, 'giu'))].map((match) => match[0]);
  return [...moves, 'points', 'percentage points', 'prozentpunkte', 'percentage', 'percent', 'per cent', 'prozent'];
}
