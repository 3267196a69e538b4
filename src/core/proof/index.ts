export { whatBecame, type Became } from './compare';
export { mended, mendingOf, type Mending } from './mend';
export { proof, proofSteps, type ProofOptions } from './proof';
export type { ProofShelf } from './proofQuote';
export { isGrave, isProblem, tallyOf, type ProofTally } from './tally';
export type { PlaceFault, ProofedAgainst, ProofFigure, ProofItem, ProofQuote, ProofResult } from './types';
