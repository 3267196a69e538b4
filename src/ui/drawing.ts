import { createContext, useContext, useEffect, useState } from 'react';
import type { Box } from '@/core/source';

export interface Picture {
  readonly bitmap: ImageBitmap;
}

/** Draws a page of an edition, or the part of it in `box`; gives a way to drop the order. `scale` is device pixels a point. */
export interface Draw {
  (
    editionId: string,
    page: number,
    box: Box | null,
    scale: number,
    done: (picture: Picture | null) => void,
  ): () => void;
}

export const Drawing = createContext<Draw>(() => () => undefined);

/** The picture of a page or a part of it, null until it is drawn; what was drawn before stays until then. */
export function usePicture(editionId: string | null, page: number, box: Box | null, scale: number): Picture | null {
  const draw = useContext(Drawing);
  const [picture, setPicture] = useState<Picture | null>(null);
  const boxKey = box === null ? '' : `${box.x},${box.y},${box.w},${box.h}`;
  useEffect(() => {
    if (editionId === null || scale <= 0) return undefined;
    const parts = boxKey.split(',').map(Number) as [number, number, number, number];
    const area = boxKey === '' ? null : { x: parts[0], y: parts[1], w: parts[2], h: parts[3] };
    return draw(editionId, page, area, scale, setPicture);
  }, [draw, editionId, page, boxKey, scale]);
  return picture;
}
