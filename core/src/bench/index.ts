export * from './bake/index.js';
export * from './live/index.js';
export * from './order/index.js';
export * from './scale/index.js';
export * from './tray/index.js';
export * from './weighing/index.js';
