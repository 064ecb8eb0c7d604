import { TestBed } from '@angular/core/testing';
import type { RecipeFile } from '@ypsigram/core/formats';
import { until } from '../../testing/until';
import type { ScanKind, ScanResult } from './scan';
import { SCAN_READER, ScanQueue } from './scan-queue';
import { scanStore } from './scan-store';

const photo = (name: string): File => new File([name], name, { type: 'image/jpeg' });
const recipe = (text: string): RecipeFile => ({
  title: null,
  text,
  author: null,
  standard: null,
  factor: null,
  methods: null,
  balance: null,
  answers: null,
  proven: null,
});
const found = (text: string, unsure = 0): ScanResult => ({
  recipes: [{ recipe: recipe(text), unsure, page: null }],
  problems: [],
  pages: [],
});

describe('photos and documents that wait to be read', () => {
  /** What reading a file gives, by what is in it; a promise that never ends is one cut off. */
  let read: Record<string, () => Promise<ScanResult>>;
  let order: string[];

  /** A page of the program, opened anew. */
  const openPage = (): ScanQueue => {
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({
      providers: [
        {
          provide: SCAN_READER,
          useValue: async () => ({
            scan: async (_: ScanKind, file: Blob): Promise<ScanResult> => {
              const name = await file.text();
              order.push(name);
              return (read[name] ?? (() => Promise.resolve(found(name))))();
            },
            stop: () => undefined,
          }),
        },
      ],
    });
    return TestBed.inject(ScanQueue);
  };
  const never = (): Promise<ScanResult> => new Promise(() => undefined);
  const stored = async (): Promise<string[]> => (await scanStore.all()).map(({ name }) => name);
  const namesOf = (queue: ScanQueue): string[] => queue.scans().map(({ name }) => name);

  beforeEach(() => {
    [read, order] = [{}, []];
    scanStore.takeLeft();
  });
  afterEach(async () => {
    await TestBed.inject(ScanQueue).discard();
    TestBed.inject(ScanQueue).goOn();
    await scanStore.remove((await scanStore.all()).map(({ id }) => id));
  });

  it('are read in their order, and what was read stays in this browser', async () => {
    const queue = openPage();
    await queue.add([photo('a'), photo('b'), new File(['c'], 'c.txt')]);
    await until(() => queue.waiting() === 0);
    expect(order).toEqual(['a', 'b']);
    const recipes = (await scanStore.all()).map(({ result }) => result?.recipes[0]?.recipe.text);
    expect(recipes).toEqual(['a', 'b']);
  });

  it('pause at once, stay paused over a reload, and go on with the one that was cut off', async () => {
    const queue = openPage();
    read = { b: never };
    await queue.add([photo('a'), photo('b'), photo('c')]);
    await until(() => order.includes('b'));
    queue.pause();
    await until(() => queue.now() === null);
    expect(queue.waiting()).toBe(2);

    read = {};
    const later = openPage();
    await later.open();
    expect([later.isPaused(), later.waiting(), later.done().length]).toEqual([true, 2, 1]);
    later.goOn();
    await until(() => later.waiting() === 0);
    expect(order).toEqual(['a', 'b', 'b', 'c']);
  });

  it('that took the page with them twice are left out, with what to do', async () => {
    await scanStore.put([
      { id: 1, name: 'bomb', kind: 'photo', file: photo('bomb'), begun: 2, result: null },
      { id: 2, name: 'good', kind: 'photo', file: photo('good'), begun: 1, result: null },
    ]);
    const queue = openPage();
    await queue.open();
    await until(() => queue.waiting() === 0);
    expect(order).toEqual(['good']);
    expect(queue.toLookAt().map(({ name, why }) => `${name}: ${why}`)).toEqual([
      'bomb: Reading it was cut off twice, so it is left out. Make it smaller, then add it again.',
    ]);
  });

  it('are read all the same where the page was only loaded anew', async () => {
    await scanStore.put([
      { id: 1, name: 'good', kind: 'photo', file: photo('good'), begun: 2, result: null },
    ]);
    const queue = openPage();
    dispatchEvent(new PageTransitionEvent('pagehide'));
    await queue.open();
    await until(() => queue.waiting() === 0);
    expect(order).toEqual(['good']);
    expect(queue.toLookAt()).toEqual([]);
  });

  it('say which of them need a look', async () => {
    const queue = openPage();
    read = {
      a: () => Promise.resolve(found('a', 2)),
      b: () => Promise.resolve({ ...found('b'), recipes: [] }),
      c: () => Promise.resolve({ ...found('c'), recipes: [], problems: ['It is damaged.'] }),
    };
    await queue.add(['a', 'b', 'c', 'd'].map(photo));
    await until(() => queue.waiting() === 0);
    expect(queue.toLookAt().map(({ name, why }) => `${name}: ${why}`)).toEqual([
      'a: 2 words were not read for sure.',
      'b: No recipe was found on it.',
      'c: It is damaged.',
    ]);
  });

  it('have the pages of a scanned book read as photos of their own', async () => {
    const queue = openPage();
    const pages = [3, 5].map((number) => ({ number, image: new Blob([`page ${number}`]) }));
    read = { book: () => Promise.resolve({ recipes: [], problems: [], pages }) };
    await queue.add([new File(['book'], 'book.pdf', { type: 'application/pdf' })]);
    await until(() => queue.done().length === 2);
    expect(namesOf(queue)).toEqual(['book.pdf, page 3', 'book.pdf, page 5']);
    expect(await stored()).toEqual(namesOf(queue));
    expect(order).toEqual(['book', 'page 3', 'page 5']);
  });

  it('wait where reading does not work, and say so', async () => {
    const told = spyOn(console, 'error');
    const queue = openPage();
    read = { a: () => Promise.reject(new Error('no recognition')) };
    await queue.add([photo('a'), photo('b')]);
    await until(() => queue.problem() !== null);
    expect([queue.isPaused(), queue.waiting()]).toEqual([true, 2]);
    // It is no fault of the photo's, however often that happens.
    expect((await scanStore.all()).map(({ begun }) => begun)).toEqual([0, 0]);
    expect(told).toHaveBeenCalled();
    read = {};
    queue.goOn();
    await until(() => queue.waiting() === 0);
    expect(queue.problem()).toBeNull();
  });

  it('are discarded, one under way too, and put back', async () => {
    const queue = openPage();
    read = { b: never };
    await queue.add([photo('a'), photo('b')]);
    await until(() => order.includes('b'));
    await queue.discard();
    expect([queue.scans().length, await stored()]).toEqual([0, []]);
    await until(() => queue.now() === null);
    read = {};
    await queue.putBack();
    await until(() => queue.waiting() === 0);
    expect(await stored()).toEqual(['a', 'b']);
  });

  it('are read in this page where the browser stores nothing', async () => {
    spyOn(scanStore, 'put').and.rejectWith(new DOMException('full', 'QuotaExceededError'));
    const warned = spyOn(console, 'warn');
    const queue = openPage();
    await queue.add([photo('a')]);
    await until(() => queue.waiting() === 0);
    expect([queue.isKept(), queue.done().length]).toEqual([false, 1]);
    expect(warned).toHaveBeenCalled();
  });
});
