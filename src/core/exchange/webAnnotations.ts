import type { Citation } from '../quote';
import type { Finding } from '../review';

const CONTEXT = 'http://www.w3.org/ns/anno.jsonld';

function target(citation: Citation): Record<string, unknown> {
  const selectors: Record<string, unknown>[] = [
    {
      type: 'TextQuoteSelector',
      exact: citation.matched === '' ? citation.quote : citation.matched,
      prefix: citation.before,
      suffix: citation.after,
    },
    ...citation.spans.map((span) => ({
      type: 'FragmentSelector',
      conformsTo: 'http://tools.ietf.org/rfc/rfc3778',
      value: `page=${span.page}`,
      refinedBy: { type: 'TextPositionSelector', start: span.start, end: span.end },
    })),
  ];
  return { source: `urn:sha256:${citation.sha256}`, 'schema:name': citation.sourceName, selector: selectors };
}

/** Findings as a W3C Web Annotation collection (JSON-LD): quote, position on the page, page. See docs/formats.md. */
export function findingsToAnnotations(findings: readonly Finding[]): string {
  const items = findings
    .filter((finding) => finding.content !== null)
    .map((finding) => ({
      '@context': CONTEXT,
      id: `urn:uuid:${finding.id}`,
      type: 'Annotation',
      motivation: 'assessing',
      created: new Date(finding.keptAt).toISOString(),
      body: [
        { type: 'TextualBody', purpose: 'describing', format: 'text/plain', value: finding.content?.text ?? '' },
        ...(finding.note === ''
          ? []
          : [{ type: 'TextualBody', purpose: 'commenting', format: 'text/plain', value: finding.note }]),
        ...(finding.content?.citations ?? []).map((citation) => ({
          type: 'TextualBody',
          purpose: 'classifying',
          format: 'text/plain',
          value: citation.mark,
        })),
      ],
      target: (finding.content?.citations ?? []).map(target),
    }));
  const collection = {
    '@context': [CONTEXT, { schema: 'https://schema.org/' }],
    type: 'AnnotationCollection',
    label: 'Findings',
    total: items.length,
    first: { type: 'AnnotationPage', startIndex: 0, items },
  };
  return `${JSON.stringify(collection, null, 2)}\n`;
}
