/**
 * English words that the stemmer (Porter 2001) gives the stem of another word, "terminal" that of "terminate", with the stem each has instead; and spellings of one
 * word on both sides of the ocean, with the one stem of both. A line has the stem, then its words.
 */
const STEMS = `
terminal: terminal terminals
engineer: engineer engineers engineering
department: department departments departmental
several: several
important: important importance importantly
responsibl: responsible responsibly responsibility responsibilities
accountabl: accountable accountability
accountant: accountant accountants
authoriti: authority authorities
positiv: positive positively
experiment: experiment experiments experimental
customer: customer customers
customs: customs
organis: organization organizations organizational
business: business businesses
transition: transition transitions transitional
internal: internal internally
internat: international internationally
universiti: university universities
marina: marina marinas
directiv: directive directives
emergenc: emergency emergencies
operator: operator operators
officer: officer officers
container: container containers
employer: employer employers
publicat: publication publications
dues: dues
proceeds: proceeds
licens: licence licences
sublicens: sublicence sublicences
defens: defence defences
offens: offence offences
program: programme programmes
centr: center centers
instal: installment installments
grey: gray
judgment: judgement judgements
aluminium: aluminum
`;

/** "Organize" as "organise"; short words such as "prize" are others. */
const WITH_Z = /(?<=^[a-z]{4,})iz(?=(?:e[ds]?|ers?|ing|ations?|able)$)/;
/** "Harbor" as "harbour". */
const WITHOUT_U =
  /(?<=^(?:col|harb|lab|fav|hon|neighb|behavi|od|vap|arm|vig|flav|endeav|rum))or(?=(?:s|ed|ing|able|al|less)?$)/;

let stems: ReadonlyMap<string, string> | null = null;
let plain: ReadonlyMap<string, string> | null = null;

function rows(): (readonly [stem: string, words: readonly string[]])[] {
  return STEMS.trim()
    .split('\n')
    .map((line) => {
      const [stem = '', words = ''] = line.split(': ');
      return [stem, words.split(' ')] as const;
    });
}

/** The stem of an English word that the stemmer would give another's; null where it may go by its own. */
export function englishStem(word: string): string | null {
  stems ??= new Map(rows().flatMap(([stem, words]) => words.map((one) => [one, stem] as const)));
  return stems.get(word) ?? null;
}

/** A word as it is spelt in Britain. */
export function spelt(word: string): string {
  return word.replace(WITH_Z, 'is').replace(WITHOUT_U, 'our');
}

/** A word that has the stem, where that is one of ours; null elsewhere. */
export function wordOfStem(stem: string): string | null {
  plain ??= new Map(rows().map(([one, words]) => [one, words[0] as string]));
  return plain.get(stem) ?? null;
}
