// The words of the bench: apart from the rest, which the page needs from its first view on.
export { nightWord, takeOutWord } from './evening.js';
export { BENCH_ROUTE_NAMES, containerName, ROUTE_HINTS, TOP_UP_HINT, WAY_NAMES } from './routes.js';
export { slipMessage } from './slips.js';
export { batchSize, beamWords, moreOrLess, REST_WORDS, spoonWords } from './amounts.js';
export { cautionOf } from './cautions.js';
