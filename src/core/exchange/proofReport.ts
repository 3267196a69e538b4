import Papa from 'papaparse';
import { isProblem, tallyOf, type ProofItem, type ProofResult } from '../proof';
import { sayFault } from '../figure';

/** A proof as a report tells it. */
export interface ReportedProof extends ProofResult {
  readonly name: string;
  readonly text: string;
  /** Milliseconds since 1970. */
  readonly madeAt: number;
}

/** What was found of an item, in a few words. */
export function findingInWords(item: ProofItem): string {
  if (item.kind === 'figure') return item.fault === null ? item.verdict : sayFault(item.fault);
  const place = item.placeFault === null ? '' : `, wrong ${item.placeFault}`;
  return `${item.tooShort && item.citation.mark === 'absent' ? 'too short to tell' : item.citation.mark.replace('-', ' ')}${place}`;
}

/** What differs, or how a figure was traced. */
export function detailInWords(item: ProofItem): string {
  if (item.kind === 'figure') return item.how;
  const differs = item.citation.differences.map((one) => `page: ${one.expected === '' ? 'nothing' : `“${one.expected}”`}, text: ${one.found === '' ? 'left out' : `“${one.found}”`}`); // prettier-ignore
  const right = item.rightPlace === null ? [] : [`stands at ${item.placeFault === 'document' ? '' : item.placeFault === 'section' ? 'clause ' : 'p. '}${item.rightPlace}`]; // prettier-ignore
  return [...differs, ...right].join('; ');
}

function place(item: ProofItem): { source: string; page: string } {
  const { citation } = item;
  return {
    source: citation?.sourceName ?? '',
    page: citation?.page == null ? '' : (citation.label ?? String(citation.page)),
  };
}

const COLUMNS = ['kind', 'offset', 'text', 'said to be from', 'found', 'problem', 'document', 'page', 'section', 'what the document says', 'detail'] as const; // prettier-ignore

/** A proof as CSV (RFC 4180, UTF-8), a row a quotation or figure; cells that a spreadsheet would take for a formula are neutralised. */
export function proofToCsv(proof: ReportedProof): string {
  const rows = proof.items.map((item) => {
    const { source, page } = place(item);
    const says = item.kind === 'quote' ? item.citation.matched || item.citation.quote : (item.citation?.quote ?? '');
    return [item.kind === 'quote' ? 'quotation' : 'figure', item.start, item.text, item.saidFrom, findingInWords(item), isProblem(item) ? 'yes' : '', source, page, item.citation?.section ?? '', item.kind === 'quote' && item.citation.mark === 'absent' ? '' : says, detailInWords(item)]; // prettier-ignore
  });
  return `${Papa.unparse({ fields: [...COLUMNS], data: rows }, { escapeFormulae: true, newline: '\r\n' })}\r\n`;
}

const ESCAPES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};
const plain = (text: string): string => text.replace(/[&<>"']/g, (char) => ESCAPES[char] ?? char);

function marked({ text, items }: ReportedProof): string {
  let out = '';
  let at = 0;
  for (const [index, item] of items.entries()) {
    if (item.start < at) continue;
    const words = plain(text.slice(item.start, item.end));
    const tag = isProblem(item) ? 'mark' : 'u';
    out += `${plain(text.slice(at, item.start))}<${tag}>${words}</${tag}><sup><a href="#i${index + 1}">${index + 1}</a></sup>`;
    at = item.end;
  }
  return out + plain(text.slice(at));
}

const STYLE =
  'body{font:15px/1.5 Georgia,serif;max-width:52em;margin:2em auto;padding:0 1em;color:#1a2626}h1{font-size:1.4em}h2{font-size:1.1em;margin-top:2em}table{border-collapse:collapse;width:100%;font-size:13px}td,th{border-bottom:1px solid #ccc;padding:4px 6px;text-align:left;vertical-align:top}mark{background:none;border-bottom:2px solid #a3241c;color:inherit}u{text-decoration:none;border-bottom:1px solid #8a9a9a}.text{white-space:pre-wrap;border-left:1px solid #ccc;padding-left:1em}code{font-size:11px;word-break:break-all}sup{font-size:10px}.wrong{color:#a3241c}';

/** A proof as one HTML page that stands alone: what was held against which files, what was found, and the text with every item marked. */
export function proofToHtml(proof: ReportedProof): string {
  const { quotes, quotesStanding, figures, figuresSupported, problems } = tallyOf(proof.items);
  const rows = proof.items.map((item, at) => {
    const { source, page } = place(item);
    const wrong = isProblem(item) ? ' class="wrong"' : '';
    return `<tr id="i${at + 1}"><td>${at + 1}</td><td>${plain(item.text)}</td><td${wrong}>${plain(findingInWords(item))}</td><td>${plain([source, page === '' ? '' : `p. ${page}`].filter((part) => part !== '').join(', '))}</td><td>${plain(detailInWords(item))}</td></tr>`; // prettier-ignore
  });
  const files = proof.against.map(
    (one) => `<tr><td>${plain(one.name)}</td><td><code>${plain(one.sha256)}</code></td></tr>`,
  );
  return [
    '<!doctype html><html lang="en"><head><meta charset="utf-8">',
    `<title>Proof of ${plain(proof.name)}</title><style>${STYLE}</style></head><body>`,
    `<h1>Proof of ${plain(proof.name)}</h1>`,
    `<p>Made on ${new Date(proof.madeAt).toISOString().slice(0, 16).replace('T', ' ')} UTC. ${quotesStanding} of ${quotes} quotations stand where they are said to, ${figuresSupported} of ${figures} figures are supported; ${problems} to look at.</p>`, // prettier-ignore
    '<p>The check compares words and figures. It does not weigh whether a sentence in the writer’s own words says what its source means.</p>',
    '<h2>Held against</h2><table><tr><th>document</th><th>SHA-256 of the file</th></tr>',
    ...files,
    '</table><h2>What was found</h2><table><tr><th></th><th>in the text</th><th>found</th><th>where</th><th>detail</th></tr>',
    ...rows,
    `</table><h2>The text</h2><div class="text">${marked(proof)}</div></body></html>\n`,
  ].join('\n');
}
