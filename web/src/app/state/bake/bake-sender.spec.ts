import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import { deleteDB } from 'idb';
import { of, throwError } from 'rxjs';
import type { BakeReadingReply, ReadingsDraft } from '@ypsigram/contract';
import type { BakeReading } from '@ypsigram/core/bench';
import { BakesApi } from '../../api/bakes-api';
import { BENCH } from '../../offline/bench-store';
import { BAKE_ID, bakeOf, benchWith } from '../../testing/bake';
import { BakeMemory } from './bake-memory';
import { BakeSender } from './bake-sender';
import { bakeActions, bakeFeature } from './bake.feature';
import { selectBakeNow } from './bake.selectors';

const reading = (number: number): BakeReading => ({
  id: `00000000-0000-4000-8000-00000000000${number}`,
  at: `2026-03-14T09:30:0${number}.000Z`,
  device: 'tablet',
  handId: null,
  act: { do: 'fill', line: 'flour', tool: '1 cup', grams: null, scale: null },
});
const kept = ({ readings }: ReadingsDraft): BakeReadingReply[] =>
  readings.map((one, at) => ({ ...one, sequence: at + 1 }) as BakeReadingReply);
/** Closes the browser's database as the browser itself does, behind the back of whoever uses it. */
const memoryHandle = (): Promise<() => void> =>
  BENCH.use((database) => Promise.resolve(() => database.close()));
const away = () => throwError(() => new HttpErrorResponse({ status: 0 }));

describe('what waits to be sent', () => {
  let api: jasmine.SpyObj<BakesApi>;
  let memory: BakeMemory;
  let store: Store;

  beforeEach(async () => {
    await deleteDB('ypsigram-bench');
    api = jasmine.createSpyObj<BakesApi>('api', ['send']);
    ({ store } = benchWith(bakeOf('fill'), { provide: BakesApi, useValue: api }));
    memory = TestBed.inject(BakeMemory);
  });
  afterEach(() => memory.close());

  const state = () => store.selectSignal(bakeFeature.selectBakeState)();
  const queue = async (number: number): Promise<void> => {
    store.dispatch(bakeActions.actDone({ reading: reading(number) }));
    await memory.queue(BAKE_ID, reading(number));
  };

  it('is sent in the order in which it was done, and then waits no longer', async () => {
    api.send.and.callFake((_, sent) => of(kept(sent)));
    await queue(1);
    await queue(2);
    expect(store.selectSignal(selectBakeNow)()?.ready).toBe(1);
    await TestBed.inject(BakeSender).send();
    const sent = api.send.calls.mostRecent().args[1];
    expect(sent.readings.map(({ id }) => id)).toEqual([reading(1).id, reading(2).id]);
    expect(await memory.waiting()).toEqual([]);
    expect(state().waiting).toEqual([]);
    expect(state().bake?.readings.length).toBe(2);
    expect(store.selectSignal(selectBakeNow)()?.ready).toBe(1);
  });

  it('survives a server that is away, and is tried again', async () => {
    let tries = 0;
    api.send.and.callFake((_, sent) => (++tries === 1 ? away() : of(kept(sent))));
    await queue(1);
    await TestBed.inject(BakeSender).send();
    expect(tries).toBe(2);
    expect(state().isServerThere).toBeTrue();
    expect(await memory.waiting()).toEqual([]);
  });

  it('is remembered by the browser whatever becomes of the page', async () => {
    await queue(1);
    await memory.remember(bakeOf('fill'));
    memory.close();
    const again = new BakeMemory();
    expect((await again.waiting())[0]?.readings.length).toBe(1);
    expect((await again.recall(BAKE_ID))?.title).toBe('Buns');
    expect(await again.recall('nothing')).toBeNull();
    again.close();
  });

  it('is sent all the same where the browser keeps nothing, and that is told', async () => {
    memory.close();
    spyOn(indexedDB, 'open').and.throwError(new DOMException('private', 'SecurityError'));
    spyOn(console, 'warn');
    api.send.and.callFake((_, sent) => of(kept(sent)));
    await queue(1);
    expect(memory.isKept()).toBeFalse();
    expect((await memory.waiting())[0]?.readings.length).toBe(1);
    await TestBed.inject(BakeSender).send();
    expect(state().bake?.readings.length).toBe(1);
    expect(await memory.waiting()).toEqual([]);
    expect(await memory.recall(BAKE_ID)).toBeNull();
    memory.close();
  });

  it('is sent though the disk is full, in order, and kept there once there is room', async () => {
    const put = spyOn(IDBObjectStore.prototype, 'add').and.callFake(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    spyOn(console, 'warn');
    await queue(1);
    await queue(2);
    expect(memory.isKept()).toBeFalse();
    expect((await memory.waiting())[0]?.readings.map(({ id }) => id)).toEqual([
      reading(1).id,
      reading(2).id,
    ]);
    put.and.callThrough();
    await queue(3);
    expect(memory.isKept()).toBeTrue();
    api.send.and.callFake((_, sent) => of(kept(sent)));
    await TestBed.inject(BakeSender).send();
    const sent = api.send.calls
      .allArgs()
      .flatMap(([, { readings }]) => readings.map(({ id }) => id));
    expect(sent).toEqual([reading(1).id, reading(2).id, reading(3).id]);
    expect(await memory.waiting()).toEqual([]);
  });

  it('is kept anew where the browser dropped what it had', async () => {
    api.send.and.callFake((_, sent) => of(kept(sent)));
    await queue(1);
    // As when the storage of the site is dropped: the handle is closed, and nobody is told.
    const close = await memoryHandle();
    close();
    await queue(2);
    expect((await memory.waiting())[0]?.readings.length).toBe(2);
    await TestBed.inject(BakeSender).send();
    expect(state().bake?.readings.length).toBe(2);
  });

  it('of a bake that is gone waits until it is back, or it is let go', async () => {
    const gone = new HttpErrorResponse({ status: 404, error: { detail: 'No such bake.' } });
    api.send.and.returnValue(throwError(() => gone));
    await queue(1);
    await TestBed.inject(BakeSender).send();
    expect(state().problem).toBe('No such bake.');
    expect((await memory.waiting())[0]?.readings.length).toBe(1);
    api.send.and.callFake((_, sent) => of(kept(sent)));
    await TestBed.inject(BakeSender).send();
    expect(await memory.waiting()).toEqual([]);
    api.send.and.returnValue(throwError(() => gone));
    await queue(2);
    await TestBed.inject(BakeSender).letGo(BAKE_ID);
    expect(await memory.waiting()).toEqual([]);
  });

  it('loses nothing to one that the server refuses: the others are sent on their own', async () => {
    const refused = new HttpErrorResponse({ status: 422, error: { detail: 'No such line.' } });
    const isBad = ({ readings }: ReadingsDraft) => readings.some(({ id }) => id === reading(2).id);
    api.send.and.callFake((_, sent) => (isBad(sent) ? throwError(() => refused) : of(kept(sent))));
    for (const number of [1, 2, 3]) await queue(number);
    await TestBed.inject(BakeSender).send();
    const sent = api.send.calls.allArgs().map(([, { readings }]) => readings.map(({ id }) => id));
    expect(sent).toEqual([
      [reading(1).id, reading(2).id, reading(3).id],
      [reading(1).id],
      [reading(2).id],
      [reading(3).id],
    ]);
    expect(state().problem).toBe('No such line.');
    expect(state().waiting).toEqual([]);
    expect(await memory.waiting()).toEqual([]);
  });

  it('is let go and told of where the server refuses it', async () => {
    const problem = { detail: 'There is no such line in this bake.' };
    api.send.and.returnValue(
      throwError(() => new HttpErrorResponse({ status: 422, error: problem })),
    );
    await queue(1);
    await TestBed.inject(BakeSender).send();
    expect(state().problem).toBe(problem.detail);
    expect(state().waiting).toEqual([]);
    expect(await memory.waiting()).toEqual([]);
  });
});

describe('two devices at one bake', () => {
  it('see what the other did, each thing once', () => {
    const { store } = benchWith(bakeOf('fill'));
    const now = () => store.selectSignal(selectBakeNow)();
    const other = { ...reading(1), sequence: 1, device: 'phone' } as BakeReadingReply;
    const tell = () =>
      store.dispatch(bakeActions.readingsKept({ bakeId: BAKE_ID, readings: [other] }));
    tell();
    tell();
    expect(now()?.lines[0]?.fills.length).toBe(1);
    expect(now()?.lines[0]?.device).toBe('phone');
    store.dispatch(
      bakeActions.readingsKept({ bakeId: 'another', readings: [{ ...other, sequence: 2 }] }),
    );
    expect(store.selectSignal(bakeFeature.selectBake)()?.readings.length).toBe(1);
  });

  it('go by the later act on the same line', () => {
    const { store } = benchWith(bakeOf('container'));
    const weigh = (number: number, grams: number, device: string): BakeReadingReply =>
      ({
        ...reading(number),
        sequence: 10 - number,
        device,
        act: { do: 'weigh', route: 'container', line: 'flour', grams, scale: 's' },
      }) as BakeReadingReply;
    const readings = [weigh(5, 250, 'tablet'), weigh(3, 300, 'phone')];
    store.dispatch(bakeActions.readingsKept({ bakeId: BAKE_ID, readings }));
    const line = store.selectSignal(selectBakeNow)()?.lines[0];
    expect([line?.weighedGrams, line?.device]).toEqual([250, 'tablet']);
  });
});
