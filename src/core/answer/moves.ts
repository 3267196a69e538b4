/** Words that ask how something moved rather than what it is. */
const MOVES =
  /\b(?:chang(?:e|es|ed|ing)|ris(?:e|en|es|ing)|rose|fall(?:s|en|ing)?|fell|gr(?:ow|ew|own|owth|ows|owing)|increas(?:e|ed|es|ing)|decreas(?:e|ed|es|ing)|drop(?:s|ped|ping)?|declin(?:e|ed|es|ing)|shr(?:ink|ank|unk)|differ(?:s|ed|ence|ent)?|higher|lower|more|less|fewer|greater|smaller|larger|up|down|improv(?:e|ed|ement)|worse(?:n|ned)?|develop(?:ed|ment)?|compared?|versus|movement|gestiegen|gesunken|steig(?:t|en|erung)|stieg|sank|gefallen|gewachsen|wuchs|verändert|veränderung|zugenommen|abgenommen|höher|niedriger|mehr|weniger)\b/i;
/** Ways of asking for the size of a move. */
const ASKS_CHANGE =
  /\bhow (?:much|far|strongly|did|has|have)\b|\bby (?:how much|what|which)\b|\bwhat (?:is|was|were|are)\b.*\b(?:change|difference|increase|decrease|rise|fall|growth|drop|decline|movement)\b|\bpercent(?:age)?\b|\bper cent\b|^(?:was|were|is|are|did|does|do|has|have)\b|\bum wie ?viel\b|\bwie (?:stark|hat|haben|ist|sind)\b|:\s*(?:was|were|is|are|did)\b|\bcompare|\bversus\b|\bdifference between\b/i;

/** True for a question that asks how a figure moved: "By how much did revenue rise?", "Was it more than the year before?" */
export function asksChange(text: string): boolean {
  return MOVES.test(text) && ASKS_CHANGE.test(text);
}

/** The words of a question that only ask for the move: the rest is what moved. */
export function moveWords(text: string): string[] {
  const moves = [...text.matchAll(new RegExp(MOVES, 'gi'))].map((match) => match[0]);
  return [...moves, 'percentage', 'percent', 'per cent', 'prozent'];
}
