export { keepingOf, type Keeping } from './keeping.js';
