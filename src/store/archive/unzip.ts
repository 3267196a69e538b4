import { Unzip, UnzipInflate } from 'fflate';

/** What may be unpacked from a ZIP file, so that a small file cannot fill the disk. */
export interface ZipBounds {
  readonly entries: number;
  /** Bytes that an entry of this name may unpack to; null passes it over, and a sentence's end ("it holds …") refuses the whole file. */
  most(name: string): number | null | string;
  /** Bytes that all of it may unpack to. */
  readonly all: number;
}

export interface ZipEntry {
  readonly name: string;
  readonly bytes: Blob;
}

/** Bytes read from a file at a time. */
export const SLICE = 4 * 1024 * 1024;

/** Unpacks a ZIP file within bounds, in its own order. Throws what `invalid` makes of the reason when it is damaged or holds more than it may. */
export async function unzip(zip: Blob, bounds: ZipBounds, invalid: (reason: string) => Error): Promise<ZipEntry[]> {
  const unpacked: ZipEntry[] = [];
  let [entries, wanted, all] = [0, 0, 0];
  let refused: Error | null = null;
  const stream = new Unzip((file) => {
    entries += 1;
    if (entries > bounds.entries) {
      refused ??= invalid('it holds too many files');
      return;
    }
    const most = bounds.most(file.name);
    if (typeof most === 'string') refused ??= invalid(most);
    if (typeof most !== 'number') return;
    wanted += 1;
    const chunks: Blob[] = [];
    let size = 0;
    file.ondata = (error, chunk, final) => {
      if (error !== null) {
        refused ??= invalid('it is damaged');
        return;
      }
      size += chunk.length;
      all += chunk.length;
      if (size > most || all > bounds.all) {
        refused ??= invalid('it unpacks to more than it may hold');
        file.terminate();
        return;
      }
      chunks.push(new Blob([chunk as Uint8Array<ArrayBuffer>]));
      if (final) unpacked.push({ name: file.name, bytes: new Blob(chunks) });
    };
    file.start();
  });
  stream.register(UnzipInflate);
  try {
    for (let at = 0; at < zip.size && refused === null; at += SLICE)
      stream.push(new Uint8Array(await zip.slice(at, at + SLICE).arrayBuffer()), at + SLICE >= zip.size);
  } catch {
    refused ??= invalid('it is no ZIP file, or it is damaged');
  }
  if (refused !== null) throw refused;
  if (entries === 0 || unpacked.length < wanted) throw invalid('it is no ZIP file, or it was cut off');
  return unpacked;
}
