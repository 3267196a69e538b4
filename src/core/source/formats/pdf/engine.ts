import type * as pdfjsLibrary from 'pdfjs-dist';
import { problem, ProblemError } from '../../../problem';
import type { Rule } from '../../tables';
import { rulesOf } from './rules';

/** One run of characters as the PDF draws it, in the page's displayed frame (points, from the top left). */
export interface RawItem {
  readonly text: string;
  /** Left end of the baseline. */
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly size: number;
  /** Direction of the baseline in degrees, clockwise, 0 for upright text. */
  readonly angle: number;
  readonly font: string;
}

export interface RawPage {
  readonly width: number;
  readonly height: number;
  readonly items: readonly RawItem[];
}

export interface OutlineEntry {
  readonly title: string;
  readonly level: number;
  readonly page: number;
}

/** What core needs of a PDF engine; the rendering library itself stays outside. */
export interface PdfFile {
  readonly pageCount: number;
  /** Throws when the page is beyond repair. */
  rawPage(number: number): Promise<RawPage>;
  /** Straight rules drawn on a page; none when its drawing is beyond repair. Costs about as much as the page's text. */
  rules(number: number): Promise<readonly Rule[]>;
  labels(): Promise<readonly string[] | null>;
  outline(): Promise<readonly OutlineEntry[]>;
  title(): Promise<string | null>;
  close(): Promise<void>;
}

/** The rendering library, handed in so that core does not load it. */
export type Pdfjs = typeof pdfjsLibrary;

/** Where the engine finds character maps and standard fonts: URLs ending in "/", or folders in Node. */
export interface PdfAssets {
  readonly cmaps: string;
  readonly fonts: string;
  readonly wasm: string;
  /** Further opening parameters that the surroundings need, such as canvas factories in a worker without a document. */
  readonly surroundings?: Readonly<Record<string, unknown>>;
}

/** Codes at which old TeX fonts hold their ligatures, where the file does not say what they are. */
const LIGATURES: Readonly<Record<string, string>> = {
  '\u000b': 'ff',
  '\u000c': 'fi',
  '\u000d': 'fl',
  '\u000e': 'ffi',
  '\u000f': 'ffl',
};
const LIGATURE_CODES = /[\u000b-\u000f]/g;

interface TextRun {
  str: string;
  transform: number[];
  width: number;
  height: number;
  fontName: string;
}

function looksLikePdf(bytes: Uint8Array): boolean {
  // Readers in the field accept a header anywhere in the first kilobyte.
  const head = String.fromCharCode(...bytes.subarray(0, 1024));
  return head.includes('%PDF-');
}

function openingProblem(caught: unknown, file: string): ProblemError {
  const name = caught instanceof Error ? caught.name : '';
  if (name === 'PasswordException') {
    const wrong = (caught as { code?: number }).code === 2;
    return new ProblemError(problem(wrong ? 'file-password-wrong' : 'file-password', { file }));
  }
  return new ProblemError(problem('file-damaged', { file }));
}

/** The parameters every opening of a PDF here shares: no scripts, no network, nothing fetched but our own assets. */
export function openingParameters(bytes: Uint8Array, assets: PdfAssets, password?: string): Record<string, unknown> {
  return {
    data: bytes,
    password,
    cMapUrl: assets.cmaps,
    cMapPacked: true,
    standardFontDataUrl: assets.fonts,
    wasmUrl: assets.wasm,
    isEvalSupported: false,
    useSystemFonts: false,
    stopAtErrors: false,
    verbosity: 0,
    ...assets.surroundings,
  };
}

/**
 * Opens a PDF with pdf.js. Takes ownership of `bytes`. Throws a ProblemError for empty, foreign, damaged and
 * locked files, worded with `name`.
 */
export async function openPdf(
  pdfjs: Pdfjs,
  assets: PdfAssets,
  bytes: Uint8Array,
  name: string,
  password?: string,
): Promise<PdfFile> {
  if (bytes.length === 0) throw new ProblemError(problem('file-empty', { file: name }));
  if (!looksLikePdf(bytes)) throw new ProblemError(problem('file-not-pdf', { file: name }));
  const task = pdfjs.getDocument({ ...openingParameters(bytes, assets, password), fontExtraProperties: false });
  const pdf = await task.promise.catch((caught: unknown) => {
    throw openingProblem(caught, name);
  });
  if (pdf.numPages < 1) throw new ProblemError(problem('file-damaged', { file: name }));

  async function rawPage(number: number): Promise<RawPage> {
    const page = await pdf.getPage(number);
    const viewport = page.getViewport({ scale: 1 });
    const content = await page.getTextContent();
    const items: RawItem[] = [];
    for (const item of content.items) {
      if (!('str' in item) || item.str === '') continue;
      const run = item as TextRun;
      const [a, b, c, d, x, y] = pdfjs.Util.transform(viewport.transform, run.transform) as [
        number,
        number,
        number,
        number,
        number,
        number,
      ];
      const angle = Math.round((Math.atan2(b, a) * 180) / Math.PI);
      items.push({
        text: run.str.replace(LIGATURE_CODES, (code) => LIGATURES[code] ?? code),
        x,
        y,
        width: run.width,
        size: Math.hypot(c, d) || run.height || 10,
        angle: (angle + 360) % 360,
        font: run.fontName,
      });
    }
    page.cleanup();
    return { width: viewport.width, height: viewport.height, items };
  }

  async function rules(number: number): Promise<readonly Rule[]> {
    const page = await pdf.getPage(number);
    const { transform } = page.getViewport({ scale: 1 });
    // A page whose text was read may still fail to draw; its tables are then told from white space alone.
    const orders = await page.getOperatorList().catch(() => null);
    page.cleanup();
    if (orders === null) return [];
    return rulesOf(orders, pdfjs.OPS, transform as [number, number, number, number, number, number]);
  }

  async function pageOf(dest: unknown): Promise<number | null> {
    const explicit: unknown = typeof dest === 'string' ? await pdf.getDestination(dest) : dest;
    if (!Array.isArray(explicit) || explicit.length === 0) return null;
    const target: unknown = explicit[0];
    if (typeof target === 'number') return target + 1;
    return (await pdf.getPageIndex(target as Parameters<typeof pdf.getPageIndex>[0])) + 1;
  }

  async function outline(): Promise<OutlineEntry[]> {
    const entries: OutlineEntry[] = [];
    type Node = { title: string; dest: unknown; items: Node[] };
    const walk = async (nodes: readonly Node[], level: number): Promise<void> => {
      for (const node of nodes) {
        if (entries.length >= 5000) return;
        // An entry that leads nowhere is common in real files and is no reason to refuse the rest.
        const page = await pageOf(node.dest).catch(() => null);
        const title = node.title.replace(/\s+/g, ' ').trim();
        if (page !== null && title !== '') entries.push({ title, level, page });
        await walk(node.items, level + 1);
      }
    };
    await walk((await pdf.getOutline().catch(() => null)) ?? [], 0);
    return entries;
  }

  return {
    pageCount: pdf.numPages,
    rawPage,
    rules,
    labels: () => pdf.getPageLabels().catch(() => null),
    outline,
    title: async () => {
      const metadata = await pdf.getMetadata().catch(() => null);
      const { Title: title } = (metadata?.info ?? {}) as { readonly Title?: unknown };
      return typeof title === 'string' && title.trim() !== '' ? title.trim() : null;
    },
    close: () => task.destroy(),
  };
}
