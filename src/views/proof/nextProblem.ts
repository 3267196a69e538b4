/** The next place behind `at` that is a problem, from the front again after the last; -1 when there is none. */
export function nextProblem(problems: readonly boolean[], at: number): number {
  const behind = problems.findIndex((problem, index) => problem && index > at);
  return behind >= 0 ? behind : problems.indexOf(true);
}
