import { useEffect, useRef } from 'react';
import type { Picture } from './drawing';

/** Shows a picture in a canvas as large as its parent. */
export function Bitmap({ picture, label }: { picture: Picture | null; label: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const element = canvas.current;
    if (element === null || picture === null) return;
    element.width = picture.bitmap.width;
    element.height = picture.bitmap.height;
    element.getContext('2d')?.drawImage(picture.bitmap, 0, 0);
  }, [picture]);
  return <canvas ref={canvas} role="img" aria-label={label} className="absolute inset-0 size-full" />;
}
