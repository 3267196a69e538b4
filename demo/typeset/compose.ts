import type { SmallTable } from '../figures';
import { Paper, type Design, type Numbering, type OutlineItem } from './paper';
import { setStatement, setTable, type Statement } from './table';

export interface DocumentPlan {
  readonly design: Design;
  /** Marked-up text; see `compose`. */
  readonly text: string;
  readonly tables: Readonly<Record<string, SmallTable>>;
  readonly statements: Readonly<Record<string, Statement>>;
  readonly front: (paper: Paper) => void;
  readonly frontNumbering: Numbering;
  readonly mainNumbering: (heading: string) => Numbering | null;
  /** True when headings of the second level begin a page. */
  readonly breakBeforeHeadings: boolean;
  /** Levels of headings in the contents; 0 for a document without. */
  readonly contentsDepth: 0 | 1 | 2;
}

interface Entry {
  readonly title: string;
  readonly level: number;
  readonly label: string;
}

/** The contents as known from the run before; the first run leaves room for as many. */
function setContents(paper: Paper, entries: readonly Entry[]): void {
  const { size, leading } = paper.design;
  paper.text('*Contents*', { size: size * 1.5, leading: size * 2.2, align: 'left', after: 6 });
  for (const { title, level, label } of entries) {
    paper.need(leading);
    const [x, right, y] = [paper.left + level * 16, paper.left + paper.width, paper.y + size];
    paper.put(title, x, y, level === 0 ? 'bold' : 'regular', size);
    const measure = paper.measure(size);
    const from = x + measure(title, level === 0 ? 'bold' : 'regular') + 6;
    const to = right - measure(label, 'regular') - 6;
    const dots = Math.max(0, Math.floor((to - from) / measure(' .', 'regular')));
    paper.put(' .'.repeat(dots), to, y, 'regular', size, true);
    paper.put(label, right, y, 'regular', size, true);
    paper.y += leading * (level === 0 ? 1.15 : 1);
  }
}

/** A run of lines of one kind, as `parse` cuts a marked-up text. */
type Block =
  | { readonly kind: 'part' | 'heading' | 'clause' | 'item' | 'subitem' | 'paragraph' | 'table' | 'words-table' | 'statement' | 'landscape'; readonly text: string }
  | { readonly kind: 'definition'; readonly term: string; readonly text: string }
  | { readonly kind: 'columns'; readonly paragraphs: readonly string[] }; // prettier-ignore

/**
 * The marks of the demo's texts: `# part`, `## heading`, `= term | meaning`, `(a) item`, `(i) sub-item`, `1.1 clause`, `@table name`, `@words name`,
 * `@statement name`, `@landscape name`, `<columns> … </columns>`; any other line is a paragraph.
 */
export function parse(text: string): Block[] {
  const blocks: Block[] = [];
  let columns: string[] | null = null;
  for (const line of text.split('\n').filter((one) => one.trim() !== '')) {
    const at = /^@(table|words|statement|landscape) (\S+)$/.exec(line);
    const definition = /^= (.+?) \| (.+)$/.exec(line);
    if (line === '<columns>') columns = [];
    else if (line === '</columns>') {
      blocks.push({ kind: 'columns', paragraphs: columns ?? [] });
      columns = null;
    } else if (columns !== null) columns.push(line);
    else if (line.startsWith('## ')) blocks.push({ kind: 'heading', text: line.slice(3) });
    else if (line.startsWith('# ')) blocks.push({ kind: 'part', text: line.slice(2) });
    else if (definition !== null) {
      blocks.push({ kind: 'definition', term: definition[1] as string, text: definition[2] as string });
    } else if (at !== null) {
      const kind = at[1] === 'words' ? 'words-table' : (at[1] as 'table' | 'statement' | 'landscape');
      blocks.push({ kind, text: at[2] as string });
    } else if (/^\((?:i|ii|iii|iv)\) /.test(line)) blocks.push({ kind: 'subitem', text: line });
    else if (/^\([a-z]\) /.test(line)) blocks.push({ kind: 'item', text: line });
    else if (/^\d+(?:\.\d+)*\.? /.test(line)) blocks.push({ kind: 'clause', text: line });
    else blocks.push({ kind: 'paragraph', text: line });
  }
  return blocks;
}

class Composer {
  readonly entries: Entry[] = [];
  private part: OutlineItem | null = null;

  constructor(
    private readonly paper: Paper,
    private readonly plan: DocumentPlan,
  ) {}

  set(blocks: readonly Block[]): void {
    for (const block of blocks) this.setBlock(block);
  }

  private heading(title: string, level: number): void {
    const outline = (this.paper.doc as unknown as { outline: OutlineItem }).outline;
    const parent = level === 0 ? outline : (this.part ?? outline);
    const item = parent.addItem(title, { expanded: false });
    if (level === 0) this.part = item;
    this.entries.push({ title, level, label: this.paper.label });
  }

  private setBlock(block: Block): void {
    const { paper, plan } = this;
    const { size, leading } = plan.design;
    switch (block.kind) {
      case 'part': {
        const numbering = plan.mainNumbering(block.text);
        if (numbering !== null) paper.numberPages(numbering);
        paper.section = block.text;
        paper.newPage();
        this.heading(block.text, 0);
        paper.text(`*${block.text}*`, { size: size * 1.5, leading: size * 2, align: 'left', after: 8 });
        return;
      }
      case 'heading':
        if (plan.breakBeforeHeadings) paper.need(12 * leading);
        else paper.need(4.5 * leading);
        paper.y += leading * 0.5;
        this.heading(block.text, 1);
        paper.text(`*${block.text}*`, { size: size * 1.1, align: 'left', after: 3 });
        return;
      case 'clause': {
        const [number = '', rest = ''] = split(block.text);
        this.numbered(number, rest, 0, 30);
        return;
      }
      case 'item': {
        const [mark = '', rest = ''] = split(block.text);
        this.numbered(mark, rest, 30, 20);
        return;
      }
      case 'subitem': {
        const [mark = '', rest = ''] = split(block.text);
        this.numbered(mark, rest, 50, 20);
        return;
      }
      case 'definition':
        paper.text(`*${block.term}* means ${block.text};`, { x: paper.left + 30, after: leading * 0.3 });
        return;
      case 'paragraph':
        paper.text(block.text.replace(/^<p>|<\/p>$/g, ''), { after: leading * 0.45 });
        return;
      case 'table':
      case 'words-table':
        setTable(paper, named(plan.tables, block.text), block.kind === 'words-table');
        return;
      case 'statement': {
        const statement = named(plan.statements, block.text);
        paper.newPage();
        this.heading(statement.caption, 1);
        setStatement(paper, statement);
        return;
      }
      case 'landscape':
        paper.newPage(true);
        setTable(paper, named(plan.tables, block.text));
        return;
      case 'columns':
        paper.startColumns(2, 22);
        for (const paragraph of block.paragraphs) paper.text(paragraph, { after: leading * 0.4 });
        paper.endColumns();
        return;
    }
  }

  private numbered(mark: string, text: string, indent: number, hang: number): void {
    const { paper } = this;
    const { size, leading } = paper.design;
    paper.need(2 * leading);
    const x = paper.left + indent;
    paper.put(mark, x, paper.y + size);
    paper.text(text, { x: x + hang, after: leading * 0.35 });
  }
}

function split(text: string): string[] {
  const at = text.indexOf(' ');
  return [text.slice(0, at), text.slice(at + 1)];
}

function named<T>(all: Readonly<Record<string, T>>, name: string): T {
  const found = all[name];
  if (found === undefined) throw new RangeError(`The demo has no table “${name}”.`);
  return found;
}

async function run(
  plan: DocumentPlan,
  contents: readonly Entry[],
): Promise<{ file: Buffer; entries: readonly Entry[] }> {
  const paper = new Paper(plan.design);
  paper.numberPages(plan.frontNumbering);
  plan.front(paper);
  if (plan.contentsDepth > 0) {
    paper.section = 'Contents';
    paper.newPage();
    setContents(paper, contents.filter((entry) => entry.level < plan.contentsDepth)); // prettier-ignore
  }
  const composer = new Composer(paper, plan);
  composer.set(parse(plan.text));
  return { file: await paper.finish(), entries: composer.entries };
}

/** Sets a document; it is set until its contents agree with the pages they name, which takes two or three runs. */
export async function compose(plan: DocumentPlan): Promise<Buffer> {
  let { file, entries } = await run(plan, []);
  for (let attempt = 0; attempt < 3; attempt += 1) {
    const next = await run(plan, entries);
    const settled = JSON.stringify(next.entries) === JSON.stringify(entries);
    ({ file, entries } = next);
    if (settled) break;
  }
  return file;
}
