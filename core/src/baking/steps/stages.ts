import {
  clausesOf,
  deedAt,
  isOvenHeat,
  purposeOf,
  type Clause,
  type Heat,
  type Purpose,
} from '../../reading/facts/index.js';
import { stepKind, type StepKind, type TimedDeed } from './step-kind.js';

/** How long something takes, from and to, in minutes. */
export interface Minutes {
  readonly min: number;
  readonly max: number;
  /** The recipe leaves it open ("overnight"): a guess. */
  readonly isGuess?: true;
}

/** A part of a sentence that is a step of its own: it has a time, or is the only one. */
export interface MethodStage {
  readonly kind: StepKind;
  readonly text: string;
  readonly minutes: Minutes | null;
  /** What the oven is set to from here on, where that is said here. */
  readonly heat: Pick<Heat, 'celsius' | 'fanCelsius' | 'isGuess'> | null;
}

/** The times that are those of a kind of step; others stand in the sentence beside it. */
const FOR: Readonly<Partial<Record<StepKind, Purpose>>> = {
  bake: 'baking',
  rise: 'proving',
  chill: 'chilling',
  rest: 'resting',
  cool: 'resting',
  knead: 'mixing',
  cream: 'mixing',
  combine: 'mixing',
  cook: 'cooking',
  fry: 'cooking',
  sugar: 'cooking',
};

/** "30 more", "another 10": minutes, where the recipe does not say so. */
const BARE_MINUTES =
  /(?<![\d.,])(\d{1,3})(?: ?(?:-|to|bis|à) ?(\d{1,3}))? (?:more|longer|weitere|de plus)(?!\p{L})|(?:another|a further|further|weitere|noch|encore) (\d{1,3})(?: ?(?:-|to|bis|à) ?(\d{1,3}))?(?= *(?:$|[,.;)]|until|bis|jusqu))/iu;

/** A time that lies within the one that was said, or that another way would take. */
const WITHIN = /(?:\b(?:last|final|letzten?|dernières?)|^\s*(?:or|oder|ou)\b[^]*)\s*$/i;

/** Goes on with what was done before, without naming it again. */
const GOES_ON =
  /\b(?:then|dann|danach|anschließend|puis|ensuite|more|longer|further|another|weitere|noch|encore|de plus)\b/i;
/** Left in what it was baked in. */
export const IN_TIN = /\bin (?:the |its |their )?(?:pan|tin|mould)s?\b|in der form|dans le moule/i;
/** French words for what stands on the stove. */
const ON_STOVE = /(?<!\p{L})(?:poêle|casserole|crêpes?|à feu|bain-marie)(?!\p{L})/iu;
/** "After 10 minutes reduce to 190": the time of what came before. */
const AFTER = /(?:after|nach|après|au bout de)\s*$/i;

interface WorkingStage {
  isBaking: boolean;
  clauses: Clause[];
  minutes: Minutes | null;
  heat: MethodStage['heat'];
}

/** The minutes that a clause gives for what is done in it; null where it gives none. */
function minutesOf(clause: Clause, isBaking: boolean): Minutes | null {
  const own = clause.times.filter(
    ({ start }) => !WITHIN.test(clause.text.slice(0, start - clause.start)),
  );
  const kind = stepKind(deedsOf(clause));
  const wanted = isBaking ? 'baking' : FOR[kind];
  const time =
    own.find((one) => purposeOf(clause, one) === wanted) ??
    own.find((one) => purposeOf(clause, one) === 'other');
  if (time) {
    const { minMinutes: min, maxMinutes: max } = time;
    return time.isGuess ? { min, max, isGuess: true } : { min, max };
  }
  const bare = isBaking ? BARE_MINUTES.exec(clause.text) : null;
  if (!bare) return null;
  const min = Number(bare[1] ?? bare[3]);
  return { min, max: Math.max(min, Number(bare[2] ?? bare[4] ?? min)) };
}

const deedsOf = (clause: Clause): TimedDeed[] =>
  clause.deeds.map(({ deed, at, end }) => ({
    deed,
    isTimed: clause.times.some((time) => {
      const of = deedAt(clause, time.start);
      return of?.at === at && of.end === end;
    }),
  }));

const has = (clause: Clause, ...deeds: readonly string[]): boolean =>
  clause.deeds.some(({ deed }) => deeds.includes(deed));

/** The one heat that a clause sets the oven to; of several ("250 falling to 200") none is taken. */
const heatOf = (clause: Clause, isBaking: boolean): MethodStage['heat'] => {
  const [heat, other] = clause.heats.filter(
    (one) =>
      isOvenHeat(clause, one) || (isBaking && clause.deeds.length === 0 && one.celsius >= 100),
  );
  if (!heat || other) return null;
  const { celsius, fanCelsius, isGuess } = heat;
  return { celsius, fanCelsius, ...(isGuess && { isGuess }) };
};

const isSame = (a: MethodStage['heat'], b: MethodStage['heat']): boolean =>
  a === null || b === null || Math.abs(a.celsius - b.celsius) < 1;

/** Two times one after the other; a guess where one of them is. */
export const sum = (a: Minutes, b: Minutes): Minutes => ({
  min: a.min + b.min,
  max: a.max + b.max,
  ...((a.isGuess || b.isGuess) && { isGuess: true }),
});

/**
 * The stages of a sentence, in order. Each has one time and one heat: "10 minutes at 230, then reduce
 * to 190 and bake 30 more" are two; "bake 20 minutes, turn and bake another 10" is one of 30. What
 * stands before a time without one of its own belongs to that stage. In a recipe without an oven,
 * *cuire* is done on the stove.
 */
export function stagesOf(sentence: string, hasOven = true): MethodStage[] {
  const stages: WorkingStage[] = [{ isBaking: false, clauses: [], minutes: null, heat: null }];
  let isBaking = false;
  for (const clause of clausesOf(sentence)) {
    const turnsDown = has(clause, 'turn-down') && (isBaking || heatOf(clause, true) !== null);
    const isOnStove = !hasOven || ON_STOVE.test(sentence);
    const bakes = has(clause, 'bake') || turnsDown || (has(clause, 'bake-or-cook') && !isOnStove);
    if (bakes) isBaking = true;
    else if (clause.deeds.length > 0) isBaking = false;
    const heat = heatOf(clause, isBaking);
    const last = stages.at(-1)!;
    let minutes = minutesOf(clause, isBaking);
    if (
      turnsDown &&
      clause.times.some(({ start }) => AFTER.test(clause.text.slice(0, start - clause.start)))
    ) {
      last.minutes ??= minutes;
      minutes = null;
    }
    if (isBaking && minutes && last.minutes && last.isBaking && isSame(last.heat, heat)) {
      // The same heat goes on: one time in the oven.
      if (bakes || GOES_ON.test(clause.joint + clause.text)) {
        last.minutes = sum(last.minutes, minutes);
      }
      last.heat ??= heat;
      last.clauses.push(clause);
      continue;
    }
    const isOtherHeat = isBaking && last.isBaking && !isSame(last.heat, heat);
    const isNew =
      isOtherHeat ||
      (minutes !== null && last.minutes !== null) ||
      (turnsDown &&
        heat !== null &&
        last.clauses.length > 0 &&
        (last.heat !== null || last.minutes !== null)) ||
      // Heating comes before baking, also in one sentence.
      (bakes && !turnsDown && last.clauses.some((one) => has(one, 'preheat')));
    if (isNew) stages.push({ isBaking, clauses: [clause], minutes, heat });
    else {
      last.isBaking ||= isBaking;
      last.clauses.push(clause);
      last.minutes = minutes ?? last.minutes;
      last.heat = heat ?? last.heat;
    }
  }
  return stages
    .filter(({ clauses }) => clauses.length > 0)
    .map(({ isBaking: isBaked, clauses, minutes, heat }, index, all): MethodStage => {
      const from = index === 0 ? 0 : clauses[0]!.start;
      const to = all[index + 1]?.clauses[0]?.start ?? sentence.length;
      const kind = isBaked ? 'bake' : stepKind(clauses.flatMap(deedsOf));
      const before = index === 0 ? 'other' : stepKind(all[index - 1]!.clauses.flatMap(deedsOf));
      return {
        // "Then 6 minutes on medium" goes on with what was done before; in a tin it is cooling.
        kind:
          kind === 'bake' && !isBaked
            ? 'cook'
            : kind === 'other' && minutes
              ? before
              : kind === 'rest' && IN_TIN.test(sentence)
                ? 'cool'
                : kind,
        text: sentence
          .slice(from, to)
          .replace(/[,;\s]+(?:and|then|und|dann|et|puis)?\s*$/i, '')
          .trim(),
        minutes,
        heat,
      };
    });
}
