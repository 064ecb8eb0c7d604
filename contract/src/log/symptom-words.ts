import type { Symptom } from '@ypsigram/core/diagnosis';

/** Symptoms as a baker says them. */
export const SYMPTOM_NAMES: Readonly<Record<Symptom, string>> = {
  dense: 'dense',
  dry: 'dry',
  crumbly: 'crumbly',
  tough: 'tough',
  tunnels: 'long tunnels inside',
  cracked: 'cracked on top',
  sunken: 'sunken in the middle',
  peaked: 'peaked like a hat',
  spread: 'spread too far',
  flat: 'flat',
  pale: 'pale',
  'dark-outside': 'dark outside, raw inside',
  bland: 'bland',
  salty: 'too salty',
  soapy: 'soapy or metallic',
  bready: 'bready, not tender',
  gummy: 'gummy or wet',
  greasy: 'greasy',
  'raw-flour': 'tastes of raw flour',
  stuck: 'stuck to the pan',
};

/** What a row of crumbs means: one to five. */
export const RATING_NAMES: readonly string[] = [
  'Not eaten',
  'Eaten, not liked',
  'All right',
  'Good',
  'As it should be',
];
