/** Something that agreements and rules settle: how it is asked for, how it is told in whatever words, and words that its clauses use. */
export interface Matter {
  readonly name: string;
  readonly asked: RegExp;
  readonly told: RegExp;
  /** Words that lead to passages of it, as search terms. */
  readonly words: string;
  /** True where it is settled for one thing or another, as a fine for one offence or another: what the question is about besides must be named where it is told. */
  readonly about?: boolean;
  /** True where it is settled of one thing and another: what tells it must name the thing that is asked about, or be of what its document is of. */
  readonly ofThing?: boolean;
  /** What stands right before or behind the value that is asked for, where its clauses tell two. */
  readonly value?: { readonly before?: RegExp; readonly behind?: RegExp };
}

function pattern(all: readonly string[], none: string, opening: string): RegExp {
  const without = none === '' ? '' : String.raw`(?!.*(?<!\p{L})(?:${none})(?!\p{L}))`;
  return new RegExp(`^${without}${all.map((one) => `(?=.*${opening}(?:${one}))`).join('')}`, 'isu');
}

/** A pattern that a text meets which holds words of each kind, or that begin so, in any order, and none of others. */
export function holding(all: readonly string[], none = ''): RegExp {
  return pattern(all, none, String.raw`(?<!\p{L})`);
}

/** The same where words may hold them anywhere, as German compounds do. */
export function within(all: readonly string[], none = ''): RegExp {
  return pattern(all, none, '');
}
