import { parse, toSeconds } from 'iso8601-duration';

/** Longer than a fortnight is no time of a recipe. */
const MOST_MINUTES = 14 * 24 * 60;

/** Minutes of a duration after ISO 8601, "PT1H30M"; null for what is none, and for nothing. */
export function minutesOf(duration: string): number | null {
  try {
    const minutes = toSeconds(parse(duration.trim())) / 60;
    return minutes > 0 && minutes <= MOST_MINUTES ? minutes : null;
  } catch {
    return null;
  }
}

/** The same in words that reading understands: "1 hour 30 minutes". */
export function durationInWords(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / 60), Math.round(minutes % 60)];
  const part = (count: number, unit: string): string[] =>
    count === 0 ? [] : [`${count} ${unit}${count === 1 ? '' : 's'}`];
  return [...part(hours, 'hour'), ...part(rest, 'minute')].join(' ');
}

/** Minutes as ISO 8601 writes them. */
export function isoDuration(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / 60), Math.round(minutes % 60)];
  return `PT${hours > 0 ? `${hours}H` : ''}${rest > 0 || hours === 0 ? `${rest}M` : ''}`;
}
