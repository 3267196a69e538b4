import { isProblem, proof, tallyOf, type ProofItem } from '../../src/core/proof';
import { readProofText } from '../proofText';
import { openShelf } from '../shelf';
import { EXIT, print, showProgress, clearProgress } from '../terminal';

/** An item as `--json` writes it; see docs/formats.md. */
function asLine(item: ProofItem): Record<string, unknown> {
  const { kind, text, start, citation, pages, placeFault, rightPlace, saidFrom } = item;
  const place = { source: citation === null || citation.sourceName === '' ? null : citation.sourceName, page: citation?.page ?? null, label: citation?.label ?? null, section: citation?.section ?? '', pages }; // prettier-ignore
  const said = { saidFrom, ...(rightPlace === null ? {} : { rightPlace }) };
  if (item.kind === 'quote') {
    const { mark, words, differences, matched } = item.citation;
    const fault = placeFault ?? (isProblem(item) ? (differences[0]?.kind ?? mark) : null);
    return { kind, text, offset: start, mark, words, fault, ...place, differences, matched, ...(item.tooShort ? { tooShort: true } : {}), ...said }; // prettier-ignore
  }
  const { verdict, fault, value, unit, scale, how, right } = item;
  return { kind, text, offset: start, verdict, fault: fault ?? placeFault, value, unit, scale, ...place, differences: [], how, right, ...said }; // prettier-ignore
}

function asText(item: ProofItem): string {
  const { citation } = item;
  const where =
    citation === null || citation.sourceName === ''
      ? ''
      : `  ${citation.sourceName}, p. ${citation.label ?? citation.page ?? '?'}`;
  const shown = item.text.length > 90 ? `${item.text.slice(0, 89)}…` : item.text;
  const flag = isProblem(item) ? '!' : ' ';
  if (item.kind === 'figure')
    return `${flag} ${item.verdict}  ${shown}${where}${item.how === '' ? '' : `\n    ${item.how}`}`;
  const wrong = item.placeFault === null ? '' : `\n    wrong ${item.placeFault}: stands at ${item.rightPlace ?? '?'}`;
  const differs = item.citation.differences.map((one) => `\n    ${one.grave ? 'grave, ' : ''}${one.kind}: page “${one.expected}”, text “${one.found}”`); // prettier-ignore
  return `${flag} ${item.citation.mark}  “${shown}”${where}${wrong}${differs.join('')}`;
}

/** `proof`: a text's quotations and figures held against the documents. Gives the exit code: 1 when one of them does not stand. */
export async function proofCommand(
  file: string,
  options: { sources: readonly string[]; json: boolean },
): Promise<number> {
  const { text, offsetInFile } = await readProofText(file);
  const { library, incomplete } = await openShelf(options.sources);
  const shelf = { sources: library.sources(), quotes: library.quotes };
  const onProgress = (done: number, total: number): void => showProgress(`proofing: ${done} of ${total}`);
  const { items } = proof(text, { shelf, onProgress });
  clearProgress();
  for (const item of items)
    print(options.json ? JSON.stringify(asLine({ ...item, start: offsetInFile(item.start) })) : asText(item));
  const { quotes, quotesStanding, figures, figuresSupported, problems } = tallyOf(items);
  if (!options.json)
    print(`${quotesStanding} of ${quotes} ${quotes === 1 ? 'quotation stands' : 'quotations stand'}, ${figuresSupported} of ${figures} ${figures === 1 ? 'figure is' : 'figures are'} supported.`); // prettier-ignore
  if (incomplete) return EXIT.unreadable;
  return problems > 0 ? EXIT.unverified : EXIT.done;
}
