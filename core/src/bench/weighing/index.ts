export {
  followWeighing,
  netGrams,
  NO_WEIGHING,
  weighingOf,
  type Weighing,
  type WeighingMemory,
} from './weighing.js';
