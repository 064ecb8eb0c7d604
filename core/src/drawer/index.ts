export { type Block, BLOCKS } from './blocks.js';
export {
  defaultDrawer,
  type Drawer,
  drawerOf,
  drawerWith,
  type ToolSet,
  toolsFor,
  toolsIn,
} from './drawer.js';
export {
  BEAM_NOTCH_GRAMS,
  finerScale,
  POISE_GRAMS,
  type ScaleDescription,
  USUAL_SCALES,
} from './scales.js';
export {
  fingerTool,
  halvesOf,
  stampedMillilitres,
  type Tool,
  TOOL_UNITS,
  type ToolDescription,
  type ToolUnit,
} from './tool.js';
export { USUAL_TOOLS } from './usual-tools.js';
