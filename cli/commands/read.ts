import { sectionPath, type Section, type Table } from '../../src/core/source';
import { FACT_FIELDS } from '../../src/core/facts';
import { factsOf } from '../../src/core/summary';
import { findSources } from '../paths';
import { readFiles, wholeFile, type FileRead } from '../reading';
import { libraryOf } from '../shelf';
import { clearProgress, EXIT, print, showProgress, tellProblem } from '../terminal';

/** What the document says of itself, a list where there may be several. */
function factsIn(read: FileRead): Record<string, unknown> {
  const library = libraryOf(read);
  const [source] = library.sources();
  const facts = source === undefined ? [] : factsOf(source, library.quotes);
  const told = Object.fromEntries(
    FACT_FIELDS.map((field) => [
      field,
      facts.filter((fact) => fact.field === field).map(({ value, citation }) => ({ value, page: citation.page })),
    ]),
  );
  return { pages: read.facts.pageCount, fileTitle: read.facts.title, ...told };
}

/** A table as it is told: under the page it begins on, with all its rows, also those on later pages. */
function tableAsJson(table: Table): Record<string, unknown> {
  const { caption, unit, scale, columns, rows, places } = table;
  return {
    caption,
    unit,
    scale,
    pages: places.map((place) => place.page),
    columns: columns.map((column) => column.path),
    rows: rows.map((row) => ({
      path: row.path,
      cells: row.cells.map((cell) =>
        cell === null
          ? { text: '', value: null, unit: null, scale: null }
          : { text: cell.text, value: cell.value, unit: cell.unit, scale: cell.value === null ? null : cell.scale },
      ),
    })),
  };
}

function asJson(read: FileRead): string {
  const sections: Section[] = [];
  const pages = read.pages.map((page, at) => {
    sections.push(...(read.sections[at] ?? []));
    return {
      page: page.number,
      label: page.label,
      text: page.text,
      lines: page.lines.map((line) => ({
        text: page.text.slice(line.start, line.end),
        section: sectionPath(sections, line.section),
      })),
      tables: read.tables.filter((table) => table.places[0]?.page === page.number).map(tableAsJson),
      notes: page.notes.map(({ mark, start, end, at }) => ({
        mark,
        text: page.text.slice(start, end),
        offset: at?.start ?? null,
      })),
      scan: page.scan,
      warnings: page.warnings,
    };
  });
  return JSON.stringify({
    source: read.name,
    sha256: read.sha256,
    kind: /\.pdf$/i.test(read.name) ? 'pdf' : 'text',
    language: read.language,
    facts: factsIn(read),
    pages,
    warnings: [],
    ms: Math.round(read.milliseconds),
  });
}

function asText(read: FileRead): string {
  const words = read.pages.reduce((sum, page) => sum + page.words, 0);
  const empty = read.pages.filter((page) => page.words === 0).map((page) => page.number);
  const sections = read.sections.flat();
  const lines = [
    `${read.name}: ${read.facts.pageCount} pages, ${words} words, ${sections.length} sections, language ${read.language}, ${Math.round(read.milliseconds)} ms`,
    ...(empty.length > 0
      ? [`  without text: ${empty.length} (page ${empty.slice(0, 20).join(', ')}${empty.length > 20 ? ', …' : ''})`]
      : []),
    ...read.pages.flatMap((page) => page.warnings).map((warning) => `  ${warning}`),
    ...sections
      .filter((section) => section.title !== '' && section.level < 2)
      .slice(0, 40)
      .map(
        (section) =>
          `  ${'  '.repeat(section.level)}p. ${section.page}  ${[section.number, section.title].filter(Boolean).join(' ')}`,
      ),
  ];
  return lines.join('\n');
}

/** `read`: what was read of each file. Gives the exit code. */
export async function readCommand(paths: readonly string[], options: { json: boolean }): Promise<number> {
  let code: number = EXIT.done;
  const progress = (name: string, page: number, pages: number): void =>
    showProgress(`reading ${name}: page ${page} of ${pages}`);
  for await (const result of readFiles(findSources(paths), wholeFile, progress)) {
    clearProgress();
    if ('problem' in result) {
      tellProblem(result.problem);
      code = EXIT.unreadable;
    } else print(options.json ? asJson(result.read) : asText(result.read));
  }
  return code;
}
