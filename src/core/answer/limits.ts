/** Asks for the most or the least of something: "at most", "how long may", "the maximum", "höchstens". */
const ASKS_LIMIT =
  /\bat (?:the )?(?:very )?(?:most|least|latest|earliest)\b|\b(?:maximum|minimum|maximal|minimal|upper limit|lower limit|limit|cap|ceiling)\b|\bhow (?:\w+ )?(?:\w+ )?(?:may|can|must) |\b(?:up to|from|above|below|beyond) (?:what|which|how)\b|\b(?:höchstens|mindestens|maximal|minimal|spätestens|frühestens|höchst\w+|mindest\w+)\b|\bwie (?:\w+ )?(?:\w+ )?(?:darf|dürfen|muss|müssen) |最大|最小|最低|最高|以内|まで|限度|上限|下限/iu;
/** Tells one: "not more than", "up to", "at least", "may not exceed". */
const TELLS_LIMIT =
  /\b(?:no|not|nor|nothing|never)\b[^.;]{0,40}?\b(?:more|less|fewer|longer|later|earlier|higher|larger|further|deeper|sooner|shorter|lower) than\b|\b(?:at (?:the )?(?:most|least|latest)|up to|maximum|minimum|maximal|exceeds?|exceeding|capped|limited to|(?:upper|lower) limit|ceiling|within|or (?:more|less|fewer|later|above|below))\b|\b(?:höchstens|mindestens|maximal|spätestens|bis zu|nicht (?:mehr|weniger|länger|später|höher|tiefer) als|darf \S+ nicht über\w+|binnen|innerhalb)\b|以内|以上|以下|未満|まで|超え/iu;

/** True for a question that asks for a limit. */
export function asksLimit(question: string): boolean {
  return ASKS_LIMIT.test(question);
}

/** True for a text that tells one. */
export function tellsLimit(text: string): boolean {
  return TELLS_LIMIT.test(text);
}
