const NUMBER = String.raw`(?:(?:(?:Section|SECTION|Article|ARTICLE|Clause|CLAUSE|Sec\.|Art\.|Artikel)\s)?\d{1,3}(?:\.\d{1,3})*\.?|\([a-z\d]{1,3}\)|§\s?\d+)`;
/** Words that make a sentence of a few: verbs, a figure, an article before three words or more; in German any word like a verb, which a head has none of. */
const VERB = String.raw`\b(?:(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|twenty|thirty|sixty|ninety) (?:hours?|days?|weeks?|months?|years?)|is|are|was|were|be|has|have|had|shall|may|must|will|can|does|do|did|ist|sind|wird|werden|hat|haben|soll|darf|muss|kann)\b`;
/** A verb with what it is done to: "Maren Holt chairs the board." A title has a preposition there, or a word in "-ing". */
const DOES = String.raw`(?!.*\b(?:of|by|to|for|in|on|with|from|under|against|and|or|between|at|over|into|upon|after|before|during|about|per|than|as|all|both|[a-z]+ing) (?:the|an?|its|their|his|her|our|no|each|every)\s)\p{Lu}.*\s\p{Ll}{3,} (?:the|an?|its|their|his|her|our|no|each|every)\s`;
const SUBJECT = String.raw`(?:The|An?|Each|Every|No|All|It|This|Der|Die|Das|Ein|Eine|Es|Er|Sie|Kein|Jede[rs]?|Wer)(?:\s+\S+){3}`;
const GERMAN = String.raw`(?=.*(?:\b(?:der|die|das|den|dem|des|zur|zum|im|am|ein|eine|von)\b|[äöüß]))`;
const GERMAN_VERB = String.raw`\s(?!(?:einen|keinen|gegen|wegen|zwischen|neben|beiden|seit|nicht|statt|samt|laut)\s)\p{Ll}{2,}(?:en|t)\s`;
/** In Japanese, a number and a few characters without a full stop: "5 遭難信号". */
const JAPANESE = String.raw`(?:\d{1,3}(?:\.\d{1,3})?|第\d+[条章節])\s*(?=\S*[\u3040-\u30ff\u4e00-\u9fff])[^\s。、：:]{2,16}`;

/** The head of a clause, run in with its text: "3. Term." A few words that say nothing by themselves, unlike "5.6 Pilots retire at 65." */
export const RUN_IN = new RegExp(
  String.raw`^\s*${NUMBER}\s+(?!.*${VERB})(?!.*\s\S*\d)(?!${DOES})(?!${SUBJECT})(?!${GERMAN}.*${GERMAN_VERB})\p{Lu}[^\s:]*(?:\s+[^\s.:;]+){0,4}\.\s*$|^\s*${JAPANESE}\s*$`,
  'u',
);
