/**
 * The head of a clause, run in with its text: "3. Term." A few words, no verb and no figure, and no more than two behind an article: "5.6 Pilots retire at 65." and
 * "3.1 Der Motor leistet viel." say something. In Japanese a number and a few characters without a full stop: "5 遭難信号".
 */
export const RUN_IN =
  /^\s*(?:(?:(?:Section|SECTION|Article|ARTICLE|Clause|CLAUSE|Sec\.|Art\.|Artikel)\s)?\d{1,3}(?:\.\d{1,3})*\.?|\([a-z\d]{1,3}\)|§\s?\d+)\s+(?!.*\b(?:is|are|was|were|be|has|have|had|shall|may|must|will|can|does|do|did|ist|sind|wird|werden|hat|haben|soll|darf|muss|kann)\b)(?!.*\s\S*\d)(?!(?:The|An?|Each|Every|No|All|It|This|Der|Die|Das|Eine?|Es|Er|Sie|Kein|Jede[rs]?|Wer)(?:\s+\S+){3})\p{Lu}\S*(?:\s+[^\s.:;]+){0,4}\.\s*$|^\s*(?:\d{1,3}(?:\.\d{1,3})?|第\d+[条章節])\s*(?=\S*[\u3040-\u30ff\u4e00-\u9fff])[^\s。、：:]{2,16}\s*$/u;
