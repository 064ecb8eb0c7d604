import { TestBed } from '@angular/core/testing';
import { provideState, provideStore, Store } from '@ngrx/store';
import { Subject, of } from 'rxjs';
import type { ScaleStateReply } from '@ypsigram/contract';
import { ScaleApi } from '../api/scale-api';
import { kitchenChanges } from '../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../state/kitchen/kitchen.feature';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { weighedNext } from './weighed-next';
import { LiveScale } from './live-scale';

const STATE: ScaleStateReply = {
  scale: {
    name: 'kitchen scale',
    gridGrams: 1,
    capacityGrams: 5000,
    units: ['g', 'oz', 'ml'],
    isSimulated: true,
  },
  reading: {
    sequence: 1,
    state: 'on',
    unit: 'g',
    shown: '0',
    grams: 0,
    isStable: true,
    tareGrams: 0,
  },
};

/** An event source that the test feeds. */
class FakeStream extends EventTarget {
  static latest: FakeStream;
  static readonly CLOSED = 2;
  readyState = 1;

  constructor(readonly address: string) {
    super();
    FakeStream.latest = this;
  }

  send(reading: Partial<ScaleStateReply['reading']>): void {
    const data = JSON.stringify({ ...STATE.reading, ...reading });
    this.dispatchEvent(new MessageEvent('reading', { data }));
  }

  fail(readyState: number): void {
    this.readyState = readyState;
    this.dispatchEvent(new Event('error'));
  }

  close(): void {
    this.readyState = 2;
  }
}

describe('the live scale', () => {
  let api: jasmine.SpyObj<ScaleApi>;
  let scale: LiveScale;
  const original = window.EventSource;

  beforeEach(() => {
    localStorage.removeItem('ypsigram.scale');
    window.EventSource = FakeStream as unknown as typeof EventSource;
    api = jasmine.createSpyObj<ScaleApi>('api', ['read', 'press']);
    api.read.and.returnValue(of(STATE));
    api.press.and.returnValue(of(STATE));
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(kitchenFeature),
        { provide: ScaleApi, useValue: api },
      ],
    });
    TestBed.inject(Store).dispatch(
      kitchenChanges.containerKept({ container: { name: 'white bowl', grams: 312 } }),
    );
    scale = TestBed.inject(LiveScale);
    scale.connect();
    TestBed.tick();
  });
  afterEach(() => {
    scale.disconnect();
    window.EventSource = original;
  });

  const show = (reading: Partial<ScaleStateReply['reading']>): void => {
    FakeStream.latest.send(reading);
    TestBed.tick();
  };
  const warned = (): string[] => scale.warnings().map(({ code }) => code);

  it('shows what the stream says, and gives only what has settled', () => {
    show({ shown: '125', grams: 125, isStable: false });
    expect(scale.status()).toBe('live');
    expect(scale.settledGrams()).toBeNull();
    show({ shown: '125', grams: 125 });
    expect(scale.settledGrams()).toBe(125);
  });

  it('warns of a bowl that was not tared away, until it is', () => {
    show({ shown: '312', grams: 312 });
    expect(warned()).toEqual(['not-tared']);
    show({ shown: '437', grams: 437 });
    expect(scale.warnings()[0]?.message).toContain('white bowl');
    show({ shown: '0', grams: 0, tareGrams: 312 });
    show({ shown: '125', grams: 125, tareGrams: 312 });
    expect(warned()).toEqual([]);
  });

  it('knows by the place that is open whether it is water', () => {
    const weighing = { form: null, method: 'poured', tool: null, handId: null } as const;
    scale.weighing.set(weighedNext({ ...weighing, ingredientId: 'honey' }, BUILT_IN_SHELF));
    show({ shown: '143', grams: 143, unit: 'ml' });
    expect(warned()).toEqual(['not-water']);
    scale.weighing.set(weighedNext({ ...weighing, ingredientId: 'water' }, BUILT_IN_SHELF));
    TestBed.tick();
    expect(warned()).toEqual([]);
  });

  it('says that it reconnects, and goes on', () => {
    FakeStream.latest.fail(0);
    expect(scale.status()).toBe('lost');
    expect(scale.settledGrams()).toBeNull();
    show({ shown: '125', grams: 125 });
    expect(scale.status()).toBe('live');
  });

  it('presses its buttons on the server', () => {
    scale.tare();
    scale.setUnit('oz');
    expect(api.press.calls.allArgs()).toEqual([[{ do: 'tare' }], [{ do: 'unit', unit: 'oz' }]]);
  });

  it('is put away, and hears nothing more', () => {
    const late = new Subject<ScaleStateReply>();
    api.read.and.returnValue(late);
    scale.connect();
    scale.disconnect();
    late.next(STATE);
    FakeStream.latest.send({ shown: '1', grams: 1 });
    expect(scale.status()).toBe('off');
    expect(scale.reading()).toBeNull();
  });
});
