export { arrangeBowls, type BowlOrder } from './arrange.js';
export { needsSmallBowl, textureOf, TEXTURES, type Texture } from './texture.js';
