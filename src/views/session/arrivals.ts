import { isLitter } from '@/core/litter';

/** A file that is brought in, with the folders it lay in, parted by "/". */
export interface Arrival {
  readonly file: File;
  readonly folder: string;
}

/** What became of a file that was brought in. */
export interface Fate {
  readonly name: string;
  readonly folder: string;
  readonly fate: 'taken in' | 'here already' | 'to be decided' | 'refused' | 'passed over';
  /** Why, where that needs saying. */
  readonly why: string;
}

/** Files of a picker; those of a whole folder bring their path along. */
export function pickedFiles(files: Iterable<File>): Arrival[] {
  return [...files].flatMap((file) => {
    const path = file.webkitRelativePath;
    if (isLitter(path)) return [];
    return [{ file, folder: path.split('/').slice(0, -1).join('/') }];
  });
}

async function readEntries(folder: FileSystemDirectoryEntry): Promise<FileSystemEntry[]> {
  const reader = folder.createReader();
  const all: FileSystemEntry[] = [];
  for (;;) {
    // A reader gives a hundred entries at a time, and none at its end.
    const some = await new Promise<FileSystemEntry[]>((resolve, reject) => reader.readEntries(resolve, reject));
    if (some.length === 0) return all;
    all.push(...some);
  }
}

async function walk(entry: FileSystemEntry, found: Arrival[]): Promise<void> {
  if (isLitter(entry.fullPath.slice(1))) return;
  if (entry.isFile) {
    const file = await new Promise<File>((resolve, reject) => (entry as FileSystemFileEntry).file(resolve, reject));
    found.push({ file, folder: entry.fullPath.split('/').slice(1, -1).join('/') });
  } else {
    const inside = await readEntries(entry as FileSystemDirectoryEntry);
    for (const one of inside.sort((a, b) => a.name.localeCompare(b.name))) await walk(one, found);
  }
}

/** Files that were dropped, and those of dropped folders. Must be called while the drop is told, since its data is gone afterwards. */
export function droppedFiles(data: DataTransfer): Promise<Arrival[]> {
  const entries = [...data.items].map((item) => item.webkitGetAsEntry?.() ?? null);
  if (entries.every((entry) => entry === null || entry.isFile)) return Promise.resolve(pickedFiles(data.files));
  return (async () => {
    const found: Arrival[] = [];
    for (const entry of entries) if (entry !== null) await walk(entry, found);
    return found;
  })();
}
