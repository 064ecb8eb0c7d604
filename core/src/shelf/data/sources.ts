import type { SourceRef } from '../../catalogue/index.js';

/** Agriculture Handbook 456, Nutritive Value of American Foods (USDA, 1975). */
export const HANDBOOK: SourceRef = { from: 'handbook' };

/** The weight of a serving as packages of several makers give it alike. */
export const PACKAGES: SourceRef = { from: 'packages' };

/** Commission Regulation (EC) 589/2008: S to XL by weight; 12 % of it is shell. */
export const EGG_GRADES: SourceRef = { from: 'egg-grades' };
