export { FACTOR_PROBLEMS } from './factors.js';
export { issueMessage } from './issues.js';
export { METHOD_NAMES, ROLE_NAMES, RUNG_MEANINGS, RUNG_NAMES } from './names.js';
export { noteMessage } from './notes.js';
