import type { Uncovered } from './coverage';

const KINDS: Readonly<Record<Uncovered['kind'], string>> = {
  subject: 'its quotes do not speak of it',
  negation: 'a “not”',
  modal: 'how binding it is',
  name: 'a name',
  direction: 'the direction',
  figure: 'a figure',
};

/** What a claim says beyond its quotes, in a few words: "how binding it is: “must”, where they say “may”". */
export function sayUncovered({ kind, said, stated }: Uncovered): string {
  if (kind === 'subject') return KINDS.subject;
  return `${KINDS[kind]}: “${said}”${stated === '' ? ', which they do not say' : `, where they say “${stated}”`}`;
}
