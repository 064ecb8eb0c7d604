import type { Expected, Figure } from './figures.js';
import { SYMPTOMS, type Symptom } from './symptoms.js';

/** What can be asked of a baker, to be answered with yes or no. */
export const QUESTIONS = [
  'flour-dipped',
  'flour-sifted',
  'jug-from-above',
  'other-salt',
  'old-leavening',
  'other-spoons',
  'small-eggs',
  'large-eggs',
  'mixed-long',
  'mixed-short',
  'oven-measured-hot',
  'oven-measured-cold',
  'opened-door',
  'left-in-pan',
  'bowl-not-tared',
  'left-out',
  'fat-melting',
  'rose-short',
  'rose-long',
  'cups-as-ounces',
] as const;
/** One of `QUESTIONS`. */
export type QuestionId = (typeof QUESTIONS)[number];

/** What mends a cause, as far as it is more than advice. */
export type CauseRemedy =
  | {
      readonly do: 'weigh';
      readonly role: 'flour' | 'liquid' | 'fat' | 'sugar' | 'leavening' | 'yeast' | 'salt';
    }
  | { readonly do: 'dial' }
  | { readonly do: 'minutes'; readonly times: number }
  | { readonly do: 'pan' }
  | { readonly do: 'advice' };

/** All causes that are known by name. */
export const CAUSE_IDS = [
  'flour-over',
  'flour-under',
  'water-over',
  'water-under',
  'fat-over',
  'fat-warm',
  'leavening-over',
  'leavening-weak',
  'yeast-short',
  'yeast-long',
  'salt-over',
  'salt-under',
  'spoons',
  'oven-hot',
  'oven-cold',
  'too-long',
  'too-short',
  'left-in-pan',
  'overmixed',
  'undermixed',
  'egg-small',
  'egg-large',
  'sugar-over',
  'untared',
  'cups-as-ounces',
  'left-out',
  'something-else',
] as const;
/** One of `CAUSE_IDS`. */
export type CauseId = (typeof CAUSE_IDS)[number];

/** A cause of a failed bake: what it does, how often it is met, and what mends it. */
export interface Cause {
  readonly id: CauseId;
  /** How often it is behind a failed bake, against the others; an assumption. */
  readonly weight: number;
  /** How often it shows itself so: the chance of each symptom when this is the cause. */
  readonly shows: Readonly<Partial<Record<Symptom, number>>>;
  /** The figures of the record that it would have changed, and how. */
  readonly expects: Readonly<Partial<Record<Figure, Expected>>>;
  /** Questions that it would be answered "yes" to, and how often. */
  readonly asks: Readonly<Partial<Record<QuestionId, number>>>;
  readonly mend: CauseRemedy;
  /** Only for bakes that have it. */
  readonly needs?: 'leavening' | 'yeast' | 'egg' | 'salt' | 'fat';
}

/**
 * All that can be known to go wrong, one entry each. Chances are assumptions after common baking
 * knowledge, written down so that they can be argued with: change a figure, run the simulation in
 * `bench/`, and see what it does.
 */
export const CAUSES: readonly Cause[] = [
  {
    id: 'flour-over',
    weight: 14,
    shows: {
      dense: 0.65,
      dry: 0.7,
      crumbly: 0.4,
      tough: 0.3,
      cracked: 0.4,
      peaked: 0.25,
      bready: 0.35,
    },
    expects: { flour: { mean: 0.16, spread: 0.045 } },
    asks: { 'flour-dipped': 0.85 },
    mend: { do: 'weigh', role: 'flour' },
  },
  {
    id: 'flour-under',
    weight: 6,
    shows: { spread: 0.65, flat: 0.45, sunken: 0.4, greasy: 0.35, gummy: 0.4, stuck: 0.35 },
    expects: { flour: { mean: -0.13, spread: 0.04 } },
    asks: { 'flour-sifted': 0.75 },
    mend: { do: 'weigh', role: 'flour' },
  },
  {
    id: 'water-over',
    weight: 7,
    shows: { gummy: 0.65, sunken: 0.45, flat: 0.35, spread: 0.4, pale: 0.3, stuck: 0.3 },
    expects: { water: { mean: 0.13, spread: 0.037 } },
    asks: {},
    mend: { do: 'weigh', role: 'liquid' },
  },
  {
    id: 'water-under',
    weight: 4,
    shows: { dry: 0.65, tough: 0.4, cracked: 0.5, dense: 0.35, 'raw-flour': 0.25 },
    expects: { water: { mean: -0.12, spread: 0.035 } },
    // The water stands lower than the line that it is seen on.
    asks: { 'jug-from-above': 0.7, 'flour-dipped': 0.15 },
    mend: { do: 'weigh', role: 'liquid' },
  },
  {
    id: 'fat-over',
    weight: 3,
    shows: { greasy: 0.8, spread: 0.5, crumbly: 0.4, flat: 0.25 },
    expects: { fat: { mean: 0.17, spread: 0.05 } },
    asks: { 'fat-melting': 0.15 },
    mend: { do: 'weigh', role: 'fat' },
    needs: 'fat',
  },
  {
    id: 'fat-warm',
    weight: 5,
    shows: { spread: 0.7, greasy: 0.55, flat: 0.4, dense: 0.25 },
    expects: {},
    asks: { 'fat-melting': 0.85 },
    mend: { do: 'advice' },
    needs: 'fat',
  },
  {
    id: 'leavening-over',
    weight: 5,
    shows: { sunken: 0.6, soapy: 0.65, peaked: 0.35, tunnels: 0.3, crumbly: 0.25 },
    expects: { leavening: { mean: 0.4, spread: 0.13 } },
    asks: { 'other-spoons': 0.4 },
    mend: { do: 'weigh', role: 'leavening' },
    needs: 'leavening',
  },
  {
    id: 'leavening-weak',
    weight: 5,
    shows: { dense: 0.7, flat: 0.65, pale: 0.2, gummy: 0.3 },
    expects: { leavening: { mean: -0.2, spread: 0.2 } },
    asks: { 'old-leavening': 0.75 },
    mend: { do: 'weigh', role: 'leavening' },
    needs: 'leavening',
  },
  {
    id: 'yeast-short',
    weight: 6,
    shows: { dense: 0.75, tough: 0.35, pale: 0.25, cracked: 0.35, gummy: 0.3 },
    expects: { yeast: { mean: -0.15, spread: 0.2 } },
    asks: { 'rose-short': 0.8 },
    mend: { do: 'advice' },
    needs: 'yeast',
  },
  {
    id: 'yeast-long',
    weight: 5,
    shows: { flat: 0.65, spread: 0.45, bland: 0.25, pale: 0.45, crumbly: 0.35 },
    expects: { yeast: { mean: 0.15, spread: 0.2 } },
    asks: { 'rose-long': 0.8 },
    mend: { do: 'advice' },
    needs: 'yeast',
  },
  {
    id: 'salt-over',
    weight: 4,
    shows: { salty: 0.92, dense: 0.15 },
    expects: { salt: { mean: 0.5, spread: 0.15 } },
    asks: { 'other-salt': 0.7 },
    mend: { do: 'weigh', role: 'salt' },
    needs: 'salt',
  },
  {
    id: 'salt-under',
    weight: 6,
    shows: { bland: 0.92, flat: 0.1, spread: 0.08 },
    expects: { salt: { mean: -0.4, spread: 0.12 } },
    asks: { 'other-salt': 0.55, 'left-out': 0.3 },
    mend: { do: 'weigh', role: 'salt' },
    needs: 'salt',
  },
  {
    id: 'spoons',
    weight: 4,
    shows: { soapy: 0.4, salty: 0.35, bland: 0.25, sunken: 0.3, dense: 0.2 },
    expects: {},
    asks: { 'other-spoons': 0.9 },
    mend: { do: 'weigh', role: 'leavening' },
  },
  {
    id: 'oven-hot',
    weight: 9,
    shows: { 'dark-outside': 0.8, peaked: 0.5, cracked: 0.5, dry: 0.3, tough: 0.15, gummy: 0.2 },
    expects: { heat: { mean: 17, spread: 5 }, minutes: { mean: -0.12, spread: 0.12 } },
    asks: { 'oven-measured-hot': 0.85 },
    mend: { do: 'dial' },
  },
  {
    id: 'oven-cold',
    weight: 6,
    shows: { pale: 0.85, flat: 0.3, sunken: 0.4, dry: 0.25, gummy: 0.3, spread: 0.25 },
    expects: { heat: { mean: -17, spread: 5 }, minutes: { mean: 0.1, spread: 0.12 } },
    asks: { 'oven-measured-cold': 0.85, 'opened-door': 0.4 },
    mend: { do: 'dial' },
  },
  {
    id: 'too-long',
    weight: 6,
    shows: { dry: 0.85, 'dark-outside': 0.35, tough: 0.3, crumbly: 0.3 },
    expects: { minutes: { mean: 0.25, spread: 0.08 } },
    asks: {},
    mend: { do: 'minutes', times: 0.85 },
  },
  {
    id: 'too-short',
    weight: 5,
    shows: { gummy: 0.75, sunken: 0.6, pale: 0.5, 'raw-flour': 0.45, stuck: 0.35 },
    expects: { minutes: { mean: -0.22, spread: 0.08 } },
    asks: { 'opened-door': 0.3 },
    mend: { do: 'minutes', times: 1.15 },
  },
  {
    id: 'left-in-pan',
    weight: 3,
    shows: { dry: 0.35, gummy: 0.35, stuck: 0.75, 'dark-outside': 0.2 },
    expects: { pan: { mean: 20, spread: 8 } },
    asks: { 'left-in-pan': 0.9 },
    mend: { do: 'pan' },
  },
  {
    id: 'overmixed',
    weight: 8,
    shows: { tough: 0.8, tunnels: 0.65, peaked: 0.4, dense: 0.4, bready: 0.35 },
    expects: {},
    asks: { 'mixed-long': 0.85 },
    mend: { do: 'advice' },
  },
  {
    id: 'undermixed',
    weight: 4,
    shows: { 'raw-flour': 0.8, crumbly: 0.45, dense: 0.2, bready: 0.15 },
    expects: {},
    asks: { 'mixed-short': 0.8 },
    mend: { do: 'advice' },
  },
  {
    id: 'egg-small',
    weight: 3,
    shows: { dry: 0.35, crumbly: 0.65, dense: 0.4, flat: 0.35, pale: 0.15 },
    expects: { egg: { mean: -0.15, spread: 0.05 } },
    asks: { 'small-eggs': 0.9 },
    mend: { do: 'advice' },
    needs: 'egg',
  },
  {
    id: 'egg-large',
    weight: 2,
    shows: { tough: 0.35, gummy: 0.4, bready: 0.45, sunken: 0.15 },
    expects: { egg: { mean: 0.16, spread: 0.05 } },
    asks: { 'large-eggs': 0.9 },
    mend: { do: 'advice' },
    needs: 'egg',
  },
  {
    id: 'sugar-over',
    weight: 3,
    shows: { spread: 0.55, sunken: 0.5, 'dark-outside': 0.45, gummy: 0.35, stuck: 0.5 },
    expects: { sugar: { mean: 0.18, spread: 0.05 } },
    asks: {},
    mend: { do: 'weigh', role: 'sugar' },
  },
  {
    id: 'untared',
    weight: 2,
    shows: { flat: 0.4, dry: 0.2, gummy: 0.3, spread: 0.35, bland: 0.15 },
    expects: { flour: { mean: -0.35, spread: 0.1 } },
    asks: { 'bowl-not-tared': 0.9 },
    mend: { do: 'weigh', role: 'flour' },
  },
  {
    id: 'cups-as-ounces',
    weight: 2,
    shows: { dense: 0.65, dry: 0.7, crumbly: 0.4, bready: 0.4, 'raw-flour': 0.35 },
    expects: { flour: { mean: 0.75, spread: 0.2 } },
    asks: { 'cups-as-ounces': 0.9 },
    mend: { do: 'weigh', role: 'flour' },
  },
  {
    id: 'left-out',
    weight: 2,
    shows: { bland: 0.35, flat: 0.45, dense: 0.35, crumbly: 0.3, pale: 0.2 },
    expects: {},
    asks: { 'left-out': 0.9 },
    mend: { do: 'advice' },
  },
];

/** What is on no list: it shows itself in any way, and nothing speaks against it. */
export const SOMETHING_ELSE: Cause = {
  id: 'something-else',
  weight: 8,
  shows: Object.fromEntries(SYMPTOMS.map((symptom) => [symptom, 0.14])),
  expects: {},
  asks: {},
  mend: { do: 'advice' },
};

/** How often each question is answered "yes" where its cause is not the one. An assumption. */
export const YES_ANYWAY = 0.12;
/** A symptom shows itself now and then whatever the cause. */
export const SHOWS_ANYWAY = 0.04;
