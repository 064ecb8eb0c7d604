import { format } from 'date-fns';
import type { DateOrder } from '@ypsigram/contract';

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
