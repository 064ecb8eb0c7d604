import type { DateOrder, DecimalMark, FirstDay, Temperature } from '@ypsigram/contract';
import type { KitchenSettings } from './kitchen.actions';

/** How figures, dates, money and heat are written. */
export interface Formats {
  readonly currency: string;
  readonly decimalMark: DecimalMark;
  readonly dateOrder: DateOrder;
  readonly firstDay: FirstDay;
  readonly temperature: Temperature;
}

const CURRENCIES: Readonly<Record<string, string>> = {
  US: '$',
  CA: '$',
  AU: '$',
  NZ: '$',
  GB: '£',
  JP: '¥',
  IN: '₹',
  CH: 'CHF',
  DK: 'kr',
  NO: 'kr',
  SE: 'kr',
  PL: 'zł',
};

/** Where ovens are marked in degrees Fahrenheit. */
const FAHRENHEIT = new Set(['US', 'BS', 'BZ', 'KY', 'LR', 'PW', 'FM', 'MH']);

/** ISO weekdays that a week can begin with, beside Monday. */
const FIRST_DAYS: Readonly<Record<number, FirstDay>> = { 6: 'saturday', 7: 'sunday' };

/** What browsers know of weeks; some do not say it yet. */
interface WithWeeks {
  getWeekInfo?(): { readonly firstDay: number };
}

/** What is usual where a language is set as in `locale`, such as "en-GB". */
export function usualFormats(locale: string): Formats {
  const place = new Intl.Locale(locale).maximize();
  const region = place.region ?? '';
  const week = (place as WithWeeks).getWeekInfo?.();
  const figure = new Intl.NumberFormat(locale).formatToParts(1.5);
  const [first] = new Intl.DateTimeFormat(locale)
    .formatToParts(new Date())
    .map(({ type }) => type)
    .filter((type): type is DateOrder => type === 'day' || type === 'month' || type === 'year');
  return {
    currency: CURRENCIES[region] ?? '€',
    decimalMark: figure.some(({ type, value }) => type === 'decimal' && value === ',') ? ',' : '.',
    dateOrder: first ?? 'year',
    firstDay: FIRST_DAYS[week?.firstDay ?? 1] ?? 'monday',
    temperature: FAHRENHEIT.has(region) ? 'fahrenheit' : 'celsius',
  };
}

/** What this kitchen has chosen, and the browser's own ways for the rest. */
export function formatsOf(
  chosen: KitchenSettings,
  usual: Formats = usualFormats(navigator.language),
): Formats {
  return {
    currency: chosen.currency ?? usual.currency,
    decimalMark: chosen.decimalMark ?? usual.decimalMark,
    dateOrder: chosen.dateOrder ?? usual.dateOrder,
    firstDay: chosen.firstDay ?? usual.firstDay,
    temperature: chosen.temperature ?? usual.temperature,
  };
}
