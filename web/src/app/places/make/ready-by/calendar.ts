import { createEvents, type DateTime, type EventAttributes } from 'ics';
import { STEP_NAMES } from '@ypsigram/contract/oven';
import type { Schedule, TimeBlock } from '@ypsigram/core/bench/oven';

const utc = (at: string): DateTime => {
  const date = new Date(at);
  return [
    date.getUTCFullYear(),
    date.getUTCMonth() + 1,
    date.getUTCDate(),
    date.getUTCHours(),
    date.getUTCMinutes(),
  ];
};

function eventOf(title: string, { kind, text, from, to, id }: TimeBlock): EventAttributes {
  return {
    uid: `${id}-${from}@ypsigram`,
    title: `${STEP_NAMES[kind]}: ${title}`,
    description: text,
    start: utc(from),
    end: utc(to),
    startInputType: 'utc',
    endInputType: 'utc',
    // A warning when it begins: that is what somebody else's calendar is for.
    alarms: [
      { action: 'display', description: STEP_NAMES[kind], trigger: { minutes: 0, before: true } },
    ],
  };
}

/** A bake as iCalendar, an event to each stretch of time. @throws Error where it can't be written */
export function calendarOf(title: string, { blocks }: Schedule): string {
  const { error, value } = createEvents(blocks.map((block) => eventOf(title, block)));
  if (error || typeof value !== 'string')
    throw error ?? new Error('The calendar could not be written.');
  return value;
}
