'use client';

import { useMemo } from 'react';
import type { Draw, Picture } from '@/ui';
import { hireDrawer, type Hired } from '@/workers/clients';
import type { DrawingApi } from '@/workers/drawing.worker';

/** Pictures kept, the least lately used going first; about a hundred strips and some pages. */
const KEPT = 140;

let drawer: Hired<DrawingApi> | null = null;
let tickets = 0;
const pictures = new Map<string, Picture>();

function remember(key: string, picture: Picture): void {
  pictures.set(key, picture);
  for (const oldest of pictures.keys()) {
    if (pictures.size <= KEPT) break;
    pictures.delete(oldest);
  }
}

const draw: Draw = (editionId, page, box, scale, done) => {
  const key = `${editionId} ${page} ${box === null ? 'page' : `${box.x},${box.y},${box.w},${box.h}`} ${scale}`;
  const known = pictures.get(key);
  if (known !== undefined) {
    pictures.delete(key);
    pictures.set(key, known);
    done(known);
    return () => undefined;
  }
  drawer ??= hireDrawer();
  tickets += 1;
  const ticket = tickets;
  let wanted = true;
  let finished = false;
  void drawer.api.draw(ticket, editionId, page, box, scale).then((result) => {
    finished = true;
    if (!result.ok || result.value === null) return;
    const picture = { bitmap: result.value };
    remember(key, picture);
    if (wanted) done(picture);
  });
  return () => {
    wanted = false;
    if (!finished) void drawer?.api.drop(ticket);
  };
};

/** Draws pages in a worker of their own, and keeps the last pictures. */
export function useDrawing(): Draw {
  return useMemo(() => draw, []);
}
