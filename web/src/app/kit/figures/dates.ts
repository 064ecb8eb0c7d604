import { differenceInCalendarWeeks, format, type Day } from 'date-fns';
import type { DateOrder, FirstDay } from '@ypsigram/contract';

const DAYS: Readonly<Record<DateOrder, string>> = {
  day: 'd MMM yyyy',
  month: 'MMM d, yyyy',
  year: 'yyyy-MM-dd',
};

/** A day in the order of this kitchen: "3 Nov 2026". @throws RangeError on what is no date */
export const showDay = (at: string | Date, order: DateOrder): string =>
  format(new Date(at), DAYS[order]);

/** A day with its time, by the clock of this machine: "3 Nov 2026, 14:05". */
export const showMoment = (at: string | Date, order: DateOrder): string =>
  format(new Date(at), `${DAYS[order]}, HH:mm`);

/** A time of day by the clock of this machine: "14:05". */
export const showTime = (at: string | Date): string => format(new Date(at), 'HH:mm');

const WEEK_STARTS: Readonly<Record<FirstDay, Day>> = { sunday: 0, monday: 1, saturday: 6 };

/** How many weeks a day lies back, by the first day of this kitchen's weeks: 0 for this week. */
export const weeksAgo = (at: string | Date, now: Date, firstDay: FirstDay): number =>
  differenceInCalendarWeeks(now, new Date(at), { weekStartsOn: WEEK_STARTS[firstDay] });
