import * as pdfjs from 'pdfjs-dist';
// In-process: our workers are threads of their own already, and a nested one is no faster.
import * as pdfWorker from 'pdfjs-dist/build/pdf.worker.mjs';
import type { PdfAssets } from '../core/source';

(globalThis as { pdfjsWorker?: unknown }).pdfjsWorker = pdfWorker;
pdfjs.GlobalWorkerOptions.workerSrc = 'in-process';

const base = `${self.location.origin}/pdfjs`;

class WorkerCanvasFactory {
  create(
    width: number,
    height: number,
  ): { canvas: OffscreenCanvas; context: OffscreenCanvasRenderingContext2D | null } {
    const canvas = new OffscreenCanvas(Math.max(1, width), Math.max(1, height));
    return { canvas, context: canvas.getContext('2d') };
  }

  reset(held: { canvas: OffscreenCanvas }, width: number, height: number): void {
    held.canvas.width = Math.max(1, width);
    held.canvas.height = Math.max(1, height);
  }

  destroy(held: { canvas: OffscreenCanvas }): void {
    held.canvas.width = 1;
    held.canvas.height = 1;
  }
}

/** Filters need a document; pages are drawn without them. */
class NoFilterFactory {
  addFilter = (): string => 'none';
  addHCMFilter = (): string => 'none';
  addAlphaFilter = (): string => 'none';
  addLuminosityFilter = (): string => 'none';
  addHighlightHCMFilter = (): string => 'none';
  addSelectionHCMFilter = (): string => 'none';
  destroy = (): undefined => undefined;
}

/** Assets from our own origin; a worker has no document, so canvases are off-screen ones. */
export const ASSETS: PdfAssets = {
  cmaps: `${base}/cmaps/`,
  fonts: `${base}/standard_fonts/`,
  wasm: `${base}/wasm/`,
  surroundings: {
    useWorkerFetch: true,
    ownerDocument: self,
    CanvasFactory: WorkerCanvasFactory,
    FilterFactory: NoFilterFactory,
    isOffscreenCanvasSupported: true,
  },
};

export { pdfjs };
