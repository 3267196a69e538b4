import { unitsOfPassage } from '../search';
import type { Evidence } from './evidence';
import type { Matter } from './matters';
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

/** True for a text with a number, in figures or words, besides that of a clause. */
export function tellsFigure(text: string): boolean {
  return /\d|\b(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|twenty|thirty|forty|fifty|sixty|ninety|hundred|once|twice)\b|(?<!\p{L})(?:ein|zwei|drei|vier|fünf|sechs|sieben|acht|neun|zehn|elf|zwölf|zwanzig|dreißig|vierzig|sechzig|neunzig|hundert)|[一二三四五六七八九十百]/iu.test(
    text.replace(/^\s*\(?(?:\d+(?:\.\d+)*|[a-z])[.)]?\s/, ''),
  );
}
