import type { BakeKind } from '../baking/index.js';
import { CAUSES, SOMETHING_ELSE, type Cause, type QuestionId } from './causes.js';
import { DOUBTED, type Likelihoods } from './likelihoods.js';
import { logOfTicks, noticed } from './ticks.js';
import { logLikelihood, NOTHING_WRONG, type Figure, type KnownFigure } from './figures.js';
import { SYMPTOMS_OF, type Symptom } from './symptoms.js';

/** What is known of a bake that did not turn out. */
export interface FailedBake {
  readonly kind: BakeKind;
  readonly symptoms: readonly Symptom[];
  readonly figures: Readonly<Partial<Record<Figure, KnownFigure>>>;
  readonly answers: Readonly<Partial<Record<QuestionId, 'yes' | 'no' | 'unknown'>>>;
  /** What the recipe has of that which only some have. */
  readonly has: readonly NonNullable<Cause['needs']>[];
}

/** What was tried before for a cause, and what came of it. */
export interface TriedBefore {
  readonly causeId: string;
  readonly verdict: 'better' | 'same' | 'worse';
}

/** Something that speaks for a cause or against it. */
export interface Evidence {
  readonly about:
    | { readonly is: 'symptom'; readonly symptom: Symptom; readonly isThere: boolean }
    | { readonly is: 'figure'; readonly figure: Figure; readonly known: KnownFigure }
    | { readonly is: 'answer'; readonly question: QuestionId; readonly answer: 'yes' | 'no' }
    | { readonly is: 'tried'; readonly verdict: TriedBefore['verdict'] }
    | { readonly is: 'earlier'; readonly bakes: number };
  /** The logarithm of how many times likelier it makes the cause, against all that could be. */
  readonly weight: number;
}

/** A cause, how likely it is, and why. The chances of all causes add up to 1. */
export interface RankedCause {
  readonly cause: Cause;
  readonly chance: number;
  /** The strongest first. */
  readonly speaksFor: readonly Evidence[];
  readonly speaksAgainst: readonly Evidence[];
}

/** What helped is likely the cause, what did not is likely not. Assumptions. */
const TRIED: Readonly<Record<TriedBefore['verdict'], number>> = {
  better: 4,
  same: 0.35,
  worse: 0.25,
};
/** The same cause is not behind every bake of a recipe: an earlier one counts for this share. */
const EARLIER_SHARE = 0.7;
/** What says less than this is not told: one tenth more or less likely. */
const LEAST_TOLD = 0.1;

interface WeighedCause {
  readonly cause: Cause;
  readonly log: number;
  readonly evidence: readonly Evidence[];
}

/** Causes that a bake can have at all. */
const possible = ({ has }: FailedBake): readonly Cause[] => [
  ...CAUSES.filter(({ needs }) => needs === undefined || has.includes(needs)),
  SOMETHING_ELSE,
];

type Told = Omit<Evidence, 'weight'> & { readonly log: number };

/** What a bake says of a cause: each piece with its log-likelihood. */
function told(cause: Cause, bake: FailedBake, likely: Likelihoods): readonly Told[] {
  const symptoms = SYMPTOMS_OF[bake.kind].map((symptom): Told => {
    const isThere = bake.symptoms.includes(symptom);
    const chance = noticed(likely.symptom(cause, symptom));
    return {
      about: { is: 'symptom', symptom, isThere },
      log: Math.log(isThere ? chance : 1 - chance),
    };
  });
  const figures = Object.entries(bake.figures).map(([figure, known]): Told => {
    const usual = NOTHING_WRONG[figure as Figure];
    const expected = cause.expects[figure as Figure] ?? usual;
    return {
      about: { is: 'figure', figure: figure as Figure, known },
      log: logLikelihood(known, expected, usual),
    };
  });
  const answers = Object.entries(bake.answers).flatMap(([id, answer]): Told[] => {
    if (answer === 'unknown') return [];
    const question = id as QuestionId;
    const yes = likely.yes(cause, question);
    return [
      {
        about: { is: 'answer', question, answer },
        log: Math.log(answer === 'yes' ? yes : 1 - yes),
      },
    ];
  });
  return [...symptoms, ...figures, ...answers];
}

/** How likely a bake is with this cause, as a logarithm: all that it tells, taken together. */
function logOf(cause: Cause, bake: FailedBake, likely: Likelihoods): number {
  const chances = (isThere: boolean): number[] =>
    SYMPTOMS_OF[bake.kind]
      .filter((symptom) => bake.symptoms.includes(symptom) === isThere)
      .map((symptom) => noticed(likely.symptom(cause, symptom)));
  const others = told(cause, bake, likely).filter(({ about }) => about.is !== 'symptom');
  return logOfTicks(chances(true), chances(false)) + sum(others.map(({ log }) => log));
}

/**
 * The causes of a failed bake, the likeliest first, by Bayes: how often each is met, what it does
 * to the crumb, what the record's figures are, what was answered and what was tried. Earlier failed
 * bakes of the same recipe speak too, each for less. The chances add up to 1.
 *
 * @param likely how likely each sign is; the stated likelihoods in the mean over their doubt
 */
export function rankCauses(
  bake: FailedBake,
  earlier: readonly FailedBake[] = [],
  tried: readonly TriedBefore[] = [],
  likely: Likelihoods = DOUBTED,
): readonly RankedCause[] {
  const causes = possible(bake);
  const all = causes.map((cause) => told(cause, bake, likely));
  const before = causes.map((cause) =>
    sum(earlier.map((one) => EARLIER_SHARE * logOf(cause, one, likely))),
  );
  /** The mean of likelihoods, by their logarithms: as far out as a figure may be, it is no zero. */
  const typical = (logs: readonly number[]): number => {
    const most = Math.max(...logs);
    return most + Math.log(sum(logs.map((log, at) => Math.exp(log - most) * priorOf(causes, at))));
  };
  const count = all[0]?.length ?? 0;
  const means = Array.from({ length: count }, (_, piece) =>
    typical(all.map((pieces) => pieces[piece]!.log)),
  );
  const beforeMean = typical(before);
  const weighed = causes.map((cause, at): WeighedCause => {
    const here = all[at]!.map(({ about, log }, piece): Evidence => ({
      about,
      weight: log - means[piece]!,
    }));
    const verdicts = tried
      .filter(({ causeId }) => causeId === cause.id)
      .map(({ verdict }): Evidence => ({
        about: { is: 'tried', verdict },
        weight: Math.log(TRIED[verdict]),
      }));
    const past: Evidence[] =
      earlier.length === 0
        ? []
        : [{ about: { is: 'earlier', bakes: earlier.length }, weight: before[at]! - beforeMean }];
    const evidence = [...here, ...verdicts, ...past];
    return {
      cause,
      // What is told piece by piece is for showing; several ticks are judged together.
      log:
        Math.log(cause.weight) +
        logOf(cause, bake, likely) +
        sum([...verdicts, ...past].map(({ weight }) => weight)),
      evidence,
    };
  });
  const shares = softmax(weighed.map(({ log }) => log));
  return weighed
    .map(({ cause, evidence }, at): RankedCause => {
      const strongest = [...evidence]
        .filter(({ weight }) => Math.abs(weight) >= LEAST_TOLD)
        .sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight));
      return {
        cause,
        chance: shares[at]!,
        speaksFor: strongest.filter(({ weight }) => weight > 0),
        // A sign of its own is none against it, also where others show it more often.
        speaksAgainst: strongest.filter(
          ({ weight, about }) => weight < 0 && !isOwnSign(cause, about),
        ),
      };
    })
    .sort((a, b) => b.chance - a.chance);
}

/** What was ticked or answered is something that this cause is known for. */
function isOwnSign({ shows, asks }: Cause, about: Evidence['about']): boolean {
  if (about.is === 'symptom') return about.isThere && shows[about.symptom] !== undefined;
  return about.is === 'answer' && about.answer === 'yes' && asks[about.question] !== undefined;
}

function priorOf(causes: readonly Cause[], at: number): number {
  return causes[at]!.weight / sum(causes.map(({ weight }) => weight));
}

const sum = (numbers: readonly number[]): number => numbers.reduce((total, one) => total + one, 0);

function softmax(logs: readonly number[]): readonly number[] {
  const most = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - most));
  const total = sum(weights);
  return weights.map((weight) => weight / total);
}
