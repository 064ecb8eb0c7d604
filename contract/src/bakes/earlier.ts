import { Fraction } from '@ypsigram/core/amount';
import { BEAM_NOTCH_GRAMS } from '@ypsigram/core/drawer';
import type { GridWeight, PlannedFill } from '@ypsigram/core/fills';
import type { Makes } from '@ypsigram/core/bench';
import { nounFor } from '../wording/counted.js';

/**
 * Before fills, weights and yields were codes they were kept in English words. Backups, and what a
 * browser has not sent yet, may still have them so: here they are taken for what they say.
 */

type JsonRecord = Readonly<Record<string, unknown>>;

const isRecord = (value: unknown): value is JsonRecord =>
  typeof value === 'object' && value !== null;

/** "1/2 cup", "1 3/4 cups", "350 ml", "3 tbsp", "1 stick", "25 g": how a size was written. */
const SIZE = /^(\d+(?: \d+\/\d+|\/\d+)?) (cup|tbsp|tsp|ml|stick|g|oz)s?$/;
const FINGER = /^(?:1 |half a |half )?(pinch|dash|smidgen)$/;
const HALF = 'half of ';

function sizeIn(text: string): Pick<PlannedFill, 'nominal' | 'unit'> | null {
  const [, nominal, unit] = SIZE.exec(text) ?? [];
  return nominal && unit ? { nominal, unit: unit as PlannedFill['unit'] } : null;
}

/** Of a tool with a name of its own no size was kept: it is called by its name. */
const UNKNOWN_SIZE = { nominal: '1', unit: 'cup' } as const;

/** "3 bananas", "half a banana": what is counted was named in these words alone. */
const COUNTED = /^(?:half an?|\d[\d /]*) ([^\d×+]+)$/;
/** "1 tbsp beaten egg": so was what spoons were filled with. */
const BEATEN = / beaten ([^+]+)$/;

const nounIn = (shown: string): string | null => {
  const noun = COUNTED.exec(shown)?.[1];
  return noun === undefined ? null : nounFor(1, noun);
};

function factsOf(
  kind: PlannedFill['kind'],
  tool: string,
  mark: string,
  shown: string,
): Pick<PlannedFill, 'name' | 'nominal' | 'unit'> {
  switch (kind) {
    case 'egg':
      return { name: tool, nominal: '1', unit: 'each' };
    case 'piece':
      return { name: nounIn(shown) ?? tool, nominal: '1', unit: 'each' };
    case 'pinch':
      return {
        name: null,
        nominal: '1',
        unit: (FINGER.exec(tool)?.[1] ?? 'pinch') as PlannedFill['unit'],
      };
    case 'block':
      return { name: null, ...(sizeIn(mark) ?? UNKNOWN_SIZE) };
    case 'jug':
      return {
        name: tool.endsWith(` ${mark}`) ? tool.slice(0, -mark.length - 1) : tool,
        ...(sizeIn(mark) ?? UNKNOWN_SIZE),
      };
    case 'cup':
    case 'spoon': {
      const whole = tool.startsWith(HALF) ? tool.slice(HALF.length) : tool;
      const size = sizeIn(whole);
      return size ? { name: null, ...size } : { name: whole, ...UNKNOWN_SIZE };
    }
  }
}

/** A fill as it is now, of one that may be of before and was shown with others in these words. */
function fillOfEarlier(fill: unknown, shown: string): unknown {
  if (!isRecord(fill) || typeof fill['mark'] !== 'string' || typeof fill['tool'] !== 'string') {
    return fill;
  }
  const { mark, ...rest } = fill;
  const kind = fill['kind'] as PlannedFill['kind'];
  const beaten = kind === 'egg' || kind === 'piece' ? undefined : BEATEN.exec(shown)?.[1];
  return {
    ...rest,
    ...factsOf(kind, fill['tool'], mark as string, shown),
    ...(beaten !== undefined && { of: beaten }),
  };
}

const SLIGHTLY = 1e-6;

/** A weight as it is now, of one that may be of before. */
export function weightOfEarlier(weight: unknown): unknown {
  if (!isRecord(weight) || typeof weight['shown'] !== 'string') return weight;
  const { shown, ...rest } = weight;
  const [grams, grid] = [Number(rest['grams']), Number(rest['grid'])];
  const isInGrams = shown.includes(' g');
  const isBeam = !isInGrams && Math.abs(grid - BEAM_NOTCH_GRAMS) < SLIGHTLY;
  const isUnderStep = shown.includes('under ');
  const carried = isInGrams && !isUnderStep ? Number.parseFloat(shown) : grams;
  return {
    ...rest,
    dial: isInGrams ? 'g' : isBeam ? 'beam' : 'oz',
    isUnderStep,
    // Of a premix it was the weight of the whole.
    onScale: Number.isFinite(carried) ? carried : grams,
  } satisfies Partial<GridWeight>;
}

const MAKES = /^(\d+(?: \d+\/\d+|\/\d+)?)(?: ×)? ?(.*)$/;

/** What a bake makes as it is now, of one that may be of before: its noun stays as it was told. */
export function makesOfEarlier(makes: unknown): unknown {
  if (typeof makes !== 'string') return makes;
  const [, count, noun] = MAKES.exec(makes) ?? [];
  if (count === undefined) return null;
  return {
    count: new Fraction(count).toFraction(),
    noun: noun ?? '',
    written: null,
  } satisfies Makes;
}

/** How to fill a line as it is now, of what may be of before. */
export function measureOfEarlier(measure: unknown): unknown {
  if (!isRecord(measure) || !Array.isArray(measure['fills'])) return measure;
  const { shown, fills, ...rest } = measure;
  if (typeof shown !== 'string') return measure;
  return { ...rest, fills: (fills as readonly unknown[]).map((one) => fillOfEarlier(one, shown)) };
}

const lineOfEarlier = (line: unknown): unknown =>
  isRecord(line)
    ? {
        ...line,
        weight: weightOfEarlier(line['weight']),
        measure: measureOfEarlier(line['measure']),
      }
    : line;

/** The plan of a bake as it is now, of one that may be of before. */
export const planOfEarlier = (plan: unknown): unknown =>
  isRecord(plan) && Array.isArray(plan['lines'])
    ? {
        ...plan,
        makes: makesOfEarlier(plan['makes']),
        lines: (plan['lines'] as readonly unknown[]).map(lineOfEarlier),
      }
    : plan;

/** Something that was done as it is told now, of one that may be of before. */
export function actOfEarlier(act: unknown): unknown {
  if (!isRecord(act)) return act;
  if (act['do'] === 'replan') return { ...act, plan: planOfEarlier(act['plan']) };
  const { measures } = act;
  if (act['do'] !== 'scale-rest' || !isRecord(measures)) return act;
  return {
    ...act,
    measures: Object.fromEntries(
      Object.entries(measures).map(([line, measure]) => [line, measureOfEarlier(measure)]),
    ),
  };
}
