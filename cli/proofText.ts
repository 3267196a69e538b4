import { readFileSync } from 'node:fs';
export async function readProofText(file: string): Promise<{ text: string }> {
  return { text: readFileSync(file, 'utf8') };
}
