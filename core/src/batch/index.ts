export { carryMethods, type MethodsByLine } from './carry-methods.js';
export {
  USUAL_TOOLS,
  defaultDrawer,
  drawerOf,
  stampedMillilitres,
  type Drawer,
  type Tool,
  type ToolDescription,
} from './drawer.js';
export { LARGEST_FACTOR, readFactor, type FactorProblem, type FactorReading } from './factor.js';
export { fewestFills, type Fillable, type Fills } from './fewest-fills.js';
export { type MeasurePlan, type PlannedFill } from './measure-plan.js';
export {
  methodsForLine,
  planBatch,
  planLine,
  usualMethod,
  type Batch,
  type PlanLine,
} from './plan.js';
export { ratiosOf, type Part, type Ratios } from './ratios.js';
export { onScaleGrid, type GridWeight } from './scale-grid.js';
export { STRICTNESSES, toleranceOf, type Strictness } from './tolerance.js';
