import { isSameSource, type Shelf } from '../catalogue/index.js';
import type { KnownWeight } from '../measuring/index.js';
import type { Standard } from '../units/index.js';
import { intendedMass, type Intended, type MeasuredLine } from './intended.js';

const NOBODY: readonly KnownWeight[] = [];

/**
 * What each rung of the basis ladder that has something to say makes of a line, the one that is
 * gone by first: the stated weight, the author's cup, the table or an estimate from it. Empty where
 * nothing is known.
 */
export function groundsOf(
  line: MeasuredLine,
  standard: Standard,
  shelf: Shelf,
  known: readonly KnownWeight[] = NOBODY,
): readonly Intended[] {
  const measured = { ...line, stated: null };
  const grounds: Intended[] = [];
  for (const one of [
    intendedMass(line, standard, shelf, known),
    intendedMass(measured, standard, shelf, known),
    intendedMass(measured, standard, shelf, NOBODY),
  ]) {
    const isNew = one && !grounds.some(({ basis }) => sameBasis(basis, one.basis));
    if (isNew) grounds.push(one);
  }
  return grounds;
}

const sameBasis = (a: Intended['basis'], b: Intended['basis']): boolean =>
  a.rung === b.rung && isSameSource(a.source, b.source);
