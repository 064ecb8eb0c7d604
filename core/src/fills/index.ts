export { COUNTED_EASILY } from './choose-fills.js';
export { fewestFills, type Fillable, type Fills } from './fewest-fills.js';
export { measurePlan } from './measure-plan.js';
export type { MeasureBasis, MeasurePlan, PlannedFill, Wanted } from './plan.js';
export { type GridWeight, onScaleGrid, WEIGHED_IN, type WeighedIn } from './scale-grid.js';
export { isWithin, nearEnough, type Strictness, STRICTNESSES } from './tolerance.js';
