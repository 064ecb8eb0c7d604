import type { Schedule } from '@ypsigram/core/bench/oven';
import { calendarOf } from './calendar';

const SCHEDULE: Schedule = {
  startAt: '2026-03-14T13:00:00.000Z',
  readyAt: '2026-03-14T15:00:00.000Z',
  oven: null,
  blocks: [
    {
      id: 'step-1',
      kind: 'rise',
      text: 'Leave to rise, covered; 1 hour.',
      from: '2026-03-14T13:00:00.000Z',
      to: '2026-03-14T14:00:00.000Z',
      isWaiting: true,
      isGuessed: false,
    },
    {
      id: 'bake',
      kind: 'bake',
      text: '',
      from: '2026-03-14T14:00:00.000Z',
      to: '2026-03-14T15:00:00.000Z',
      isWaiting: true,
      isGuessed: false,
    },
  ],
};

describe('a bake in a calendar', () => {
  it('has an event for each stretch, in UTC, with a reminder', () => {
    const text = calendarOf('Lock buns', SCHEDULE);
    expect(text.match(/BEGIN:VEVENT/g)!.length).toBe(2);
    expect(text).toContain('DTSTART:20260314T130000Z');
    expect(text).toContain('DTEND:20260314T150000Z');
    expect(text).toContain('SUMMARY:Rise: Lock buns');
    expect(text).toContain('BEGIN:VALARM');
  });
});
