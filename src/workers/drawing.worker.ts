import { expose, transfer } from 'comlink';
import type { PDFDocumentProxy } from 'pdfjs-dist';
import { openingParameters, type Box } from '../core/source';
import { fileOf, getEdition } from '../store';
import { ASSETS, pdfjs } from './pdfjs';
import { attempt, type Result } from './result';

/** Files held open; opening a large one again costs more than its memory. */
const HELD = 3;
const open = new Map<string, Promise<PDFDocumentProxy>>();

async function openFile(editionId: string): Promise<PDFDocumentProxy> {
  const edition = await getEdition(editionId);
  const bytes = edition === undefined ? undefined : await fileOf(edition.sha256);
  if (edition === undefined || bytes === undefined) throw new Error('The file is no longer kept');
  return pdfjs.getDocument(
    openingParameters(new Uint8Array(await bytes.arrayBuffer()), ASSETS, edition.password ?? undefined),
  ).promise;
}

function held(editionId: string): Promise<PDFDocumentProxy> {
  const file = open.get(editionId) ?? openFile(editionId);
  open.delete(editionId);
  open.set(editionId, file);
  file.catch(() => open.delete(editionId));
  for (const [oldest, other] of open) {
    if (open.size <= HELD) break;
    open.delete(oldest);
    void other.then((document) => document.loadingTask.destroy());
  }
  return file;
}

async function drawBox(editionId: string, number: number, box: Box | null, scale: number): Promise<ImageBitmap> {
  const page = await (await held(editionId)).getPage(number);
  const whole = page.getViewport({ scale });
  const area =
    box === null
      ? { x: 0, y: 0, w: whole.width, h: whole.height }
      : { x: box.x * scale, y: box.y * scale, w: box.w * scale, h: box.h * scale };
  const canvas = new OffscreenCanvas(Math.max(1, Math.round(area.w)), Math.max(1, Math.round(area.h)));
  const context = canvas.getContext('2d') as unknown as CanvasRenderingContext2D;
  const viewport = page.getViewport({ scale, offsetX: -area.x, offsetY: -area.y });
  await page.render({ canvasContext: context, canvas: null, viewport, background: '#ffffff' }).promise;
  page.cleanup();
  return canvas.transferToImageBitmap();
}

// One page is drawn at a time; a picture that is no longer wanted is passed over when its turn comes.
let queue: Promise<unknown> = Promise.resolve();
const dropped = new Set<number>();

const api = {
  /** Draws a page, or the part of it in `box` (points from the top left), at `scale` device pixels a point; null when dropped before its turn. */
  draw(
    ticket: number,
    editionId: string,
    page: number,
    box: Box | null,
    scale: number,
  ): Promise<Result<ImageBitmap | null>> {
    const drawing = queue.then(() =>
      attempt(async () => {
        if (dropped.delete(ticket)) return null;
        const bitmap = await drawBox(editionId, page, box, scale);
        return transfer(bitmap, [bitmap]);
      }),
    );
    queue = drawing;
    return drawing.then((result) => (result.ok && result.value !== null ? transfer(result, [result.value]) : result));
  },

  drop(ticket: number): void {
    dropped.add(ticket);
  },
};

export type DrawingApi = typeof api;
expose(api);
