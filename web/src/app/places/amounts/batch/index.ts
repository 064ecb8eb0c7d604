export { BatchBy, type BatchChange } from './batch-by';
export { BatchControl } from './batch-control';
export { CleanOffers } from './clean-offers';
export { HoldsControl } from './holds-control';
export { loadsMessage } from './loads-message';
