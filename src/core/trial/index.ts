export { outcomeOf, rightPages, type KnownQuestion, type Outcome } from './outcome';
export { scoreOf, type Score, type Share } from './score';
