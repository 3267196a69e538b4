import { checkClaim, type AskedSource, type Answer, type Claim, type Search } from '../answer';
import { addsFigure } from '../figure';
import type { QuoteIndex } from '../quote';
import { pageOfLabel } from '../search';
import type { ModelCitation, ModelEvent, Sent } from './types';

/** A model's answer as far as it has come, every citation checked. */
export interface ModelAnswer {
  readonly answer: Answer;
  /** What it said without a citation: not from the documents. */
  readonly asides: readonly string[];
  /** True when it says that it does not know, whatever else it said. */
  readonly unknown: boolean;
  readonly sent: Sent | null;
}

function plain(name: string): string {
  return name
    .trim()
    .replace(/\.(?:pdf|txt|md)$/i, '')
    .toLowerCase();
}

/** The document a model names, by name with or without its ending; null when it names none of these. */
function sourceNamed(sources: readonly AskedSource[], name: string): AskedSource | null {
  const wanted = plain(name);
  return (
    sources.find((source) => source.name === name) ??
    sources.find((source) => plain(source.name) === wanted) ??
    sources.find((source) => wanted !== '' && plain(source.name).endsWith(`/${wanted}`)) ??
    null
  );
}

/** The physical page that a model names: a page's number, or else its printed label. */
function pageNamed(source: AskedSource | null, given: ModelCitation['page']): number | null {
  if (given === null || source === null) return null;
  const text = String(given)
    .trim()
    .replace(/^(?:pp?\.|page)\s*/i, '');
  const number = Number(text);
  if (Number.isInteger(number) && number >= 1 && number <= source.pageCount) return number;
  return pageOfLabel(source, text) ?? (Number.isInteger(number) && number >= 1 ? number : null);
}

/** The headline that the carried claims hold; the first of them when the model's own says more than they do. */
function boundHeadline(
  headline: string | null,
  claims: readonly Claim[],
  sources: readonly AskedSource[],
): string | null {
  const carried = claims.filter((claim) => claim.standing === 'carried');
  const [first] = carried;
  if (first === undefined) return null;
  const quotes = carried.flatMap((claim) => claim.citations.map((one) => one.quote));
  const language = sources[0]?.segment.language ?? 'und';
  return headline === null || addsFigure(headline, quotes, language) ? first.text : headline;
}

/**
 * Puts a model's answer together from what it says, checking each claim as it arrives. The model never marks its own work: a source or page
 * that it got wrong is found and told like any other fault.
 */
export class ModelComposer {
  private headline: string | null = null;
  private readonly claims: Claim[] = [];
  private readonly missing: string[] = [];
  private readonly asides: string[] = [];
  private unknown = false;
  private sent: Sent | null = null;

  constructor(
    private readonly search: Search,
    private readonly sources: readonly AskedSource[],
    private readonly index: QuoteIndex,
    private readonly reader: Answer['reader'],
  ) {}

  take(event: ModelEvent): void {
    if (event.kind === 'headline') this.headline ??= event.text;
    else if (event.kind === 'claim') this.claims.push(this.checked(event.text, event.citations));
    else if (event.kind === 'missing') this.missing.push(event.text);
    else if (event.kind === 'unknown') this.unknown = true;
    else if (event.kind === 'aside') this.asides.push(event.text);
    else if (event.kind === 'done') this.sent = event.sent;
  }

  /** The answer so far. */
  soFar(): ModelAnswer {
    const { claims, search } = this;
    const found = claims.length > 0;
    const headline = boundHeadline(this.headline, claims, this.sources);
    // A headline without a carried claim rests on nothing.
    const left = !found && this.headline !== null ? [this.headline] : [];
    return {
      answer: {
        found,
        headline,
        claims: [...claims],
        calculations: [],
        conflicts: [],
        missing: found ? [...this.missing] : [search.question.text, ...this.missing],
        passages: search.passages,
        searches: search.searches,
        reader: this.reader,
        milliseconds: this.sent?.milliseconds ?? 0,
      },
      asides: [...left, ...this.asides],
      unknown: this.unknown,
      sent: this.sent,
    };
  }

  private checked(text: string, citations: readonly ModelCitation[]): Claim {
    const drafts = citations.map(({ source: name, page, quote }) => {
      const source = sourceNamed(this.sources, name);
      // A document that is not there is still what was cited: its quote can only stand elsewhere.
      return { sourceId: source?.id ?? (name === '' ? null : name), page: pageNamed(source, page), quote };
    });
    return checkClaim({ text, citations: drafts }, this.sources, this.index);
  }
}
