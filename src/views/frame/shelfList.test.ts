import { describe, expect, test } from '@jest/globals';
import type { Shelved } from '@/store';
import { listShelved, type Listing } from './shelfList';

const shelved = (name: string, folder: string, addedAt: number, pageCount: number, state = 'ready'): Shelved =>
  ({ source: { name, folder, addedAt }, edition: { state, facts: { pageCount } } }) as unknown as Shelved;

const SHELF = [
  shelved('Berth 10', 'leases', 3, 4),
  shelved('Berth 9', 'leases', 2, 6, 'reading'),
  shelved('Agreement', '', 1, 31),
  shelved('Berth 2', 'leases/north', 4, 5, 'failed'),
];

const told = (listing: Partial<Listing>): string[] =>
  listShelved(SHELF, { filter: '', order: 'added', ...listing }).map(
    ({ folder, documents }) => `${folder}: ${documents.map((one) => one.source.name).join(', ')}`,
  );

describe('the whole shelf as a list', () => {
  test('stands by folders, those that came by themselves first', () => {
    expect(told({})).toEqual([': Agreement', 'leases: Berth 9, Berth 10', 'leases/north: Berth 2']);
  });

  test('is ordered by name as people count, by pages, and by what needs a look', () => {
    expect(told({ order: 'name' })[1]).toBe('leases: Berth 9, Berth 10');
    expect(told({ order: 'pages', filter: 'berth' })).toEqual(['leases: Berth 9, Berth 10', 'leases/north: Berth 2']);
    expect(told({ order: 'state' })[1]).toBe('leases: Berth 9, Berth 10');
  });

  test('is filtered by words of names and folders', () => {
    expect(told({ filter: 'NORTH berth' })).toEqual(['leases/north: Berth 2']);
    expect(told({ filter: 'zeppelin' })).toEqual([]);
  });
});
