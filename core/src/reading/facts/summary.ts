import { durationsIn } from './durations.js';

const LABEL =
  /(?<!\p{L})(?:prep(?:aration)?(?: time)?|active(?: time)?|hands-on|cook(?:ing)?(?: time)?|bak(?:e|ing)(?: time)?|rest(?:ing)?(?: time)?|chill(?:ing)?(?: time)?|ris(?:e|ing)(?: time)?|proving(?: time)?|total(?: time)?|ready in|vorbereitung(?:szeit)?|zubereitung(?:szeit)?|arbeitszeit|backzeit|kochzeit|ruhezeit|gehzeit|kühlzeit|gesamtzeit|wartezeit|préparation|cuisson|repos|levée|temps de \p{L}+|temps total)(?!\p{L})/giu;

/**
 * Whether a line only lists how long things take ("Prep 15 min, bake 35 minutes", "Backzeit: 40
 * Minuten"): said of the whole recipe, and no step of it.
 */
export function isTimeSummary(line: string): boolean {
  const times = durationsIn(line);
  const labels = [...line.matchAll(LABEL)];
  if (times.length === 0 || labels.length === 0) return false;
  // What is left once labels and times are taken away is hardly anything.
  let rest = line;
  for (const { start, end } of times.toReversed()) rest = rest.slice(0, start) + rest.slice(end);
  const words = rest.replace(LABEL, ' ').match(/\p{L}{2,}/gu) ?? [];
  const isListed = /:/.test(line) || times.length > 1 || labels[0]!.index <= 2;
  return (
    isListed &&
    words.length <= Math.max(1, times.length) &&
    !/[.!]$/.test(line.trim().replace(/\b(?:min|std|mins)\.$/i, ''))
  );
}
