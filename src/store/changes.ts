/** What changed in the store, told to every tab and worker of this browser. */
export type Change =
  | { readonly kind: 'shelf'; readonly dossierId: string }
  | { readonly kind: 'slips'; readonly dossierId: string }
  | { readonly kind: 'log'; readonly dossierId: string }
  | { readonly kind: 'bearings'; readonly dossierId: string }
  | { readonly kind: 'proofs'; readonly dossierId: string }
  | { readonly kind: 'dossiers' }
  | { readonly kind: 'settings' }
  | { readonly kind: 'pages'; readonly editionId: string };

const NAME = 'marked-page changes';
let channel: BroadcastChannel | null = null;
const listeners = new Set<(change: Change) => void>();

function open(): BroadcastChannel | null {
  if (channel === null && typeof BroadcastChannel !== 'undefined') {
    channel = new BroadcastChannel(NAME);
    channel.addEventListener('message', (event: MessageEvent<Change>) => {
      for (const listener of listeners) listener(event.data);
    });
  }
  return channel;
}

/** Tells everyone, this thread's own listeners included. */
export function announce(change: Change): void {
  open()?.postMessage(change);
  for (const listener of listeners) listener(change);
}

/** Calls `listener` on every change; returns how to stop. */
export function onChange(listener: (change: Change) => void): () => void {
  open();
  listeners.add(listener);
  return () => listeners.delete(listener);
}
