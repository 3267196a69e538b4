import { describe, expect, test } from '@jest/globals';
import { strToU8, zipSync } from 'fflate';
import { unpackFiles } from './pack';
import { unzip } from './unzip';

const zipOf = (files: Record<string, string>): Blob =>
  new Blob([
    zipSync(
      Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])),
    ) as Uint8Array<ArrayBuffer>,
  ]);

async function codeOf(work: Promise<unknown>): Promise<string> {
  return work.then(
    () => 'taken',
    (caught: { problem?: { code: string; data: { reason?: string } } }) =>
      `${caught.problem?.code}: ${caught.problem?.data.reason}`,
  );
}

describe('a ZIP file of documents', () => {
  test('gives its files with the folders they lay in; what systems leave behind, and paths that climb, are passed over', async () => {
    const files = await unpackFiles(
      zipOf({
        'a.pdf': 'A',
        'leases/2025/b.pdf': 'B',
        '.DS_Store': 'x',
        '__MACOSX/a.pdf': 'x',
        'leases/../c.pdf': 'C',
      }),
      'leases.zip',
    );
    const told = await Promise.all(files.map(async (file) => [file.folder, file.name, await file.bytes.text()]));
    expect(told).toEqual([
      ['', 'a.pdf', 'A'],
      ['leases/2025', 'b.pdf', 'B'],
    ]);
  });

  test('is refused whole when it is none, or was cut off', async () => {
    expect(await codeOf(unpackFiles(new Blob(['no zip at all']), 'x.zip'))).toContain('pack-invalid');
    const whole = zipOf({ 'a.pdf': 'words '.repeat(4000) });
    expect(await codeOf(unpackFiles(whole.slice(0, 40), 'x.zip'))).toContain('pack-invalid');
  });

  test('is refused when it unpacks to more than it may hold', async () => {
    const invalid = (reason: string): Error =>
      Object.assign(new Error(reason), { problem: { code: 'bounds', data: { reason } } });
    const bomb = zipOf({ a: '0'.repeat(50_000), b: '0'.repeat(50_000) });
    const bounds = { entries: 10, all: 1_000_000, most: () => 100_000 };
    expect((await unzip(bomb, bounds, invalid)).map((one) => one.bytes.size)).toEqual([50_000, 50_000]);
    expect(await codeOf(unzip(bomb, { ...bounds, all: 60_000 }, invalid))).toContain('more than it may hold');
    expect(await codeOf(unzip(bomb, { ...bounds, most: () => 100 }, invalid))).toContain('more than it may hold');
    expect(await codeOf(unzip(bomb, { ...bounds, entries: 1 }, invalid))).toContain('too many files');
    expect(await codeOf(unzip(bomb, { ...bounds, most: () => 'it holds what it should not' }, invalid))).toContain(
      'should not',
    );
  });
});
