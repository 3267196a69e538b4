/** Words that tell two things of one name apart, which are stop words elsewhere: "profit before tax" and "profit after tax". */
const SIDES: readonly (readonly [before: RegExp, after: RegExp])[] = [
  [/\bbefore (?<thing>\p{L}{3,})/iu, /\bafter (?<thing>\p{L}{3,})/iu],
  [/(?<!\p{L})vor (?<thing>\p{Lu}\p{L}{2,})/u, /(?<!\p{L})nach (?<thing>\p{Lu}\p{L}{2,})/u],
  [/(?<thing>税)(?:引き?|込み?)?前/u, /(?<thing>税)(?:引き?|込み?)?後/u],
];

function thingBehind(side: RegExp, text: string): string | undefined {
  return side.exec(text)?.groups?.['thing']?.toLowerCase().slice(0, 4);
}

/** True where a text names the other side of what is asked alone: "before tax" where "after tax" is asked. */
export function namesOtherSide(asked: string, text: string): boolean {
  return SIDES.some(([before, after]) =>
    [
      [before, after],
      [after, before],
    ].some(([own, other]) => {
      const thing = thingBehind(own as RegExp, asked);
      return (
        thing !== undefined &&
        thingBehind(other as RegExp, text) === thing &&
        thingBehind(own as RegExp, text) !== thing
      );
    }),
  );
}
