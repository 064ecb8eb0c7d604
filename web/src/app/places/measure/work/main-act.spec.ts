import { TestBed } from '@angular/core/testing';
import { bakeOf, benchWith } from '../../../testing/bake';
import { FillCounting } from '../filling/fill-counting';
import { LiveWeighing } from '../weighing/live-weighing';
import { BenchSession } from './bench-session';
import { MainAct } from './main-act';
import { USUAL_PREFERENCES, Preferences } from './bench-preferences';

const PARTS = [BenchSession, FillCounting, LiveWeighing, MainAct];

beforeEach(() => localStorage.removeItem('ypsigram.bench'));

describe('the one thing to do next', () => {
  const bench = (route: Parameters<typeof bakeOf>[0]) => {
    const { scale } = benchWith(bakeOf(route), ...PARTS);
    const main = TestBed.inject(MainAct);
    const session = TestBed.inject(BenchSession);
    TestBed.tick();
    return { scale, main, session };
  };

  it('is one fill after another, then the next line', () => {
    const { main, session, scale } = bench('fill');
    scale.status.set('off');
    expect(main.next()?.words).toBe('Add 1 cup');
    main.go();
    main.go();
    expect(session.current()?.fullness).toBe('full');
    expect(main.next()?.is).toBe('next');
    main.go();
    expect(session.currentId()).toBe('salt');
  });

  it('goes back by a fill, and then by a line', () => {
    const { main, session, scale } = bench('fill');
    scale.status.set('off');
    main.go();
    main.back();
    expect(session.current()?.fills).toEqual([]);
    session.go('salt');
    main.back();
    expect(session.currentId()).toBe('flour');
  });

  it('takes the word of whoever reads a scale that is not connected', () => {
    const { main, session, scale } = bench('container');
    scale.status.set('off');
    expect(main.next()).toEqual({ is: 'shown', words: 'It shows 250 g' });
    main.go();
    expect(session.current()?.weighedGrams).toBe(250);
    expect(main.next()?.is).toBe('next');
  });

  it('tells a running total, and keeps of it what this ingredient is', () => {
    const { main, session, scale } = bench('total');
    const weighing = TestBed.inject(LiveWeighing);
    scale.status.set('off');
    main.go();
    session.go('salt');
    expect(main.next()?.words).toBe('It shows 256 g');
    expect(weighing.takeShown(248)).toBe(false);
    expect(session.current()?.weighedGrams).toBeNull();
    expect(weighing.takeShown(256.4)).toBe(true);
    expect(session.current()?.weighedGrams).toBeCloseTo(6.4, 9);
  });

  it('asks to tare, then to add, and takes only what is at the mark', () => {
    const { main, session, scale } = bench('container');
    TestBed.inject(Preferences).set({ takesItself: false });
    scale.shows(231, { tareGrams: 0 });
    expect(main.next()?.is).toBe('tare');
    main.go();
    expect(scale.tare).toHaveBeenCalledTimes(1);
    scale.shows(0);
    expect(main.next()).toEqual({ is: 'wait', words: 'Add some' });
    scale.shows(200);
    main.go();
    expect(session.current()?.weighedGrams).toBeNull();
    scale.shows(251);
    expect(main.next()?.words).toBe('Take 251 g');
    main.go();
    expect(session.current()?.weighedGrams).toBe(251);
    expect(main.next()?.is).toBe('next');
  });

  it('never tares while the scale moves', () => {
    const { main, scale } = bench('container');
    scale.shows(231, { tareGrams: 0, isStable: false });
    main.go();
    expect(scale.tare).not.toHaveBeenCalled();
  });

  it('waits for a choice where too much is in', () => {
    const { main, scale } = bench('tare');
    scale.shows(0);
    scale.shows(270);
    expect(main.next()).toEqual({ is: 'wait', words: 'Too much: choose below' });
  });

  it('takes nothing while something is wrong: a bowl added, mL of flour, too heavy', () => {
    const { main, session, scale } = bench('container');
    scale.shows(0);
    scale.shows(100);
    scale.shows(250, { unit: 'ml' });
    scale.warnings.set([
      { code: 'not-water', message: 'In mL, a scale takes everything for water.' },
    ]);
    main.go();
    expect(session.current()?.weighedGrams).toBeNull();
    expect(TestBed.inject(LiveWeighing).slip()).toContain('In mL');
    scale.warnings.set([]);
    scale.shows(-312);
    expect(TestBed.inject(LiveWeighing).slip()).toContain('lifted');
    main.go();
    expect(session.current()?.weighedGrams).toBeNull();
    scale.shows(0, { state: 'overload', grams: null, isStable: false });
    expect(main.next()?.words).toContain('weigh it in parts');
  });

  it('takes what stands at the mark for a second by itself, and goes on', () => {
    jasmine.clock().install().mockDate(new Date('2026-03-14T09:30:00Z'));
    try {
      const { session, scale } = bench('tare');
      TestBed.inject(Preferences).all.set(USUAL_PREFERENCES);
      scale.shows(0);
      scale.shows(250);
      jasmine.clock().tick(999);
      expect(session.state()?.ready).toBe(0);
      jasmine.clock().tick(2);
      expect(session.state()?.ready).toBe(1);
      expect(session.currentId()).toBe('salt');
    } finally {
      jasmine.clock().uninstall();
    }
  });

  it('counts on from what the bowl holds where the total runs on', () => {
    const { main, session, scale } = bench('total');
    TestBed.inject(Preferences).set({ takesItself: false });
    scale.shows(250);
    main.go();
    main.go();
    expect(session.currentId()).toBe('salt');
    scale.shows(256);
    expect(TestBed.inject(LiveWeighing).grams()).toBe(6);
    main.go();
    expect(session.current()?.weighedGrams).toBe(6);
  });
});

describe('topping up after the batch grew', () => {
  beforeEach(() => localStorage.removeItem('ypsigram.bench'));
  const grown = (route: 'container' | 'tare' | 'total') => {
    const { scale } = benchWith(bakeOf(route), ...PARTS);
    TestBed.inject(Preferences).set({ takesItself: false });
    const session = TestBed.inject(BenchSession);
    session.do({ do: 'weigh', route, line: 'flour', grams: 250, scale: 's' });
    session.do({ do: 'weigh', route, line: 'salt', grams: 6.6, scale: 's' });
    session.do({ do: 'scale-rest', line: 'salt', times: 1.1, measures: {}, stay: [] });
    session.go('flour');
    TestBed.tick();
    return {
      scale,
      session,
      main: TestBed.inject(MainAct),
      weighing: TestBed.inject(LiveWeighing),
    };
  };

  for (const route of ['container', 'tare'] as const) {
    it(`asks for a tare with what is in, and counts only what is added (${route})`, () => {
      const { scale, session, main, weighing } = grown(route);
      expect(session.current()?.fullness).toBe('half');
      scale.shows(562, { tareGrams: 0 });
      expect(main.next()?.is).toBe('tare');
      main.go();
      scale.shows(0, { tareGrams: 562 });
      expect(weighing.grams()).toBe(250);
      expect(weighing.live()?.leftGrams).toBeCloseTo(25, 9);
      expect(main.next()?.words).toBe('Keep adding');
      scale.shows(25, { tareGrams: 562 });
      expect(main.next()?.words).toBe('Take 275 g');
      main.go();
      expect(session.current()?.weighedGrams).toBe(275);
      expect(session.state()?.ready).toBe(2);
    });
  }

  it('goes on from the running total, whatever of it is short', () => {
    const { scale, session, main, weighing } = grown('total');
    expect(weighing.baseGrams()).toBeCloseTo(6.6, 9);
    scale.shows(281.6);
    expect(main.next()?.words).toBe('Take 275 g');
    session.go('salt');
    TestBed.tick();
    // What is short lies in the bowl all the same.
    expect(weighing.baseGrams()).toBe(250);
  });
});

describe('what is done at the bench', () => {
  it('can be undone and done again, step by step', () => {
    const { scale } = benchWith(bakeOf('fill'), ...PARTS);
    scale.status.set('off');
    const session = TestBed.inject(BenchSession);
    const counting = TestBed.inject(FillCounting);
    counting.add('1 cup');
    session.do({ do: 'route', line: 'flour', route: 'tare' });
    session.undo();
    expect(session.current()?.route).toBe('fill');
    expect(session.canRedo()).toBeTrue();
    session.redo();
    expect(session.current()?.route).toBe('tare');
    session.undo();
    session.undo();
    expect(session.current()?.fills).toEqual([]);
    expect(session.canUndo()).toBeFalse();
  });

  it('has moments that never fall together', () => {
    benchWith(bakeOf('fill'), ...PARTS);
    const session = TestBed.inject(BenchSession);
    const moments = [1, 2, 3].map(() => session.do({ do: 'finish', line: 'salt' }).at);
    expect(new Set(moments).size).toBe(3);
    expect([...moments].sort()).toEqual(moments);
  });
});

describe('a scale under the bowl', () => {
  it('counts the fills, says when one was unlike, and takes back what is taken out', () => {
    const { scale } = benchWith(bakeOf('fill'), ...PARTS);
    const counting = TestBed.inject(FillCounting);
    const session = TestBed.inject(BenchSession);
    TestBed.tick();
    scale.shows(0);
    scale.shows(124);
    expect(session.current()?.fills.map(({ grams }) => grams)).toEqual([124]);
    scale.shows(284);
    expect(counting.word()).toContain('This fill weighed 160 g');
    scale.shows(125);
    expect(session.current()?.fills.length).toBe(1);
    expect(counting.word()).toContain('Taken back');
    scale.shows(1500);
    expect(counting.word()).toContain('none of these fills');
    expect(session.current()?.fills.length).toBe(1);
  });

  it('and a tap for the same fill count it once, whichever comes first', () => {
    jasmine.clock().install().mockDate(new Date('2026-03-14T09:30:00Z'));
    try {
      const { scale } = benchWith(bakeOf('fill'), ...PARTS);
      const counting = TestBed.inject(FillCounting);
      const session = TestBed.inject(BenchSession);
      const grams = () => session.current()?.fills.map((fill) => fill.grams);
      TestBed.tick();
      scale.shows(0);
      counting.add('1 cup');
      jasmine.clock().tick(1500);
      scale.shows(124);
      expect(grams()).toEqual([124]);
      jasmine.clock().tick(1500);
      counting.add('1 cup');
      expect(grams()).toEqual([124]);
      expect(counting.word()).toContain('counted this one already');
      jasmine.clock().tick(5000);
      counting.add('1 cup');
      expect(grams()).toEqual([124, null]);
    } finally {
      jasmine.clock().uninstall();
    }
  });

  it('counts nothing where the baker counts', () => {
    const { scale } = benchWith(bakeOf('fill'), ...PARTS);
    TestBed.inject(Preferences).set({ countsByScale: false });
    TestBed.inject(FillCounting);
    TestBed.tick();
    scale.shows(0);
    scale.shows(124);
    expect(TestBed.inject(BenchSession).current()?.fills).toEqual([]);
    TestBed.inject(Preferences).set({ countsByScale: true });
  });
});
