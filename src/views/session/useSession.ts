'use client';

import { useEffect, useSyncExternalStore } from 'react';
import { Session } from './session';
import { INITIAL, type SessionState } from './state';

let session: Session | null = null;

/** The tab's session; made on first use in the browser, and kept while one moves between views. */
export function theSession(): Session {
  session ??= new Session();
  return session;
}

const NEVER = (): (() => void) => () => undefined;

/** The session and its state, opened when the first view is shown. */
export function useSession(): { readonly session: Session; readonly state: SessionState } {
  const current = theSession();
  const state = useSyncExternalStore(
    typeof window === 'undefined' ? NEVER : current.state.subscribe,
    current.state.snapshot,
    () => INITIAL,
  );
  useEffect(() => {
    void current.start();
  }, [current]);
  return { session: current, state };
}
