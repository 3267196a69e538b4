import { termsOf } from '../search';
import { tokenize, type Language } from '../text';
import { definesTerm } from './defining';
import type { Question } from './question';

const NAME = String.raw`\p{Lu}[\p{L}\p{N}.&’'-]*(?:\s+(?:(?:of|the|and|&|for|von|der)\s+)?\p{Lu}[\p{L}\p{N}.&’'-]*|\s+(?:plc|ltd|limited|inc|llc|gmbh|co)\b\.?)*`;
/** A party with the word it is called by: "Lantern Cruises (the Tenant)", "Merrowby Ferry Company plc, a company registered in Aldmere (“the Operator”)". */
const CALLED = new RegExp(
  String.raw`(?<![\p{L}\p{N}])(?<name>${NAME})(?:,[^()]{0,160})?\s*\([^()]{0,40}?(?:the |die |der )?[“"]?(?:the )?(?<role>\p{Lu}\p{L}+)[”"]?\)`,
  'gu',
);

/** Someone by name: two capital words or more, a title before one, or a kind of company behind it. */
const SOMEONE = String.raw`(?:(?:Mr|Ms|Mrs|Dr|Prof|Herrn?|Frau)\.?\s+)?\p{Lu}[\p{L}.’'-]+(?:\s+(?:(?:of(?: the)?|and|&|von|van|de)\s+)?\p{Lu}[\p{L}.&’'-]*)+(?:\s(?:plc|ltd|limited|inc|llc|gmbh)(?!\p{L}))?`;

/** A word in either case. */
function anyCase(word: string): string {
  return [...word]
    .map((char) => (/\p{L}/u.test(char) ? `[${char.toLowerCase()}${char.toUpperCase()}]` : char))
    .join('');
}

/** Words of a place or an office, which no name of a person has. */
const OF_PLACE = /\b(?:Office|Quay|Street|Road|Lane|Square|House|Building|Department|Harbour|Port|Pier|Basin)\b/;

/** Who a text says holds the office asked for: "Ilse Harrow joined as finance director", "Wexley Marsh LLP, auditors", "Harbour Master: Orrin Tave". */
function holderOf(text: string, words: readonly string[]): string | null {
  if (words.length === 0) return null;
  const last = words.at(-1) as string;
  if (!words.every((word) => /^\p{L}+$/u.test(word))) return null;
  const role = `(?:${words.map(anyCase).join('\\s+')}|${anyCase(last)})s?`;
  const before = new RegExp(
    String.raw`(?<name>${SOMEONE})(?:,\s*|\s+(?:is|was|acts as|(?:was|is|has been) (?:appointed|elected|named)(?: as)?|\p{Ll}+(?: (?:\p{Ll}+|\d{1,2}|\p{Lu}\p{Ll}+(?= as| \d))){0,7}? as)\s+)(?:the |our |its |an? )?(?:\p{Ll}+ )?${role}(?!\p{L})`,
    'u',
  );
  const behind = new RegExp(
    String.raw`(?<!\p{L})${role}(?:(?:\s+(?:for|of|at|in) [^,.;:]{2,30}?)?\s+(?:is|was|will be|has been)(?: (?:now|henceforth|from (?:now|then|that day) on|in future))?|:|,)?\s+(?:the )?(?<name>${SOMEONE})`,
    'u',
  );
  const name = (before.exec(text) ?? behind.exec(text))?.groups?.['name'];
  // "The Harbour Master, Harbour Office, Town Quay" is an address.
  if (name === undefined || OF_PLACE.test(name)) return null;
  return words.some((word) => name.toLowerCase().includes(word)) ? null : name.replace(/(?<=\p{Ll}{3})\.$/u, '');
}

/** The same in German: "Vorsitzende ist Frauke Petersen", "Schatzmeister Enno Brandt", "Enno Brandt, Schatzmeister". */
function holderInGerman(text: string, office: string): string | null {
  const role = `${anyCase(office.replace(/(?:in|er?|r)$/u, ''))}(?:in|er?|r)?`;
  const person = String.raw`(?:(?:Herr|Frau|Dr\.|Prof\.|Dipl\.-Ing\.)\s)*\p{Lu}\p{Ll}[\p{L}’'-]*(?:\s(?:von\s|van\s)?\p{Lu}\p{Ll}[\p{L}’'-]*)+`;
  const behind = new RegExp(String.raw`(?<!\p{L})${role}(?: (?:des|der|von|am|im) [^,.;:]{2,40}?)?(?:\s(?:ist|war|wird|bleibt)|:|,)?\s(?:derzeit |zurzeit |von nun an |künftig |jetzt |nunmehr |seitdem )?(?<name>${person})`, 'u'); // prettier-ignore
  const before = new RegExp(
    String.raw`(?<name>${person})(?:,|\s(?:ist|war|wird|als))\s(?:der |die )?${role}(?!\p{L})`,
    'u',
  );
  return (behind.exec(text) ?? before.exec(text))?.groups?.['name'] ?? null;
}

/** True for a text that says what is meant by the office or role that a question asks the holder of: “consignor” means the person who. */
export function saysWhoIsMeant(text: string, asked: string, language: Language): boolean {
  const office = HOLDER.exec(asked.trim())?.groups?.['office'];
  return office !== undefined && definesTerm(text, office.toLowerCase().split(/[\s-]+/), language);
}

const HOLDER =
  /^(?:wer (?:ist|sind|war)|wie hei(?:ß|ss)(?:t|en)) (?:(?:der|die|das|ihr|sein)e? (?<amt>[\p{L}-]{3,40})|[\p{L}-]{3,40}(?:er|erin|chef|kapitän|präsident|direktor))(?: (?:der|des|von|in|an|auf|im)\b.*)?[\s?]*$|^(?:who (?:is|was|are|were) (?:the|its|our|their|your)|what (?:is|was|are|were) the names? of (?:the|its|our|their|your)) (?<office>[\p{L}' -]{3,40}?)(?: (?:of|for|at|in|on|under)\b.*)?[\s?]*$/iu;

/** The first person named by title, or company by its kind, whom a question does not name itself: "Mr Piers Holloway", "Corbel Savings plc"; null where there is none. */
export function someoneNamed(text: string, asked = ''): string | null {
  const found = text
    .replace(/\s+/g, ' ')
    .match(
      /\b(?:(?:Mr|Ms|Mrs|Dr|Prof)\.?|Herrn?|Frau)\s\p{Lu}[\p{L}’'-]+(?:\s\p{Lu}[\p{L}’'-]+)*|(?:\p{Lu}[\p{L}&’'-]*\s)+(?:plc|Ltd|Limited|Inc|LLC|LLP|GmbH|AG|KG|Co)(?!\p{L})/gu,
    );
  // A company that is asked about is none that holds an office in it.
  const fresh = found?.find((name) => !asked.includes(name) && !asked.includes(name.replace(/\s\S+$/, '')));
  return fresh ?? null;
}

/** Names of two words that name a body or an office rather than someone. */
const OF_BODY =
  /\b(?:Board|Council|Committee|Commission|Company|Authority|Act|Agreement|Chair\w*|Director|Manager|Master|Officer)\b/;
/** Words that open a sentence with a capital, and name nobody. */
const OPENING =
  /^(?:The|An?|Any|Each|Every|No|All|This|That|These|If|When|Where|Such|Der|Die|Das|Den|Dem|Ein|Eine|Im|Am|Bei)\s/;
/** Someone by name who does what a sentence says, or by whom it is done: "Maren Holt chairs the board", "audited by Lomax & Teal". */
const DOER = new RegExp(
  String.raw`^(?:\(?[\w.]{1,5}[.)]\s+)?(?<doer>${SOMEONE})\s+\p{Ll}|\bby (?:the )?(?<by>${SOMEONE})`,
  'gu',
);

/** Who does what a sentence says by name, or by whom it is done, whom the question does not name: "Maren Holt"; null where nobody is named so. */
export function doerNamed(text: string, asked: string): string | null {
  const found = [...text.replace(/\s+/g, ' ').matchAll(DOER)].flatMap(
    ({ groups = {} }) => (groups['doer'] ?? groups['by'])?.replace(/(?<=\p{Ll}{2})\.$/u, '') ?? [],
  );
  return (
    found.find((name) => !OPENING.test(name) && !asked.includes(name) && !OF_PLACE.test(name) && !OF_BODY.test(name)) ??
    null
  );
}

/** A name of two words: "Tobias Finch", "Marren Filtration". */
const TWO_WORDS =
  /(?<![\p{L}\p{N}])(?!(?:The|An?|Any|Each|Every|No|All|This|That|If|When|Where|Such|Our|Its|Der|Die|Das|Den|Dem|Des|Ein\p{Ll}*|Im|Am|Bei|Zur?|Zum|Für|Von|Vom|Mit|Nach|Aus|Jede\p{Ll}*|Kein\p{Ll}*)\s)\p{Lu}\p{Ll}{2,}\s(?:\p{Lu}\.\s)?\p{Lu}\p{Ll}{2,}/gu;

/** True for a text that names someone by two words which the question does not use. */
export function namesByTwoWords(text: string, asked: string): boolean {
  const names = text.replace(/\s+/g, ' ').match(TWO_WORDS) ?? [];
  return names.some((name) => !asked.includes(name) && !OF_PLACE.test(name) && !OF_BODY.test(name));
}

/** Asks which of its kind it is, of someone who is known by name: "which insurer paid". */
const WHICH_ONE =
  /^who audit(?:s|ed)\b|^(?:by |from |to |with |through )?which (?:insurer|airline|laborator(?:y|ies)|diver|carrier|broker|auditor|surveyor|architect|manufacturer|publisher|notary|hospital|universit(?:y|ies)|newspaper|shipyard)s?\b/i;

/** A Japanese question of who holds an office. */
const OFFICE_IN_JAPANESE =
  /(?<office>責任者|管理者|担当者|代表者|代表取締役|社長|所長|局長|船長|理事長|会長|組合長|支店長|店長|立会人)(?:の(?:名前|氏名))?は(?:誰|だれ|どなた|何)/u;

/** True for a Japanese text that names nobody in the office that is asked about: 「責任者1名を定める」. */
export function namesNoHolder(text: string, asked: string): boolean {
  const office = OFFICE_IN_JAPANESE.exec(asked)?.groups?.['office'];
  if (office === undefined) return false;
  const name = String.raw`[\p{Script=Han}\p{Script=Katakana}・ー]{2,12}`;
  const held = /責任者|管理者|担当者/.test(office) ? `(?:${office}|代理人|主任|監督員?)` : office;
  return !new RegExp(String.raw`${held}として${name}を|${held}は[^。]{0,20}、${name}(?:とする|である|です|が)|${held}(?:社長)?(?:は|に|：|、|・)?\s?${name}(?:氏|さん|様|である|とする|です|が|を|、|。|$)|${name}(?:氏|を|が)${held}|(?:株式|有限|合同)会社`, 'u').test(text); // prettier-ignore
}

/** True for a question that asks who holds an office, or which of its kind someone is: only a name answers it. */
export function asksHolder({ kind, text }: Pick<Question, 'kind' | 'text'>): boolean {
  return kind === 'party' && (HOLDER.test(text.trim()) || WHICH_ONE.test(text.trim()));
}

/** Share from which on a word says the same as the one asked: "lessor", of the landlord. */
const SAYS_THE_SAME = 0.45;

/** Terms that say the same as the words of a question. */
function otherWords({ subject }: Question): Set<string> {
  const others = subject.flatMap(({ equivalents = [] }) => equivalents);
  return new Set(
    others.filter(({ share, loose, told }) => share >= SAYS_THE_SAME && !loose && !told).map(({ term }) => term),
  );
}

/** Who does something by what he is called who does: "who owns the vessel", of the owner. */
const DOES =
  /^who (?:is it that )?(?<verb>owns|charters|lets|rents|sells|buys|insures|supplies|employs|lends|borrows|leases|audits|operates|hires|licenses|publishes|manufactures|commands|captains|skippers|chairs|heads|leads|directs|manages|represents|edits|teaches|inspects|surveys)\b/i;
const CALLED_BY_DEED: Readonly<Record<string, readonly string[]>> = {
  owns: ['owner'],
  charters: ['charterer'],
  lets: ['landlord', 'lessor', 'letter'],
  leases: ['lessor', 'landlord'],
  rents: ['tenant', 'lessee', 'hirer'],
  hires: ['hirer', 'charterer'],
  sells: ['seller', 'vendor'],
  buys: ['buyer', 'purchaser'],
  insures: ['insurer'],
  supplies: ['supplier'],
  employs: ['employer'],
  lends: ['lender'],
  borrows: ['borrower'],
  audits: ['auditor', 'auditors'],
  operates: ['operator'],
  licenses: ['licensor'],
  publishes: ['publisher'],
  manufactures: ['manufacturer'],
  commands: ['master', 'captain', 'skipper', 'commander'],
  captains: ['master', 'captain', 'skipper'],
  skippers: ['master', 'captain', 'skipper'],
  chairs: ['chair', 'chairman', 'chairwoman', 'chairperson'],
  heads: ['head', 'director', 'leader', 'manager', 'chair'],
  leads: ['leader', 'head', 'director', 'manager'],
  directs: ['director', 'manager', 'head'],
  manages: ['manager'],
  represents: ['representative'],
  edits: ['editor'],
  teaches: ['teacher', 'instructor'],
  inspects: ['inspector', 'surveyor'],
  surveys: ['surveyor'],
};

/** What those are called who do what a question asks about; none for other questions. */
function calledByDeed(asked: string): readonly string[] {
  const verb = DOES.exec(asked.trim())?.groups?.['verb'];
  return verb === undefined ? [] : (CALLED_BY_DEED[verb.toLowerCase()] ?? []);
}

/** Who is called what a question asks for: "Lantern Cruises" where the tenant is asked; null where the text calls no one so. */
export function partyNamed(text: string, question: Question): string | null {
  if (question.kind !== 'party') return null;
  const plain = text.replace(/\s+/g, ' ');
  const deeds = calledByDeed(question.text);
  const asked = new Set([...tokenize(question.text).map((token) => token.word), ...deeds]);
  const byAnother = asksHolder(question) ? otherWords(question) : new Set<string>();
  for (const match of plain.matchAll(CALLED)) {
    const { name = '', role = '' } = match.groups ?? {};
    // "Who is the manager of Halvard Travel?" is not answered by its own name.
    if (question.text.includes(name)) continue;
    if (asked.has(role.toLowerCase()) || termsOf(role, 'en').some(({ term }) => byAnother.has(term)))
      return name.replace(/^(?:The|Between|By|And)\s+/, '');
  }
  const { office, amt } = HOLDER.exec(question.text.trim())?.groups ?? {};
  if (amt !== undefined) return holderInGerman(plain, amt);
  if (office !== undefined) return holderOf(plain, office.toLowerCase().split(/[\s-]+/));
  return deeds.map((deed) => holderOf(plain, [deed])).find((name) => name !== null) ?? null;
}
