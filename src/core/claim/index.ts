export type { Uncovered } from './coverage';
export { weighClaim, type RestsOn, type Standing, type WeighedClaim } from './weigh';
