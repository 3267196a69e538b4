import { termSet, unitsOfPassage } from '../search';
import type { Language } from '../text';
import type { Evidence } from './evidence';
import type { AskedSource } from './types';
import { wordingsOf, type Question } from './question';
import { wordsOver } from './rowEvidence';
import { headOver, nameOfDocument, takenUp } from './surroundings';

/** Questions for a measure or the price of some thing, with what it is: "how long is the workboat", "what does a buoy cost". */
const OF_A_THING: readonly RegExp[] = [
  /^how (?:long|high|wide|deep|tall|thick|big|large|old|heavy|loud|strong) (?:is|are|was|were) (?<of>[^?]+)/iu,
  /^how (?:fast|far|deep|high) (?:does|do|did|may|can|must) (?<of>[^?]+)/iu,
  /^what (?:does|do|did|will|would) (?<of>[^?]+? costs?\b[^?]*)/iu,
  /^(?:what is|what was|what are) the (?:\w+ )?(?:price|cost|length|height|width|depth|weight|age|size|speed|draught|pressure|power|voltage) of (?<of>[^?]+)/iu,
  /^how much (?:is|are|was|were|has been) (?:spent|paid|given|donated) (?:on|for|to) (?<of>[^?]+)/iu,
  /^(?:how (?:often|soon|quickly|frequently)|(?:with)?in what (?:time|period)|after how many (?:hours|days|weeks|months|years)) (?:is|are|was|were|must|may|can|should|does|do|did|has|have) (?<of>[^?]+)/iu,
  /^how long (?:does|do|did|will|would|must|may|can|has|have|had) (?<of>[^?]+)/iu,
  /^how much (?:does|do|did|is|are|was|were|will|would) (?<of>[^?]+)/iu,
  /^(?:was|wie ?viel) kostete?n? (?<of>[^?]+)/iu,
  /^wie (?:lang|hoch|breit|tief|groß|schwer|alt|schnell|laut|stark) (?:ist|sind|war|waren|fährt|fahren|läuft) (?<of>[^?]+)/iu,
];

/** Words that say that a thing has a price or a measure, and not which. */
const SAID_OF_ANY =
  /\b(?:costs?|paid|pay|pays|payable|charged?|due|owed?|earned?|long|high|each|takes?|lasts?|need(?:s|ed)?|done|made|be|been|one|you|kosten|bezahlt|gezahlt)\b/giu;

/** What a sum leaves out: "18,200 crowns a year, exclusive of rates". */
const LEFT_OUT =
  /(?<!\p{L})(?:exclusive of|excluding|not including|net of|zuzüglich|ausschließlich|abzüglich) (?:(?:the|all|any|der|die|das) )?[\p{L}-]+/giu;

/** How a sentence begins that is of what its document is of: "Its mass is", "She draws", "Weight, empty: 47 kg", "The speed limit is". */
const OF_WHAT_IS_SPOKEN_OF =
  /^(?:\(?[\w.]{1,5}[.)]\s+)?(?:(?:it|its|she|her|he|his|we)\s|(?:the )?(?:[\w-]+ )?(?:weight|mass|length|width|beam|breadth|height|depth|draught|speed|noise|sound|tonnage|age|price)\b(?! of)|year of build)/i;

/** What a manual calls the one thing that it is of, whatever that is. */
const ITS_THING =
  /^(?:the|this|your|my|das|die|der|dieses?) (?:unit|machine|device|appliance|apparatus|instrument|gerät|maschine|anlage)\s*\?*$/iu;

/** The number of a clause, which takes up no other. */
const CLAUSE_NUMBER = /^\d+\.\s/;

/** What a sentence is of that limits a measure for all: "The speed limit is 5 knots." */
const LIMIT = /\b(?:speed|weight|height|age|noise|length) limit\b(?! of)/i;

/** Tells the sentences to pass over, where a measure or price is asked of a thing: those that name it neither themselves, nor in the one before, nor in what they stand under. */
export function ofAnotherThing({ text: asked, subject }: Question, language: Language): (one: Evidence) => boolean {
  const of = OF_A_THING.flatMap((shape) => shape.exec(asked.trim())?.groups?.['of'] ?? [])[0] ?? '';
  const named = termSet(of.replace(SAID_OF_ANY, ' '), language);
  const wordings = [...wordingsOf({ subject: subject.filter(({ term }) => named.has(term)) })];
  if (wordings.length === 0) return () => false;
  const names = (text: string, own: Language): boolean => {
    const terms = termSet(text.replace(LEFT_OUT, ' '), own);
    return wordings.some((word) => terms.has(word));
  };
  const ofTheDocument = (source: AskedSource): boolean => names(nameOfDocument(source), source.segment.language);
  return ({ source, hit, index, text, row }) => {
    const own = source.segment.language;
    if (names(text, own) || (row !== null && names(wordsOver(row), own))) return false;
    const units = unitsOfPassage(source, hit.passage);
    const before = names(units[index - 1]?.text ?? '', own);
    if (LIMIT.test(text)) return false;
    const opens = CLAUSE_NUMBER.test(text) || takenUp(units, index) < 0;
    if (opens && OF_WHAT_IS_SPOKEN_OF.test(text) && (ITS_THING.test(of) || ofTheDocument(source))) return false;
    // “It” is what the sentence before names, whatever both stand under.
    return !before && (takenUp(units, index) >= 0 || !names(headOver(source, units, index), own));
  };
}
