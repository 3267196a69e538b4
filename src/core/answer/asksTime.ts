/** Asks for times of the day, "11 p.m.", rather than for a date. */
export const ASKS_TIME =
  /\b(?:(?:at|by|until|till|from|since) (?:what|which) (?:times?|hours?)(?: of (?:the )?day)?|(?:between|during|outside|in|within) (?:what|which) (?:hours|times)|what (?:are the )?(?:[\w-]+ )?hours|what time|um wie ?viel uhr|zwischen welchen (?:uhr)?zeiten|zu welche[nr] (?:uhr)?zeit(?:en)?)\b|何時(?!間)/i;
