export type { Uncovered } from './coverage';
export { sayUncovered } from './wording';
export { weighClaim, type RestsOn, type Standing, type WeighedClaim } from './weigh';
