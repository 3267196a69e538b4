import { releaseProxy, wrap, type Remote } from 'comlink';
import type { ArchiveApi } from './archive.worker';
import type { DeskApi } from './desk.worker';
import type { DrawingApi } from './drawing.worker';
import type { ReadingApi } from './reading.worker';
import type { TextApi } from './text.worker';

/** A worker that is ended when its work is: terminated at once, whatever it is doing. */
export interface Hired<T> {
  readonly api: Remote<T>;
  end(): void;
}

function hire<T>(worker: Worker): Hired<T> {
  const api = wrap<T>(worker);
  return {
    api,
    end: () => {
      api[releaseProxy]();
      worker.terminate();
    },
  };
}

export function hireReader(): Hired<ReadingApi> {
  return hire(new Worker(new URL('./reading.worker.ts', import.meta.url), { type: 'module' }));
}

export function hireDesk(): Hired<DeskApi> {
  return hire(new Worker(new URL('./desk.worker.ts', import.meta.url), { type: 'module' }));
}

export function hireDrawer(): Hired<DrawingApi> {
  return hire(new Worker(new URL('./drawing.worker.ts', import.meta.url), { type: 'module' }));
}

export function hireScribe(): Hired<TextApi> {
  return hire(new Worker(new URL('./text.worker.ts', import.meta.url), { type: 'module' }));
}

export function hireArchivist(): Hired<ArchiveApi> {
  return hire(new Worker(new URL('./archive.worker.ts', import.meta.url), { type: 'module' }));
}
