/** True for the path of what systems leave in folders and ZIP files, and no one means to bring in. */
export function isLitter(path: string): boolean {
  return path.split('/').some((part) => part.startsWith('.') || part === '__MACOSX');
}
