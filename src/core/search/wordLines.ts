/** Lines of a file of words, "harbour …", by their words; those of its notice, "# …", are left out. */
export function linesByWord(text: string): Map<string, string> {
  const lines = new Map<string, string>();
  for (const line of text.split('\n')) {
    const space = line.indexOf(' ');
    if (space > 0 && !line.startsWith('#')) lines.set(line.slice(0, space), line.slice(space + 1));
  }
  return lines;
}
