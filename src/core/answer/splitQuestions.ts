/** Several questions in one message, one each; a numbered or bulleted line is a question of its own. */
export function splitQuestions(message: string): string[] {
  return message
    .split(/\n+/)
    .flatMap((line) => line.replace(/^\s*(?:[-*•]|\(?\d{1,2}[.)])\s+/, '').split(/(?<=\?)\s+(?=[\p{Lu}\p{N}"“¿])/u))
    .map((question) => question.trim())
    .filter((question) => /[\p{L}\p{N}]/u.test(question));
}
