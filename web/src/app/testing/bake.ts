import { computed, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Store, provideState, provideStore } from '@ngrx/store';
import { USUAL_KITCHEN, type Bake } from '@ypsigram/contract';
import type { BakeLine, BenchRoute, ScaleReading } from '@ypsigram/core/bench';
import { LiveScale } from '../scale/live-scale';
import { bakeActions, bakeFeature } from '../state/bake/bake.feature';
import { authorsFeature } from '../state/authors/authors.feature';
import { bakesFeature } from '../state/bakes/bakes.feature';
import { learnedFeature } from '../state/learned/learned.feature';
import { recipeFeature } from '../state/recipe/recipe.feature';
import { timersFeature } from '../state/timers/timers.feature';
import { kitchenActions } from '../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../state/kitchen/kitchen.feature';
import { trialsFeature } from '../state/trials/trials.feature';

export const BAKE_ID = '00000000-0000-4000-8000-0000000000b1';

/** Two cups of flour: 250 g. */
export const flourLine = (change: Partial<BakeLine> = {}): BakeLine => ({
  id: 'flour',
  index: 0,
  written: '2 cups flour',
  name: 'All-purpose wheat flour',
  section: null,
  ingredientId: 'flour-wheat-all-purpose',
  form: null,
  class: 'powder',
  role: 'flour',
  keeps: 'dry',
  allergens: ['wheat'],
  intendedGrams: 250,
  weight: { grams: 250, grid: 1, dial: 'g', isUnderStep: false, onScale: 250 },
  measure: {
    method: 'spooned',
    fills: [
      {
        tool: '1 cup',
        count: 2,
        kind: 'cup',
        name: null,
        nominal: '1',
        unit: 'cup',
        millilitres: 236.588,
        size: 'cup',
      },
    ],
    grams: 250,
    spread: 0.04,
  },
  tolerance: 0.01,
  forgiven: 0.05,
  gramsPerTeaspoon: 2.6,
  route: 'fill',
  ...change,
});

const saltLine = (route: BenchRoute): BakeLine => ({
  ...flourLine(),
  id: 'salt',
  index: 1,
  written: '1 tsp salt',
  name: 'Fine table salt',
  ingredientId: 'salt-table',
  class: 'granular',
  role: 'salt',
  intendedGrams: 6,
  weight: { grams: 6, grid: 0.1, dial: 'g', isUnderStep: false, onScale: 6 },
  gramsPerTeaspoon: 6,
  route,
});

/** A bake of flour and salt, each by this route. */
export const bakeOf = (route: BenchRoute): Bake =>
  ({
    id: BAKE_ID,
    recipeId: '00000000-0000-4000-8000-000000000000',
    title: 'Buns',
    factor: '1',
    makes: { count: '12', noun: 'buns', written: 12 },
    handId: null,
    begunAt: '2026-03-14T09:00:00.000Z',
    changedAt: '2026-03-14T09:00:00.000Z',
    stage: 'bench',
    ready: 0,
    of: 2,
    rating: null,
    symptoms: [],
    isGood: false,
    isWasted: false,
    note: '',
    photo: null,
    readyAt: null,
    oven: null,
    recipeRevision: 1,
    readings: [],
    plan: {
      title: 'Buns',
      text: '2 cups flour\n1 tsp salt',
      factor: '1',
      makes: { count: '12', noun: 'buns', written: 12 },
      pieces: 12,
      kind: 'lean-dough',
      strictness: 'normal',
      lines: [flourLine({ route }), saltLine(route)],
      bowls: [{ section: null, lines: ['flour', 'salt'] }],
      chance: [],
    },
  }) satisfies Bake;

/** A scale that a spec sets. */
export class FakeScale {
  readonly status = signal<'off' | 'live'>('live');
  readonly description = signal({
    name: 'kitchen scale',
    gridGrams: 1,
    units: [],
    isSimulated: true,
  });
  readonly reading = signal<ScaleReading | null>(null);
  readonly warnings = signal<readonly { code: string; message: string }[]>([]);
  readonly weighing = signal<unknown>(null);
  readonly isMinded = signal(false);
  readonly gridGrams = signal(1);
  readonly settledGrams = computed(() => {
    const reading = this.reading();
    const grams = this.status() === 'live' && reading?.isStable ? reading.grams : null;
    return grams !== null && grams > 0 ? grams : null;
  });
  readonly tare = jasmine.createSpy('tare');
  readonly connect = jasmine.createSpy('connect');

  shows(grams: number, change: Partial<ScaleReading> = {}): void {
    this.reading.set({
      state: 'on',
      unit: 'g',
      shown: String(grams),
      grams,
      isStable: true,
      tareGrams: 312,
      ...change,
    });
    TestBed.tick();
  }
}

/** A bench with a bake on it, its store and its scale; nothing is sent anywhere. */
export function benchWith(
  bake: Bake,
  ...providers: readonly unknown[]
): { store: Store; scale: FakeScale } {
  const scale = new FakeScale();
  TestBed.configureTestingModule({
    providers: [
      provideStore(),
      provideState(kitchenFeature),
      provideState(trialsFeature),
      provideState(bakeFeature),
      provideState(recipeFeature),
      provideState(bakesFeature),
      provideState(authorsFeature),
      provideState(learnedFeature),
      provideState(timersFeature),
      { provide: LiveScale, useValue: scale },
      ...(providers as []),
    ],
  });
  const store = TestBed.inject(Store);
  store.dispatch(kitchenActions.kitchenLoaded({ kitchen: USUAL_KITCHEN }));
  store.dispatch(bakeActions.bakeOpened({ id: bake.id }));
  store.dispatch(bakeActions.bakeLoaded({ bake }));
  return { store, scale };
}
