/** Space under a line comes in steps, as classes: the page's policy forbids style attributes. */
export const SPACE_STEP_PIXELS = 8;
