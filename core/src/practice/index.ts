export * from './classes/index.js';
export * from './fill/index.js';
export * from './jug/index.js';
export * from './questions/index.js';
export * from './schedule/index.js';
