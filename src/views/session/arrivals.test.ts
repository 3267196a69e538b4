import { describe, expect, test } from '@jest/globals';
import { droppedFiles, pickedFiles } from './arrivals';

function fileAt(path: string): File {
  const file = new File(['x'], path.split('/').at(-1) ?? path);
  Object.defineProperty(file, 'webkitRelativePath', { value: path.includes('/') ? path : '' });
  return file;
}

interface Tree {
  readonly [name: string]: Tree | string;
}

/** A folder as a drop tells it: entries in batches of two, then none. */
function entryOf(name: string, at: string, tree: Tree | string): FileSystemEntry {
  const fullPath = `${at}/${name}`;
  if (typeof tree === 'string')
    return {
      name,
      fullPath,
      isFile: true,
      file: (done: (file: File) => void) => done(new File([tree], name)),
    } as unknown as FileSystemEntry;
  const inside = Object.entries(tree).map(([own, part]) => entryOf(own, fullPath, part));
  return {
    name,
    fullPath,
    isFile: false,
    createReader: () => ({ readEntries: (done: (some: FileSystemEntry[]) => void) => done(inside.splice(0, 2)) }),
  } as unknown as FileSystemEntry;
}

function dropOf(entries: readonly FileSystemEntry[], files: readonly File[] = []): DataTransfer {
  return { items: entries.map((entry) => ({ webkitGetAsEntry: () => entry })), files } as unknown as DataTransfer;
}

const told = (arrivals: readonly { file: File; folder: string }[]): string[] =>
  arrivals.map(({ file, folder }) => `${folder}|${file.name}`);

describe('files that are brought in', () => {
  test('bring along the folder they were picked from; hidden ones stay out', () => {
    expect(told(pickedFiles([fileAt('a.pdf'), fileAt('leases/north/b.pdf'), fileAt('leases/.DS_Store')]))).toEqual([
      '|a.pdf',
      'leases/north|b.pdf',
    ]);
  });

  test('are found in dropped folders, however deep, in order of their names', async () => {
    const tree = { 'c.pdf': 'c', north: { 'b.pdf': 'b', 'a.pdf': 'a', '.x': 'x' }, 'd.pdf': 'd' };
    expect(told(await droppedFiles(dropOf([entryOf('leases', '', tree)])))).toEqual([
      'leases|c.pdf',
      'leases|d.pdf',
      'leases/north|a.pdf',
      'leases/north|b.pdf',
    ]);
  });

  test('are taken as they are when no folder is among them', async () => {
    const file = fileAt('a.pdf');
    expect(told(await droppedFiles(dropOf([entryOf('a.pdf', '', 'x')], [file])))).toEqual(['|a.pdf']);
  });
});
