export {
  chanceLines,
  type ChanceFill,
  type ChanceLine,
  type Route,
  type ToolSpreads,
} from './chance-line.js';
export { drawFill, type FillModel } from './fill.js';
export { randomFrom, seedOf, type Random } from './random.js';
export {
  CAUSES,
  simulate,
  type Cause,
  type ChanceOptions,
  type Chances,
  type RatioChance,
} from './simulate.js';
export { type Spread } from './tally.js';
export { whereWeighingPays, type WhereWeighingPays } from './where-weighing-pays.js';
