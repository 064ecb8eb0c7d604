export { countJump, NO_JUMPS, type ExpectedFill, type Jump, type JumpMemory } from './jumps.js';
export { weighingSlip, type WeighingSetting, type WeighingSlip } from './slips.js';
export { inSpoons, type SpoonAmount } from './spoons.js';
export {
  barAt,
  isSteady,
  liveTarget,
  MARK,
  steadyAt,
  STEADY_MILLISECONDS,
  type LiveTarget,
  type SteadyAt,
  type Target,
} from './target.js';
