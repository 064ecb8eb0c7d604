import {
  factsOf,
  type Line,
  type OvenSetting,
  type Reading,
  type TimeSpan,
} from '../../reading/index.js';
import type { BakingFacts, BakingQuestion } from './baking-facts.js';
import { stepKind, type StepKind } from './step-kind.js';

/** One thing to do, after everything stands on the tray. */
export interface BakeStep {
  /** The same for as long as the text is. */
  readonly id: string;
  readonly kind: StepKind;
  /** As the recipe says it; empty for a step that it leaves out. */
  readonly text: string;
  /** How long it takes, from and to, in minutes; null where that is not said. */
  readonly minutes: { readonly min: number; readonly max: number } | null;
  readonly heat: Pick<OvenSetting, 'celsius' | 'fanCelsius'> | null;
}

/** What there is to do for a recipe, in order, and what its text does not say. */
export interface BakeWalk {
  readonly steps: readonly BakeStep[];
  readonly missing: readonly BakingQuestion[];
  /** The recipe is baked at all: it names an oven or a time in one. */
  readonly isBaked: boolean;
}

const SENTENCE = /(?<=[.!;])\s+(?=\p{Lu})/u;
const SHORTEST = 3;

/** Purposes of times that a step may have; the others are about the whole recipe. */
const WHOLE: ReadonlySet<TimeSpan['purpose']> = new Set(['preparing', 'total']);

/**
 * The steps of a recipe one by one, a sentence each, with times and heat. The oven is heated before
 * it is used and what is baked rests in its pan, also where the text leaves that out. What its baker
 * said of the baking goes before the text.
 */
export function bakeSteps({ lines }: Pick<Reading, 'lines'>, said: BakingFacts = {}): BakeWalk {
  const written = lines.flatMap((line, index): BakeStep[] =>
    line.kind === 'step' ? sentencesOf(line, index) : [],
  );
  const isBaked =
    written.some(({ kind }) => kind === 'bake' || kind === 'heat') ||
    written.some(({ heat }) => heat !== null) ||
    said.celsius !== undefined;
  if (!isBaked) return { steps: written, missing: [], isBaked };
  const heat = heatOf(written, lines, said);
  const withOven = completed(written, heat, said);
  const bake = withOven.find(({ kind }) => kind === 'bake')!;
  const missing = [
    ...(heat === null ? ['celsius' as const] : []),
    ...(bake.minutes === null ? ['minutes' as const] : []),
    ...(said.panMinutes === undefined && !saysPan(written) ? ['pan' as const] : []),
  ];
  return { steps: withOven, missing, isBaked };
}

function sentencesOf(line: Line, index: number): BakeStep[] {
  const text = line.written.replace(/^\s*(?:\d+[.)]|[-*•])\s+/, '').trim();
  const sentences = text.split(SENTENCE).filter((one) => one.trim().length >= SHORTEST);
  return sentences.map((sentence, at): BakeStep => {
    const facts = factsOf([{ ...line, written: sentence }]);
    const times = facts.times.filter(({ purpose }) => !WHOLE.has(purpose));
    const kind = stepKind(sentence);
    const time = times.find(({ purpose }) => purpose === FOR[kind]) ?? times.at(-1);
    const oven = facts.ovens[0];
    return {
      id: `step-${index}-${at}`,
      kind,
      text: sentence.trim(),
      minutes: time ? { min: time.minMinutes, max: time.maxMinutes } : null,
      heat: oven ? { celsius: oven.celsius, fanCelsius: oven.fanCelsius } : null,
    };
  });
}

/** "Bake 25 minutes and turn out after 5": how long it stays in its pan; null where that is not said. */
function panMinutesIn(sentence: string): number | null {
  const found =
    /\b(?:turn (?:it |them )?out after|in (?:the|its|their) (?:pan|tin) (?:for )?)\s*(?:about )?(\d{1,3}) ?min/i.exec(
      sentence,
    );
  return found ? Number(found[1]) : null;
}

/** The time of a sentence that is its own: it may name others on the way. */
const FOR: Readonly<Partial<Record<StepKind, TimeSpan['purpose']>>> = {
  bake: 'baking',
  rise: 'proving',
  chill: 'chilling',
  rest: 'resting',
  cool: 'resting',
};

function heatOf(
  steps: readonly BakeStep[],
  lines: readonly Line[],
  { celsius, fanCelsius }: BakingFacts,
): BakeStep['heat'] {
  if (celsius !== undefined) return { celsius, fanCelsius: fanCelsius ?? null };
  const own = steps.find(({ kind, heat }) => kind === 'bake' && heat !== null)?.heat;
  const named = factsOf(lines).ovens[0];
  return own ?? (named ? { celsius: named.celsius, fanCelsius: named.fanCelsius } : null);
}

const saysPan = (steps: readonly BakeStep[]): boolean =>
  steps.some(
    ({ text, kind }) =>
      /\b(?:in the (?:pan|tin|mould)|turn (?:it |them )?out|while warm|in der form|dans le moule)/i.test(
        text,
      ) || kind === 'cool',
  );

/** Heats the oven before its first use and lets what is baked rest, where the text does not. */
function completed(
  steps: readonly BakeStep[],
  heat: BakeStep['heat'],
  { minMinutes, maxMinutes, panMinutes }: BakingFacts,
): readonly BakeStep[] {
  const at = steps.findIndex(({ kind }) => kind === 'bake');
  const written: BakeStep = steps[at] ?? { ...LEFT_OUT, id: 'bake', kind: 'bake' };
  const minutes =
    minMinutes === undefined
      ? written.minutes
      : { min: minMinutes, max: Math.max(minMinutes, maxMinutes ?? minMinutes) };
  const bake: BakeStep = { ...written, heat, minutes };
  const before = (at < 0 ? steps : steps.slice(0, at)).map((step) =>
    step.kind === 'heat' ? { ...step, heat } : step,
  );
  const after = at < 0 ? [] : steps.slice(at + 1);
  const isHeated = before.some(({ kind }) => kind === 'heat');
  const preheat: BakeStep = { ...LEFT_OUT, id: 'heat', kind: 'heat', heat };
  // Before the last wait, so that it is hot when that is over.
  const wait = before.findLastIndex(({ kind }) => WAITS.has(kind));
  const place = wait < 0 ? before.length : wait;
  const heated = isHeated ? before : [...before.slice(0, place), preheat, ...before.slice(place)];
  const rest = panMinutes ?? panMinutesIn(bake.text) ?? 0;
  const pan: BakeStep[] =
    rest === 0 ? [] : [{ ...LEFT_OUT, id: 'pan', kind: 'cool', minutes: { min: rest, max: rest } }];
  return [...heated, bake, ...pan, ...after];
}

const LEFT_OUT = { text: '', minutes: null, heat: null } as const;

/** Kinds of steps at which nothing is to be done but to wait. */
export const WAITS: ReadonlySet<StepKind> = new Set(['chill', 'rise', 'rest', 'bake', 'cool']);
