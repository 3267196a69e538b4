export type { Session } from './session';
export type { ChosenQuote, Decision, Notice, OpenPage, SessionState } from './state';
export { pageNamed, pageProblem } from './pageNamed';
export { useDrawing } from './useDrawing';
export { usePage } from './usePage';
export { useSession } from './useSession';
