export { runCommand } from './program.js';
