import type { BakeReading } from '@ypsigram/core/bench';
import { placeNow, placeWaiting, toSend, type OwnAct } from './own-act';

const act = (id: string, at: number, change: Partial<OwnAct> = {}): OwnAct => ({
  id,
  at: new Date(at).toISOString(),
  device: 'tablet',
  handId: null,
  act: { do: 'fill', line: 'flour', tool: '1 cup', grams: null, scale: null },
  ...change,
});
const kept = (order: number): BakeReading =>
  ({ ...act(`k${order}`, order, { order }), sequence: order }) as BakeReading;

describe('the place of an act that is done on this device', () => {
  it('comes after all that is known here, though the clock went back', () => {
    const { order, after } = placeNow('a', 5000, [kept(9000), kept(7000)]);
    expect([order, after]).toEqual([9001, 9000]);
  });

  it('is now where nothing later is known', () => {
    expect(placeNow('a', 5000, [])).toEqual({ order: 5000, after: 0 });
  });

  it('has seen of the server only what the server has placed', () => {
    const waiting = act('w', 8000, { order: 8000 });
    expect(placeNow('a', 5000, [kept(6000), waiting])).toEqual({ order: 8001, after: 6000 });
  });
});

describe('what waits to be sent', () => {
  it('comes after what the same device did before, though that counts as of when it arrived', () => {
    const waiting = [act('a', 5000, { order: 5000 }), act('b', 5001, { order: 5001 })];
    const placed = placeWaiting([kept(7000), { ...kept(9000), device: 'phone' }], waiting);
    expect(placed.map(({ order }) => order)).toEqual([7001, 7002]);
  });

  it('stays where it was done among what others did', () => {
    const [placed] = placeWaiting([{ ...kept(9000), device: 'phone' }], [act('a', 5000)]);
    expect(placed!.order).toBe(5000);
  });
});

describe('an act that is sent', () => {
  beforeEach(() => jasmine.clock().install().mockDate(new Date('2026-03-14T09:00:00Z')));
  afterEach(() => jasmine.clock().uninstall());

  it('says how long ago it was, whatever the clock was set to meanwhile', () => {
    const perf = spyOn(performance, 'now').and.returnValue(1000);
    const at = Date.now();
    const placed = placeNow('set-back', at, []);
    // A minute goes by, and somebody sets the clock back by an hour.
    perf.and.returnValue(61_000);
    jasmine.clock().mockDate(new Date(at - 3_540_000));
    const sent = toSend(act('set-back', at, placed));
    expect(sent.age).toBe(60_000);
    expect('order' in sent).toBeFalse();
    expect(sent.after).toBe(0);
  });

  it('is as old as the clock says where the device slept', () => {
    const perf = spyOn(performance, 'now').and.returnValue(1000);
    const at = Date.now();
    placeNow('slept', at, []);
    perf.and.returnValue(2000);
    jasmine.clock().mockDate(new Date(at + 600_000));
    expect(toSend(act('slept', at)).age).toBe(600_000);
  });

  it('of an earlier visit leaves its age to the server', () => {
    expect(toSend(act('earlier visit', Date.now())).age).toBeUndefined();
  });
});
