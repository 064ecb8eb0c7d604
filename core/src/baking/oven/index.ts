export { wantedHeat, type WantedHeat } from './heat.js';
export {
  dialFor,
  ovenOffset,
  realHeat,
  type OvenOffset,
  type OvenReading,
  type RealHeat,
} from './offset.js';
