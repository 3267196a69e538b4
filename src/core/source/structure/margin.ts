/** Share of a document's characters in lines that begin at one place, from which on that is where running text begins. */
const FLUSH_SHARE = 0.5;

/** Where running text begins its lines, in points from the left, of lines with where they begin and how many characters they have; null where most begin nowhere in common. */
export function leftOfText(lines: Iterable<{ readonly left: number; readonly characters: number }>): number | null {
  const counts = new Map<number, number>();
  let all = 0;
  for (const { left, characters } of lines) {
    const place = Math.round(left);
    counts.set(place, (counts.get(place) ?? 0) + characters);
    all += characters;
  }
  const [most] = [...counts].sort((a, b) => b[1] - a[1]);
  return most !== undefined && most[1] >= FLUSH_SHARE * all ? most[0] : null;
}
