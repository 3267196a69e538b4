import { useState } from 'react';
import type { Shelved } from '@/store';
import { Button, counted, Dialog } from '@/ui';
import type { Session, SessionState } from '../session';
import { listShelved, type Listing } from './shelfList';

interface WholeShelfProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly detail: (shelved: Shelved) => string;
  readonly onClose: () => void;
}

/** The whole shelf as a list: to sort and filter, to choose which are asked, to open one. */
export function WholeShelf({ session, state, detail, onClose }: WholeShelfProps) {
  const [listing, setListing] = useState<Listing>({ filter: '', order: 'added' });
  const kindOf = ({ source }: Shelved): string =>
    source.facts.kind ??
    state.bearings.find((one) => one.sourceId === source.id)?.facts.find((fact) => fact.field === 'kind')?.value ??
    '';
  const groups = listShelved(state.shelf, listing, kindOf);
  const shown = groups.flatMap((group) => group.documents);
  const asked = state.shelf.filter((one) => one.source.chosen).length;
  const tick = (chosen: boolean): void => {
    for (const one of shown) if (one.source.chosen !== chosen) session.documents.toggle(one.source);
  };
  return (
    <Dialog
      wide
      title={`The whole shelf: ${counted(state.shelf.length, 'document')}`}
      about={`${asked} of them are asked.`}
      onClose={onClose}
    >
      <div className="mb-2 flex items-center gap-3">
        <input
          type="search"
          value={listing.filter}
          aria-label="Filter the shelf"
          placeholder="Filter by name, kind or folder"
          onChange={(event) => setListing({ ...listing, filter: event.target.value })}
          className="min-w-0 flex-1 rounded-[3px] border border-rule bg-ground px-2 py-1"
        />
        <label className="flex items-center gap-1.5 text-muted">
          in order of
          <select
            value={listing.order}
            onChange={(event) => setListing({ ...listing, order: event.target.value as Listing['order'] })}
            className="rounded-[3px] border border-rule bg-leaf px-1 py-0.5 text-ink"
          >
            <option value="added">arrival</option>
            <option value="name">name</option>
            <option value="pages">pages</option>
            <option value="state">what needs a look</option>
          </select>
        </label>
        <Button onClick={() => tick(true)}>Ask these {shown.length}</Button>
        <Button onClick={() => tick(false)}>Ask none of them</Button>
      </div>
      <div className="max-h-[56vh] overflow-y-auto" data-shelf-list>
        {groups.map((group) => (
          <section key={group.folder}>
            {group.folder !== '' && (
              <h3 className="border-b border-rule pt-2 pb-0.5 text-[12px] text-muted">{group.folder}</h3>
            )}
            <ul>
              {group.documents.map((shelved) => (
                <li key={shelved.source.id} className="flex items-baseline gap-2 border-b border-rule py-1">
                  <input
                    type="checkbox"
                    checked={shelved.source.chosen}
                    onChange={() => session.documents.toggle(shelved.source)}
                    aria-label={`Ask ${shelved.source.name}`}
                    className="accent-[var(--accent)]"
                  />
                  <button
                    type="button"
                    className="min-w-0 flex-1 truncate text-left font-reading font-semibold hover:underline"
                    onClick={() => {
                      session.openPage(shelved.source.id, 1);
                      onClose();
                    }}
                  >
                    {shelved.source.name}
                  </button>
                  <span className="text-[12px] text-muted">{detail(shelved)}</span>
                </li>
              ))}
            </ul>
          </section>
        ))}
        {groups.length === 0 && (
          <p className="py-3 text-muted italic">No document has these words in its name or folder.</p>
        )}
      </div>
    </Dialog>
  );
}
