export { arrangeBowls, type BowlOrder } from './arrange.js';
export { needsSmallBowl, textureOf, type Texture } from './texture.js';
