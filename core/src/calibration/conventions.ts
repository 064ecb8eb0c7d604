import { sampleStandardDeviation, sum } from 'simple-statistics';
import { isRange } from '../amount/index.js';
import type { FillingOf } from '../measuring/index.js';
import type { Line, Reading } from '../reading/index.js';
import { isNominalUnit, isVolumeUnit, millilitresIn, type Standard } from '../units/index.js';

/** A line on which an author gives both a volume and a weight. */
export interface ConventionLine {
  readonly recipe: string;
  readonly written: string;
  readonly grams: number;
  readonly millilitres: number;
  /** Whether it goes with the others; one that does not is probably a slip of the pen. */
  readonly agrees: boolean;
}

/** What an author's lines say of one filling. */
export interface InferredConvention extends FillingOf {
  /** Null while fewer than two lines agree, or while two groups of them are equally large. */
  readonly gramsPerMillilitre: number | null;
  /** Relative standard deviation among the lines that agree. */
  readonly relativeSpread: number;
  readonly lines: readonly ConventionLine[];
}

/** A recipe of the author, read. */
export interface AuthorRecipe {
  readonly title: string;
  readonly reading: Reading;
}

/** Lines agree when their cups differ by no more than this, or by how their weights are rounded. */
const AGREEMENT = 0.04;
/** A weight rounded more coarsely than this tells nothing. */
const COARSEST_ROUNDING = 0.1;
const FEWEST_LINES = 2;

/** How far a written weight may be rounded: figures that end in 5 or 0 to fives, else to ones. */
const roundingOf = (grams: number): number => (grams % 5 === 0 ? 2.5 : 0.5) / grams;

type CandidateMethod = Omit<ConventionLine, 'agrees'> & { readonly of: FillingOf };

function candidate(line: Line, recipe: string, standard: Standard): CandidateMethod | null {
  const { amount, unit, stated, ingredientId, form, authorMethod, heap } = line;
  if (!amount || !unit || !stated || ingredientId === null || authorMethod === null) return null;
  if (!isVolumeUnit(unit) || isNominalUnit(unit) || isRange(amount) || heap !== null) return null;
  // A gram figure beside millilitres is a volume written twice over, and as good as a cup.
  const millilitres = millilitresIn(unit, standard).mul(amount.min).valueOf();
  if (roundingOf(stated.grams) > COARSEST_ROUNDING) return null;
  return {
    of: { ingredientId, form, method: authorMethod },
    recipe,
    written: line.written.trim(),
    grams: stated.grams,
    millilitres,
  };
}

const density = ({ grams, millilitres }: Pick<CandidateMethod, 'grams' | 'millilitres'>): number =>
  grams / millilitres;

const agree = (a: CandidateMethod, b: CandidateMethod): boolean => {
  const apart = Math.abs(density(a) / density(b) - 1);
  return apart <= Math.max(AGREEMENT, roundingOf(a.grams) + roundingOf(b.grams));
};

/** The largest group of lines that agree with one of them; null when another is as large. */
function largestGroup(lines: readonly CandidateMethod[]): readonly CandidateMethod[] | null {
  const groups = lines
    .map((centre) => lines.filter((line) => agree(centre, line)))
    .sort((a, b) => b.length - a.length);
  const largest = groups[0];
  if (!largest || largest.length < FEWEST_LINES) return null;
  const rival = groups.find((group) => !group.some((line) => largest.includes(line)));
  return rival && rival.length === largest.length ? null : largest;
}

function infer(of: FillingOf, lines: readonly CandidateMethod[]): InferredConvention {
  const group = largestGroup(lines);
  const grams = group && sum(group.map((line) => line.grams));
  const millilitres = group && sum(group.map((line) => line.millilitres));
  const gramsPerMillilitre = grams && millilitres ? grams / millilitres : null;
  return {
    ...of,
    gramsPerMillilitre,
    relativeSpread:
      group && gramsPerMillilitre
        ? sampleStandardDeviation(group.map(density)) / gramsPerMillilitre
        : 0,
    lines: lines.map((line) => ({
      recipe: line.recipe,
      written: line.written,
      grams: line.grams,
      millilitres: line.millilitres,
      agrees: group?.includes(line) ?? false,
    })),
  };
}

/**
 * What an author's cup weighs, inferred from lines that give both volume and weight. The largest
 * group of lines that agree within 4 % (or within how coarsely their weights are rounded) decides,
 * large amounts more than small ones, so that a typing error stands apart and shifts nothing. At
 * least two lines must agree. Every filling with any such line comes back, with its lines.
 */
export function inferConventions(recipes: readonly AuthorRecipe[]): readonly InferredConvention[] {
  const fillings = new Map<string, CandidateMethod[]>();
  for (const { title, reading } of recipes) {
    for (const line of reading.lines) {
      const found = candidate(line, title, reading.standard);
      if (!found) continue;
      const { ingredientId, form, method } = found.of;
      const key = JSON.stringify([ingredientId, form, method]);
      const others = fillings.get(key);
      if (others) others.push(found);
      else fillings.set(key, [found]);
    }
  }
  return [...fillings.values()].map((lines) => infer(lines[0]!.of, lines));
}
