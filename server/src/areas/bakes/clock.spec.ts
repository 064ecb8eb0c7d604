import fc from 'fast-check';
import { placeActs, type Said } from './clock.js';

const NOW = new Date('2026-03-14T10:00:00.000Z');
const BEGUN = '2026-03-14T08:00:00.000Z';
const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const at = (milliseconds: number): string => new Date(NOW.getTime() + milliseconds).toISOString();
const placed = (
  act: Omit<Said, 'device'>,
  sentAt: string,
  last = 0,
  lastOf: ReadonlyMap<string, number> = new Map(),
) =>
  placeActs([{ device: 'tablet', ...act }], sentAt, { now: NOW, last, lastOf, begunAt: BEGUN })[0]!;

describe('the place of an act among others', () => {
  it('is when it was done, by a clock that is close', () => {
    const { at: shown, order } = placed({ at: at(-MINUTE) }, at(1500));
    expect(shown).toBe(at(-MINUTE));
    expect(order).toBe(NOW.getTime() - MINUTE - 1500);
  });

  it('is set right where the clock of the device is an hour ahead, or behind', () => {
    for (const wrong of [HOUR, -HOUR]) {
      const { at: shown, order } = placed({ at: at(wrong - MINUTE) }, at(wrong));
      expect(shown).toBe(at(-MINUTE));
      expect(order).toBe(NOW.getTime() - MINUTE);
    }
  });

  it('goes by the age that the device knows, where its clock was corrected before it was sent', () => {
    // Done with a clock that was an hour ahead, sent once it was right.
    const { order } = placed({ at: at(HOUR - 5 * MINUTE), age: 5 * MINUTE }, at(0));
    expect(order).toBe(NOW.getTime() - 5 * MINUTE);
  });

  it('is no more than a day before the bake, though the device had lost its clock altogether', () => {
    // Done in 1970 by its own clock, which was set right before it was sent.
    const { at: shown } = placed(
      { at: at(-56 * 365 * 24 * HOUR), age: 56 * 365 * 24 * HOUR },
      at(0),
    );
    expect(shown).toBe('2026-03-13T08:00:00.000Z');
  });

  it('comes after all that the device had seen, though the clock of the server went back', () => {
    const last = NOW.getTime() + 3 * HOUR;
    const { at: shown, order } = placed({ at: at(0), after: last }, at(0), last);
    expect(order).toBe(last + 1);
    // What is shown is no moment that the server has not seen yet.
    expect(Date.parse(shown)).toBeLessThanOrEqual(NOW.getTime());
  });

  it('comes after what the same device did earlier, though that was long on its way', () => {
    // Done a second ago; the act before it took three seconds to arrive, and counts as of then.
    const [act, earlier] = [{ at: at(-1000), age: 1000 }, NOW.getTime() - 200];
    expect(placed(act, at(0), earlier, new Map([['tablet', earlier]])).order).toBe(earlier + 1);
    expect(placed(act, at(0), earlier, new Map([['phone', earlier]])).order).toBe(
      NOW.getTime() - 1000,
    );
  });

  it('comes before what was done later elsewhere, and was not seen', () => {
    const elsewhere = NOW.getTime() - MINUTE;
    const { order } = placed({ at: at(-10 * MINUTE), after: 0 }, at(0), elsewhere);
    expect(order).toBeLessThan(elsewhere);
  });

  it('is never had by claiming to have seen what nobody has', () => {
    const { order } = placed({ at: at(0), after: Number.MAX_SAFE_INTEGER }, at(0), 0);
    expect(order).toBeLessThanOrEqual(NOW.getTime());
  });

  it('keeps the order in which a device did things, and is a moment that can be written, whatever clocks say', () => {
    const moment = fc
      .date({ min: new Date('0001-01-01'), max: new Date('9999-12-31'), noInvalidDate: true })
      .map((date) => date.toISOString());
    const act = fc.record({
      device: fc.constantFrom('tablet', 'phone'),
      at: moment,
      age: fc.option(fc.double({ min: 0, max: 1e11, noNaN: true }), { nil: undefined }),
      after: fc.option(fc.nat(), { nil: undefined }),
    });
    fc.assert(
      fc.property(
        fc.array(act, { minLength: 1, maxLength: 6 }),
        moment,
        fc.nat(),
        (acts, sent, last) => {
          const found = placeActs(acts, sent, {
            now: NOW,
            last,
            lastOf: new Map(),
            begunAt: BEGUN,
          });
          found.forEach(({ at: shown, order }, index) => {
            expect(shown).toMatch(/^\d{4}-\d\d-\d\dT/);
            expect(Number.isSafeInteger(order)).toBeTrue();
            if (index > 0) expect(order).toBeGreaterThan(found[index - 1]!.order);
            expect(Date.parse(shown)).toBeLessThanOrEqual(NOW.getTime());
          });
        },
      ),
    );
  });
});
