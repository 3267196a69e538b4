/** Signs that no sentence is written with: braces, assignments, options, paths, calls. */
const SIGN = /[{}<>$|\\=_`~]|(?:^|[^\p{L}\p{N}])--?[a-z]|\w\(\)|^[#+%]\w|^\/\w+\/|\w\.\w+\.[a-z]|^0x[\da-f]+/iu;
/** Words that hold sentences together. */
const JOINS =
  /^(?:the|an?|is|are|was|were|be|been|has|have|had|can|must|may|will|should|this|that|these|those|it|they|you|we|der|die|das|den|dem|des|ein|eine[mnrs]?|ist|sind|war|wird|werden|hat|haben|kann|muss|dies\p{L}*|sie|es|man)$/iu;
/** Share of the words of a line that such signs stand in from which on it is no sentence. */
const MANY = 0.3;

/** True for a command, a setting or what a program prints, which says nothing by itself: "$ gpg --send-keys <ID>", "+filter{popups}". */
export function isCode(text: string): boolean {
  if (/[\u3040-\u30ff\u4e00-\u9fff]/.test(text)) return false;
  const words = text.split(/\s+/).filter((word) => word !== '');
  if (words.some((word) => JOINS.test(word.replace(/[^\p{L}]/gu, '')))) return false;
  return words.filter((word) => SIGN.test(word)).length >= MANY * words.length;
}
