export { fewestFills, type Fillable, type Fills } from './fewest-fills.js';
export {
  type MeasureBasis,
  measurePlan,
  type MeasurePlan,
  type PlannedFill,
} from './measure-plan.js';
export { type GridWeight, onScaleGrid, WEIGHED_IN, type WeighedIn } from './scale-grid.js';
export { type Strictness, STRICTNESSES, toleranceOf } from './tolerance.js';
