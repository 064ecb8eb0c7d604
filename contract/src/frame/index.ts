/**
 * What the page's frame needs before any place is opened. It has a face of its own so that the
 * first view carries this and no more: whatever lies behind `.` comes with the places that use it.
 */
export { LARGEST_PAGE, MOST_ANSWERS, MOST_RECIPE_PHOTOS } from '../limits.js';
export { USUAL_KITCHEN } from '../usual-kitchen.js';
export { fixed, writeFiguresWith } from '../wording/figures.js';
export { scaleWarningMessage } from '../wording/scale.js';
