import { readingsOf, type WrittenLine } from '../people/written-line.js';
import { COUNTED } from './counted.js';
import { LOOKED_AT } from './looked-at.js';

const STANDARDS = {
  British: 'british',
  'Australian and Canadian': 'australian',
  'Indian English': 'metric',
  German: 'metric',
  French: 'metric',
} as const;

const readings = (
  texts: Readonly<Record<string, string>>,
): Readonly<Record<string, readonly WrittenLine[]>> =>
  Object.fromEntries(
    Object.entries(texts).map(([group, text]) => [
      group,
      readingsOf(text, STANDARDS[group as keyof typeof STANDARDS] ?? 'us-customary'),
    ]),
  );

/** Five hundred lines that were written before anybody looked how they are read: 200 to look at. */
export const STRANGERS = { lookedAt: readings(LOOKED_AT), counted: readings(COUNTED) };
