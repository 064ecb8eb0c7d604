import type { DateOrder, DecimalMark, Temperature } from '@ypsigram/contract';
import type { Settings } from './kitchen.actions';

/** How figures, dates, money and heat are written. */
export interface Formats {
  readonly currency: string;
  readonly decimalMark: DecimalMark;
  readonly dateOrder: DateOrder;
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

/** What is usual where a language is set as in `locale`, such as "en-GB". */
export function usualFormats(locale: string): Formats {
  const region = new Intl.Locale(locale).maximize().region ?? '';
  const figure = new Intl.NumberFormat(locale).formatToParts(1.5);
  const [first] = new Intl.DateTimeFormat(locale)
    .formatToParts(new Date())
    .map(({ type }) => type)
    .filter((type): type is DateOrder => type === 'day' || type === 'month' || type === 'year');
  return {
    currency: CURRENCIES[region] ?? '€',
    decimalMark: figure.some(({ type, value }) => type === 'decimal' && value === ',') ? ',' : '.',
    dateOrder: first ?? 'year',
    temperature: FAHRENHEIT.has(region) ? 'fahrenheit' : 'celsius',
  };
}

/** What this kitchen has chosen, and the browser's own ways for the rest. */
export function formatsOf(
  chosen: Settings,
  usual: Formats = usualFormats(navigator.language),
): Formats {
  return {
    currency: chosen.currency ?? usual.currency,
    decimalMark: chosen.decimalMark ?? usual.decimalMark,
    dateOrder: chosen.dateOrder ?? usual.dateOrder,
    temperature: chosen.temperature ?? usual.temperature,
  };
}
