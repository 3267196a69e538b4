import type { Because } from './types';

/** What a passage came up by, in words: "by notice, board; renewal (for “extend”)". */
export function sayBecause(because: readonly Because[]): string {
  const itself = because.filter((one) => one.by === 'itself').map((one) => one.met);
  const others = because.filter((one) => one.by !== 'itself').map((one) => `${one.met} (for “${one.asked}”)`);
  return [itself.join(', '), others.join(', ')].filter((part) => part !== '').join('; ');
}
