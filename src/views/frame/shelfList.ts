import type { Shelved } from '@/store';

/** How the whole shelf is listed. */
export interface Listing {
  /** Words that names, folders or kinds must hold. */
  readonly filter: string;
  readonly order: 'added' | 'name' | 'pages' | 'state';
}

export interface ShelfGroup {
  /** Empty for documents that came by themselves. */
  readonly folder: string;
  readonly documents: readonly Shelved[];
}

/** What needs a look stands first. */
const STATES = ['failed', 'stopped', 'reading', 'waiting', 'ready'] as const;

const COMPARE: Readonly<Record<Listing['order'], (a: Shelved, b: Shelved) => number>> = {
  added: (a, b) => a.source.addedAt - b.source.addedAt,
  name: (a, b) => a.source.name.localeCompare(b.source.name, undefined, { numeric: true }),
  pages: (a, b) => (b.edition.facts?.pageCount ?? 0) - (a.edition.facts?.pageCount ?? 0),
  state: (a, b) => STATES.indexOf(a.edition.state) - STATES.indexOf(b.edition.state),
};

/** The documents of a shelf whose name, folder or kind holds the filter's words, in order, by the folders they came from. */
export function listShelved(
  shelf: readonly Shelved[],
  { filter, order }: Listing,
  kindOf: (shelved: Shelved) => string = () => '',
): ShelfGroup[] {
  const words = filter.toLowerCase().split(/\s+/).filter(Boolean);
  const groups = new Map<string, Shelved[]>();
  for (const shelved of [...shelf].sort(COMPARE[order])) {
    const { name, folder } = shelved.source;
    const text = `${folder} ${name} ${kindOf(shelved)}`.toLowerCase();
    if (words.every((word) => text.includes(word))) groups.set(folder, [...(groups.get(folder) ?? []), shelved]);
  }
  return [...groups]
    .map(([folder, documents]) => ({ folder, documents }))
    .sort((a, b) => a.folder.localeCompare(b.folder, undefined, { numeric: true }));
}
