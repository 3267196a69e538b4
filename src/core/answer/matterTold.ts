import { unitsOfPassage } from '../search';
import { datesOf } from '../text';
import type { Evidence } from './evidence';
import type { Matter } from './matters';
import { measuredNumbers } from './measuredNumbers';
import { headOver } from './surroundings';

/** How a sentence or row tells a matter: by itself or with what it stands under, only with the sentence before it, or not at all. */
export type Telling = 'itself' | 'with the one before' | 'not';

/** How evidence tells a matter. */
export function tellingOf({ told }: Matter, { source, hit, index, text }: Evidence): Telling {
  if (told.test(text)) return 'itself';
  const units = unitsOfPassage(source, hit.passage);
  if (told.test(`${headOver(source, units, index)} ${text}`)) return 'itself';
  return told.test(`${units[index - 1]?.text ?? ''} ${text}`) ? 'with the one before' : 'not';
}

/** True for evidence that tells a number or a date, whatever kind of value was asked for. */
export function tellsFigure({ text, source }: Evidence): boolean {
  return measuredNumbers(text, source.segment.language).length > 0 || datesOf(text).length > 0;
}
