'use client';

import { useEffect, useState } from 'react';
import type { Table } from '@/core/source';
import { getTables } from '@/store';

const NONE: readonly Table[] = [];

/** The tables of an edition, none until they are found; `editionId` is null while they are not wanted. */
export function useTables(editionId: string | null, found: number | null): readonly Table[] {
  const [held, setHeld] = useState<{ key: string; tables: readonly Table[] }>({ key: '', tables: NONE });
  const key = `${editionId ?? ''} ${found ?? ''}`;
  useEffect(() => {
    if (editionId === null || found === null) return undefined;
    let wanted = true;
    void getTables(editionId).then((tables) => {
      if (wanted) setHeld({ key: `${editionId} ${found}`, tables });
    });
    return () => {
      wanted = false;
    };
  }, [editionId, found]);
  return held.key === key ? held.tables : NONE;
}
