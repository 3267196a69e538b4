/** The head of a clause, run in with its text: "3. Term." A few words, and no verb. */
export const RUN_IN =
  /^\s*(?:(?:(?:Section|SECTION|Article|ARTICLE|Clause|CLAUSE|Sec\.|Art\.|Artikel)\s)?\d{1,3}(?:\.\d{1,3})*\.?|\([a-z\d]{1,3}\)|§\s?\d+)\s+(?!.*\b(?:is|are|was|were|be|has|have|had|shall|may|must|will|can|does|do|did|ist|sind|wird|werden|hat|haben|soll|darf|muss|kann)\b)\p{Lu}\S*(?:\s+[^\s.:;]+){0,4}\.\s*$/u;
