'use client';

import { useEffect, useState } from 'react';
import type { Page } from '@/core/source';
import { getPage } from '@/store';

/** A stored page, null until it is there; asked again when more pages have been read. */
export function usePage(editionId: string | null, number: number, pagesRead: number): Page | null {
  const [held, setHeld] = useState<{ key: string; page: Page | null }>({ key: '', page: null });
  const key = `${editionId ?? ''} ${number}`;
  const there = number <= pagesRead;
  useEffect(() => {
    if (editionId === null || !there) return undefined;
    let wanted = true;
    void getPage(editionId, number).then((stored) => {
      if (wanted) setHeld({ key: `${editionId} ${number}`, page: stored?.page ?? null });
    });
    return () => {
      wanted = false;
    };
  }, [editionId, number, there]);
  return held.key === key ? held.page : null;
}
