/** A number with its noun: "1 page", "1,203 pages". */
export function counted(number: number, noun: string): string {
  return `${number.toLocaleString('en')} ${noun}${number === 1 ? '' : 's'}`;
}
