export { bookRoutes, type BookContext } from './routes.js';
