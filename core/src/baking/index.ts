export {
  forgivenessOf,
  forgivenOf,
  learnedForgiveness,
  LEANING,
  FORGIVEN_PARTS,
  type ForgivenPart,
  type Forgiveness,
} from './forgiveness.js';
export { guessKind } from './guess-kind.js';
export { BAKE_KINDS, USUAL_KIND, type BakeKind } from './kind.js';
export * from './oven/index.js';
