export { BatchBy } from './batch-by';
export { BatchControl } from './batch-control';
export { CleanOffers } from './clean-offers';
export { HabitsControl } from './habits-control';
export { HoldsControl } from './holds-control';
