// The Shelf's search over five thousand ingredients, beside a plain look through all names.
import { Bench } from 'tinybench';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { shelfSearch } from '../../web/src/app/places/ingredients/shelf-search';

const WANTED = 5000;
const FRAME_MILLISECONDS = 16.7;

const { all } = BUILT_IN_SHELF;
const many = Array.from({ length: WANTED }, (_, index) => {
  const like = all[index % all.length];
  const batch = Math.floor(index / all.length);
  return { ...like, id: `${like.id}-${batch}`, name: `${like.name} no ${batch}` };
});
const search = shelfSearch({ all: many });
search('flour');

const QUERIES = {
  'one letter': 'f',
  'a word': 'flour',
  'a slip': 'almnod flur',
  'no such': 'xyzzy',
};
const plain = (query) =>
  many.filter(({ name, aliases }) =>
    [name, ...aliases].some((text) => text.toLowerCase().includes(query)),
  );

const bench = new Bench({ time: 800, warmupTime: 200 });
for (const [name, query] of Object.entries(QUERIES)) {
  bench.add(`search: ${name}`, () => search(query));
}
bench.add('plain look: a word', () => plain('flour'));
await bench.run();
console.table(
  bench.tasks.map(({ name, result }) => ({
    name,
    'median ms': result.latency.p50.toFixed(2),
    'p99 ms': result.latency.p99.toFixed(2),
  })),
);
const slowest = Math.max(...bench.tasks.slice(0, -1).map(({ result }) => result.latency.p50));
console.log(
  `Wanted: an answer over ${WANTED} ingredients within a frame (${FRAME_MILLISECONDS} ms): ` +
    `${slowest.toFixed(1)} ms, ${slowest < FRAME_MILLISECONDS ? 'kept' : 'MISSED'}`,
);
