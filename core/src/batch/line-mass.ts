import type { Shelf } from '../catalogue/index.js';
import { intendedMass, type Intended } from '../conversion/index.js';
import type { KnownWeight } from '../measuring/index.js';
import type { Line } from '../reading/index.js';
import type { Standard } from '../units/index.js';
import { provenMass, type ProvenWeight } from './proven.js';
import type { LineChoice } from './balance/index.js';
import { chosenSubstitute, type Substitute } from './substitutes.js';

/** What of a line goes in at factor 1. */
export interface LineMass {
  readonly intended: Intended | null;
  readonly substitute: Substitute | null;
}

/** A mass and its range, so many times. */
export const times = ({ grams, low, high, basis }: Intended, factor: number): Intended => ({
  grams: grams * factor,
  low: low * factor,
  high: high * factor,
  basis,
});

/** What a mass was worked out by, and what came out. */
interface RememberedMass {
  readonly grams: LineChoice['grams'] | undefined;
  readonly instead: LineChoice['instead'] | undefined;
  readonly standard: Standard;
  readonly shelf: Shelf;
  readonly author: readonly KnownWeight[];
  readonly proven: ProvenWeight | undefined;
  readonly mass: LineMass;
}

/** The factor has no say in it: a batch that is dragged asks for the same masses again and again. */
const REMEMBERED = new WeakMap<Line, RememberedMass>();

/**
 * The mass of what goes in for a line at factor 1: the pinned weight, else the proven one, else the
 * intended mass, of a substitute by what it takes for each gram. What a baker pins after a bake was
 * kept as good is a decision about the next one.
 */
export function lineMass(
  line: Line,
  standard: Standard,
  shelf: Shelf,
  author: readonly KnownWeight[],
  { grams, instead }: LineChoice,
  proven?: ProvenWeight,
): LineMass {
  const known = REMEMBERED.get(line);
  const isSame =
    known?.standard === standard &&
    known.shelf === shelf &&
    known.author === author &&
    known.proven === proven &&
    known.grams === grams &&
    known.instead === instead;
  if (isSame) return known.mass;
  const mass = workOut(line, standard, shelf, author, { grams, instead, proven });
  REMEMBERED.set(line, { standard, shelf, author, grams, instead, proven, mass });
  return mass;
}

function workOut(
  line: Line,
  standard: Standard,
  shelf: Shelf,
  author: readonly KnownWeight[],
  { grams, instead, proven }: Pick<RememberedMass, 'grams' | 'instead' | 'proven'>,
): LineMass {
  const substitute = chosenSubstitute(line, instead, shelf);
  if (grams !== undefined) {
    const basis = { rung: 'stated', source: { from: 'pinned' }, derivedFrom: null } as const;
    return { intended: { grams, low: grams, high: grams, basis }, substitute };
  }
  // A substitute was never baked with: its own bakes will prove it.
  if (proven && !substitute) return { intended: provenMass(proven), substitute };
  const written = intendedMass(line, standard, shelf, author);
  const intended = written && substitute ? times(written, substitute.gramsEach) : written;
  return { intended, substitute };
}
