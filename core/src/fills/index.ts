export { COUNTED_EASILY } from './choose-fills.js';
export { fewestFills, type Fillable, type FillCounts } from './fewest-fills.js';
export { measurePlan } from './measure-plan.js';
export {
  FILL_KINDS,
  type FillKind,
  type MeasureBasis,
  type MeasurePlan,
  type PlannedFill,
  type WantedMass,
} from './plan.js';
export {
  decimalsOf,
  type Dial,
  DIALS,
  type GridWeight,
  onScaleGrid,
  WEIGHED_IN,
  type WeighedIn,
} from './scale-grid.js';
export {
  isFinelyMeasured,
  isWithin,
  nearEnough,
  type Strictness,
  STRICTNESSES,
} from './tolerance.js';
