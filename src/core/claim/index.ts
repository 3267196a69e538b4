export type { Uncovered } from './coverage';
export { claimFigure, figuresOfQuotes, type ClaimFigure } from './figures';
export { sayUncovered } from './wording';
export { weighClaim, type RestsOn, type Standing, type WeighedClaim } from './weigh';
