import type { ModelCitation, ModelEvent } from './types';

type Said = Exclude<ModelEvent, { kind: 'done' } | { kind: 'problem' }>;

/** An object over several lines is given up beyond this many characters. */
const LONGEST = 20_000;
const MOST_CITATIONS = 12;
const LONGEST_TEXT = 4000;

function textOf(value: unknown): string | null {
  return typeof value === 'string' && value.trim() !== '' ? value.trim().slice(0, LONGEST_TEXT) : null;
}

function citationsOf(value: unknown): ModelCitation[] {
  if (!Array.isArray(value)) return [];
  return value.slice(0, MOST_CITATIONS).flatMap((one: unknown) => {
    if (typeof one !== 'object' || one === null) return [];
    const { source, page, quote } = one as Record<string, unknown>;
    const words = textOf(quote);
    if (words === null) return [];
    const place = typeof page === 'number' || typeof page === 'string' ? page : null;
    return [{ source: textOf(source) ?? '', page: place, quote: words }];
  });
}

/** What one object says; several things when it says several. */
function eventsOf(value: Record<string, unknown>): Said[] {
  const said: Said[] = [];
  const headline = textOf(value['headline']);
  if (headline !== null) said.push({ kind: 'headline', text: headline });
  const claim = textOf(value['claim']);
  const citations = citationsOf(value['citations']);
  // A claim without a quote rests on nothing of the documents.
  if (claim !== null)
    said.push(citations.length > 0 ? { kind: 'claim', text: claim, citations } : { kind: 'aside', text: claim });
  const missing = textOf(value['missing']);
  if (missing !== null) said.push({ kind: 'missing', text: missing });
  if (value['unknown'] === true) said.push({ kind: 'unknown' });
  return said;
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/**
 * Takes a model's words as they stream in and gives what they say, a line at a time. An object may go over several lines; a list of objects
 * and a fence around them are put up with; whatever is no object of ours is an aside.
 */
export class ClaimLines {
  private line = '';
  private open = '';
  /** Objects understood so far. */
  understood = 0;

  push(delta: string): Said[] {
    this.line += delta;
    const lines = this.line.split('\n');
    this.line = lines.pop() ?? '';
    return lines.flatMap((line) => this.take(line));
  }

  /** What the last line says, once the stream has ended. */
  finish(): Said[] {
    const said = this.take(this.line);
    this.line = '';
    const rest = this.open.trim();
    this.open = '';
    return rest === '' ? said : [...said, { kind: 'aside', text: rest.slice(0, LONGEST_TEXT) }];
  }

  private take(line: string): Said[] {
    const trimmed = line.trim();
    if (this.open === '') {
      if (trimmed === '' || /^(?:`{3}\w*|[[\]],?)$/.test(trimmed)) return [];
      if (!trimmed.startsWith('{')) return [{ kind: 'aside', text: trimmed.slice(0, LONGEST_TEXT) }];
    }
    this.open += `${trimmed}\n`;
    const value = parsed(this.open.trim().replace(/,$/, ''));
    if (typeof value === 'object' && value !== null) {
      this.open = '';
      this.understood += 1;
      const said = eventsOf(value as Record<string, unknown>);
      return said.length > 0 ? said : [{ kind: 'aside', text: trimmed.slice(0, LONGEST_TEXT) }];
    }
    if (this.open.length > LONGEST) {
      const text = this.open.slice(0, LONGEST_TEXT);
      this.open = '';
      return [{ kind: 'aside', text }];
    }
    return [];
  }
}
