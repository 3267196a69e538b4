import { isIdeographic, oneLine, tokenize } from '../text';
import type { AskedSource } from '../answer';
import { isStopword, termsOf, unitsOfPassage } from '../search';
import type { Line, Span } from '../source';

/** A sentence that may stand in a summary by itself. */
export interface Candidate {
  readonly source: AskedSource;
  /** As it is quoted: one line, without the clause number before it. */
  readonly text: string;
  readonly page: number;
  readonly section: number;
  /** Index of the sentence in its document, from 0. */
  readonly order: number;
  /** How far into the document it stands, 0 to 1. */
  readonly position: number;
  readonly terms: readonly string[];
}

const MIN_WORDS = 8;
const MAX_WORDS = 55;
/** Ideographs a sentence has at least and at most, where words are not set apart. */
const MIN_IDEOGRAPHS = 14;
const MAX_IDEOGRAPHS = 120;

/** "4.2 ", "(b) ", "Article 7 ", "§ 3 ", "• " before a sentence. */
const NUMBERING =
  /^(?:(?:(?:article|section|clause|art\.|sec\.|§)\s*)?(?:\(?\d{1,3}(?:\.\d{1,3})*(?:\([a-z]{1,4}\))*[.)]?|\([a-z]{1,4}\)|[•◦▪–—*])\s+)+/iu;

/** Words that point back to what stands before: without it they say nothing. */
const LEANS: readonly RegExp[] = [
  /^(?:it|they|them|he|she|these|those|such|however|therefore|thus|hence|moreover|furthermore|additionally|accordingly|consequently|nevertheless|nonetheless|otherwise|similarly|likewise|instead|also|and|but|or|so|then|now|let|if (?:not|so)|in addition|in particular|in (?:this|that|such) (?:case|event)|in contrast|by contrast|on the other hand|for (?:example|instance)|as a result|as such|(?:line|step|figure|table|example) \d+|the (?:former|latter|above|following|same|foregoing)|see|note that|here|there)\b/iu,
  /^(?:dies|diese[rsmn]?|es|sie|er|jedoch|daher|deshalb|außerdem|hierbei|dabei|dazu|dann|auch|und|aber|oder|siehe)\b/iu,
  /^(?:to|by|for|in|with|after|before|at|from|once)\s+(?:do(?:ing)?\s+|using\s+)?(?:this|that|these|those|such|so)\b(?!\s+(?:agreement|contract|deed|lease|regulation|year|financial|period))/iu,
  /\b(?:as follows|the following|as below|shown below|shown above)[”"’)]*\.$|\bthe following (?:\p{L}+ ){0,2}\p{L}+\.$|\b(?:mentioned|described|noted|given|listed|as|discussed|outlined) (?:above|below|earlier|before|previously)\b/iu,
];
const SUBJECT =
  'agreement|contract|deed|lease|regulation|rule|act|law|directive|policy|prospectus|standard|specification|concession|licen[cs]e|company|year';
/** What a document calls itself; further in, it may be speaking of another. */
const ITSELF =
  'report|document|manual|guide|handbook|filing|notice|letter|survey|study|paper|book|package|program|software';
/** "This Agreement …" names its subject, "This is …" does not. */
const POINTS = new RegExp(`^(?:this|that)\\s+(?!(?:${SUBJECT}|${ITSELF})\\b)`, 'iu');
const OF_ITSELF = new RegExp(`\\b(?:this|the present)\\s+(?:${ITSELF})\\b`, 'iu');
/** Share of a document within which "this document" is itself. */
const FRONT = 0.12;

/** What stands in every document of its kind and says nothing of this one. */
const BOILERPLATE: readonly RegExp[] = [
  /\ball rights reserved\b|copyright\b|©|\btrademarks?\b|\bISBN\b|\blicen[cs]ed under\b|\bgeneral public licen[cs]e\b|\bpermission is (?:hereby )?granted\b|\bfree documentation licen[cs]e\b|\bredistribut|\blicen[cs]e notice\b|\bof this licen[cs]e\b|\binvariant sections?\b/i,
  /\bforward[- ]looking\b|\bactual results (?:may|could|might)\b|\bno obligation to (?:publicly )?(?:update|revise)\b|\bindicate by check ?mark\b|\bSecurities (?:Exchange )?Act\b|\bincorporated (?:herein )?by reference\b|\bexhibits? (?:to|filed|listed)\b|\baggregate market value\b/i,
  /\bdisclosure controls\b|\baccounting oversight\b|\baccepted accounting principles\b|\baudit(?:s|ed)? in accordance\b|\bwe file\b|\binternal control over financial reporting\b|\bhereby certif|\bthe accompanying notes\b|\bform an integral part\b|\b(?:stated|expressed|presented|amounts?) (?:are )?in (?:thousands|millions)\b|\bprepared in accordance with\b|\bon behalf of the board\b/i,
  /\bwithout (?:any )?warrant|\bwarranty of (?:merchantability|fitness)\b|\bas is\b.*\bwarrant|\bno representations? or warrant|\bdisclaims?\b|\bliab(?:le|ility) for any (?:errors|omissions|direct|indirect)\b/i,
  /\bheadings?\b.*\b(?:convenience|interpretation)\b|\bin (?:witness|testimony) whereof\b|\bexecuted (?:in (?:two|three|several|any number of)|as a deed)\b|\bcounterparts?\b|\bduly authori[sz]ed (?:representatives?|officers?|signator)|\bentire (?:agreement|understanding)\b|\bsever(?:able|ability)\b|\binvalid(?:ity)?,? (?:or|and) unenforceab|\b(?:singular|plural) (?:includes?|shall include)\b|\bno waiver\b|\bfurther assurances?\b|\bsuccessors and (?:permitted )?assigns\b/i,
  /\bgoverned by\b.{0,30}\blaws?\b|^(?:a |an |any |all |every |each )?(?:notices?|communications?)\b.{0,80}\b(?:in writing|deemed|shall be (?:sent|delivered|given))\b|\b(?:amended|varied|modified)\b.{0,40}\b(?:in writing|written)\b|\b(?:references? to|words (?:importing|denoting)|in this (?:agreement|regulation|contract|deed|lease),? (?:the following|unless))\b/i,
  /\b(?:intentionally|deliberately) (?:left )?blank\b|\btable of contents\b|\bthis page\b|\b(?:typographical|printing) conventions?\b|\bthis font\b|\b(?:latest|current|other|printed) versions? of this\b|\balso available\b|\bother languages\b/i,
  /\bfor (?:more|further) (?:information|details?)\b|\bplease (?:see|refer|contact|note|send|report|visit|read)\b|\brefer to\b|\bsee (?:also )?(?:section|chapter|page|note|figure|table|annex|appendix)\b|\bcan be found (?:in|at|on)\b|\b(?:is|are) (?:described|discussed|explained|shown|listed|given|available|documented|found|set out|defined|included) (?:below|above|in)\b/i,
  /https?:\/\/|www\.|\S+@\S+\.\w+/i,
  /\bthank(?:s| you)\b|\backnowledge?ments?\b|\bauthors? (?:would like|thanks?|is grateful)\b|\bdear (?:share|sir|madam)/i,
];

const DEFINES = /^[“"„'][^”"“']{2,80}[”"“']\s+(?:means?|has the meaning|shall mean|refers? to|includes?)\b/i;

/** Forms that carry a sentence: auxiliaries, modals, and the commonest full verbs; "-ed" and "-t" forms are known by their ending. */
const VERBS = new Set(
  (
    'is are was were be been has have had does do did shall will may must can could should would might cannot provides provide includes include consists consist comprises contains contain ' +
    'requires require means covers cover describes describe explains explain applies apply gives give makes make takes take uses use allows allow ' +
    'becomes become remains remain begins begin rose fell grew cost costs took gave led left kept held paid sold bought went came made began lost met sent spent stood shows show pays pay holds hold runs run owns own operates operate depends depend works ' +
    'supports support needs need comes come goes go keeps keep lets let lies lie stands stand serves serve ' +
    'ist sind war waren wird werden wurde wurden hat haben hatte kann können muss müssen soll sollen darf dürfen gibt enthält bietet regelt beschreibt gilt gelten'
  ).split(' '),
);
const LATIN = new Set(['en', 'de', 'fr']);

const PARTICIPLE_BEFORE = new Set([
  'by',
  'in',
  'on',
  'at',
  'for',
  'with',
  'to',
  'from',
  'of',
  'as',
  'under',
  'and',
  'or',
]);

function hasVerb(words: readonly string[], language: string): boolean {
  if (!LATIN.has(language)) return true;
  // "-ed" at the end, or before "by" and "in", is a participle: "sets of files supported by it".
  return words.some((word, at) => {
    if (VERBS.has(word)) return true;
    const next = words[at + 1];
    return (
      language === 'en' && at > 0 && /[a-z]{3}ed$/.test(word) && next !== undefined && !PARTICIPLE_BEFORE.has(next)
    );
  });
}

function balanced(text: string): boolean {
  const count = (pattern: RegExp): number => text.match(pattern)?.length ?? 0;
  return count(/[([]/g) === count(/[)\]]/g) && count(/[“„]/g) <= count(/[”“]/g) && count(/"/g) % 2 === 0;
}

/** A capital where no sentence begins: a heading was taken for the sentence's first words ("Overview The company …"). */
const SECOND_BEGINNING =
  /(?<=[\p{L}\p{N})])\s(?:The|This|These|A|An|In|We|Our|It|If|As|For|When|There|You|To|Each|All|No|Any|On|At|By)\s+\p{Ll}/u;

/** Why a sentence cannot stand in a summary, or null when it can. `text` is one line without numbering. */
export function unfit(text: string, language: string): 'fragment' | 'leans' | 'boilerplate' | 'size' | null {
  const words = tokenize(text).map((token) => token.word);
  const ideographs = words.filter(isIdeographic).length;
  const isScript = ideographs > words.length / 2;
  if (
    isScript
      ? ideographs < MIN_IDEOGRAPHS || ideographs > MAX_IDEOGRAPHS
      : words.length < MIN_WORDS || words.length > MAX_WORDS
  )
    return 'size';
  if (isScript ? !/[。！]$/.test(text) : !/[.!][”"’)]*$/.test(text)) return 'fragment';
  if (!isScript && !/^[“"„'(]?[\p{Lu}\d]/u.test(text)) return 'fragment';
  if (/\.{3,}|(?:\.\s){3,}|…|[:;]\s*\.?$|[|{}<>=\\]|(?:^|\s)-{1,2}\w|\b_\w/.test(text) || !balanced(text))
    return 'fragment';
  if (!hasVerb(words, language)) return 'fragment';
  const capitals = text.match(/\b\p{Lu}{2,}\b/gu)?.length ?? 0;
  const digits = words.filter((word) => /^\d/.test(word)).length;
  if (capitals > words.length / 3 || digits > words.length / 3) return 'fragment';
  if (/^[\p{L}\p{N}_-]+:\s|^[\p{L}\p{N}_ -]{2,40}:\s\p{Lu}|^\(/u.test(text) || SECOND_BEGINNING.test(text))
    return 'fragment';
  if (LEANS.some((pattern) => pattern.test(text)) || POINTS.test(text)) return 'leans';
  if (DEFINES.test(text) || BOILERPLATE.some((pattern) => pattern.test(text))) return 'boilerplate';
  return null;
}

/** Sections whose sentences are about the document's form, not its matter. */
const APART =
  /\b(?:contents|index|glossary|definitions?|interpretation|copyright|licen[cs]e|colophon|bibliography|references|exhibits?|signatures?|acknowledge?ments?|legal notices?|disclaimer|forward[- ]looking|notices|boilerplate|miscellaneous|general provisions|about this (?:document|manual|guide)|conventions|feedback|changelog|revision history|credits|authors?)\b/i;

function linesOf(source: AskedSource, span: Span): readonly Line[] {
  return source.page(span.page)?.lines.filter((line) => line.start < span.end && line.end > span.start) ?? [];
}

/** True when the lines of a unit are set in one size: a heading drawn into a sentence shows by its type. */
function oneSize(source: AskedSource, spans: readonly Span[]): boolean {
  const sizes = spans.flatMap((span) => linesOf(source, span).map((line) => line.size));
  return Math.max(...sizes) - Math.min(...sizes) <= 0.12 * Math.max(...sizes);
}

/** True when a line ends early and the next begins anew: a heading, a caption or a list was run into the sentence. */
function breaksOff(text: string): boolean {
  const lines = text.split('\n');
  const longest = Math.max(...lines.map((line) => line.length));
  return lines.some(
    (line, at) =>
      at < lines.length - 1 && line.length < 0.6 * longest && /^\s*[\p{Lu}\p{N}]/u.test(lines[at + 1] ?? ''),
  );
}

function sectionTitles(source: AskedSource, section: number): string {
  const titles: string[] = [];
  for (let at = section; at >= 0 && titles.length < 6; at = source.sections[at]?.parent ?? -1)
    titles.push(source.sections[at]?.title ?? '');
  return titles.join(' / ');
}

/** The sentences of a document that may stand in a summary, in order. */
export function candidatesOf(source: AskedSource): Candidate[] {
  const { language } = source.segment;
  const found: Candidate[] = [];
  const seen = new Set<string>();
  const passages = source.segment.passageSections.length;
  let order = 0;
  for (let passage = 0; passage < passages; passage += 1) {
    for (const { unit, text } of unitsOfPassage(source, passage)) {
      order += 1;
      const [first] = unit.spans;
      if (unit.kind !== 'sentence' || first === undefined) continue;
      const shown = oneLine(text).replace(NUMBERING, '');
      const key = shown.toLowerCase();
      if (unfit(shown, language) !== null || seen.has(key) || breaksOff(text)) continue;
      const position = (first.page - 1) / Math.max(1, source.pageCount);
      if (position > FRONT && OF_ITSELF.test(shown)) continue;
      if (APART.test(sectionTitles(source, unit.section)) || !oneSize(source, unit.spans)) continue;
      seen.add(key);
      const terms = [...new Set(termsOf(shown, language).map((one) => one.term))].filter((term) => !isStopword(term));
      found.push({
        source,
        text: shown,
        page: first.page,
        section: unit.section,
        order,
        position: passage / passages,
        terms,
      });
    }
  }
  return found;
}
