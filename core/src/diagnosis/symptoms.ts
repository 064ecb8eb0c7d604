import type { BakeKind } from '../baking/index.js';

/** What can be seen or tasted of a bake that did not turn out. */
export const SYMPTOMS = [
  'dense',
  'dry',
  'crumbly',
  'tough',
  'tunnels',
  'cracked',
  'sunken',
  'peaked',
  'spread',
  'flat',
  'pale',
  'dark-outside',
  'bland',
  'salty',
  'soapy',
  'bready',
  'gummy',
  'greasy',
  'raw-flour',
  'stuck',
] as const;
/** One of `SYMPTOMS`. */
export type Symptom = (typeof SYMPTOMS)[number];

const BATTER: readonly Symptom[] = [
  'dense',
  'dry',
  'crumbly',
  'tough',
  'tunnels',
  'cracked',
  'sunken',
  'peaked',
  'flat',
  'pale',
  'dark-outside',
  'bland',
  'salty',
  'soapy',
  'gummy',
  'greasy',
  'raw-flour',
  'stuck',
];
const SHORT: readonly Symptom[] = [
  'dry',
  'crumbly',
  'tough',
  'spread',
  'flat',
  'pale',
  'dark-outside',
  'bready',
  'bland',
  'salty',
  'soapy',
  'greasy',
  'raw-flour',
  'stuck',
];
const DOUGH: readonly Symptom[] = [
  'dense',
  'dry',
  'crumbly',
  'tough',
  'cracked',
  'spread',
  'flat',
  'pale',
  'dark-outside',
  'bland',
  'salty',
  'bready',
  'gummy',
  'greasy',
  'raw-flour',
  'stuck',
];

/** The symptoms that a kind of bake can have: the short list that is tapped from. */
export const SYMPTOMS_OF: Readonly<Record<BakeKind, readonly Symptom[]>> = {
  airy: BATTER,
  cake: BATTER,
  quick: BATTER,
  cookie: SHORT,
  bar: SHORT,
  pastry: SHORT,
  'lean-dough': DOUGH,
  'rich-dough': DOUGH,
};
