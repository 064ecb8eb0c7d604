import { literal, Op, QueryTypes, type ModelStatic, type WhereOptions } from 'sequelize';
import type { LastBake } from '@ypsigram/contract';
import type { BakeKind } from '@ypsigram/core/baking';
import type { BakeOutcome } from '@ypsigram/core/log';
import type { BakeRow } from './model.js';

/** What bakes in the log tell, each beside its bake, the oldest first. */
export interface BakeOutcomes {
  /** Of all, or the latest 200 of one recipe. */
  outcomes(recipeId?: string): Promise<readonly BakeOutcome[]>;
  /** The same of all bakes as JSON texts, some at a time: a log of years is never in memory whole. */
  outcomeTexts(): AsyncGenerator<readonly string[]>;
  /** Of bakes that were kept as good. */
  goodOutcomes(): Promise<readonly BakeOutcome[]>;
  /** The latest bake of each recipe that has left the bench, and how many there were. */
  lastBakes(): Promise<ReadonlyMap<string, LastBake>>;
  /** Of the latest bakes of a kind, but for those of one recipe. */
  outcomesOfKind(kind: BakeKind, butRecipeId: string): Promise<readonly BakeOutcome[]>;
}

/** Bakes that are read at once where all are. */
const AT_ONCE = 100;
const NEXT_OUTCOMES = `SELECT begun_at, number, outcome FROM bakes INDEXED BY bakes_by_date
  WHERE stage = 'log' AND deleted_at IS NULL AND (begun_at, number) > (:at, :number)
  ORDER BY begun_at, number LIMIT :most`;
const LAST_BAKES = `SELECT recipe_id, begun_at, rating, is_good, bakes FROM (
    SELECT recipe_id, begun_at, rating, is_good,
      count(*) OVER (PARTITION BY recipe_id) AS bakes,
      row_number() OVER (PARTITION BY recipe_id ORDER BY begun_at DESC, number DESC) AS age
    FROM bakes WHERE deleted_at IS NULL AND stage <> 'bench'
  ) WHERE age = 1`;

interface LastBakeRow {
  readonly recipe_id: string;
  readonly begun_at: string;
  readonly rating: number | null;
  readonly is_good: number;
  readonly bakes: number;
}

/** Older bakes of a recipe say little that these don't. */
const MOST_OF_RECIPE = 200;
/** As little as those of other recipes of its kind. */
const MOST_OF_KIND = 100;

interface NextOutcome {
  readonly begun_at: string;
  readonly number: number;
  readonly outcome: string | null;
}

export function bakeOutcomes(rows: ModelStatic<BakeRow>): BakeOutcomes {
  const sequelize = rows.sequelize!;
  const latest = async (where: WhereOptions, limit?: number) => {
    const found = await rows.findAll({
      attributes: ['outcome'],
      where: { stage: 'log', ...where },
      order: [
        ['begunAt', 'DESC'],
        ['number', 'DESC'],
      ],
      ...(limit !== undefined && { limit }),
      raw: true,
    });
    return found.reverse().flatMap(({ outcome }) => parsed(outcome) ?? []);
  };
  return {
    outcomes: (recipeId) => (recipeId ? latest({ recipeId }, MOST_OF_RECIPE) : latest({})),

    async *outcomeTexts() {
      let last: NextOutcome | undefined;
      for (;;) {
        const found: NextOutcome[] = await sequelize.query(NEXT_OUTCOMES, {
          type: QueryTypes.SELECT,
          replacements: { at: last?.begun_at ?? '', number: last?.number ?? 0, most: AT_ONCE },
        });
        if (found.length === 0) return;
        last = found.at(-1);
        yield found.flatMap(({ outcome }) => outcome ?? []);
      }
    },

    async lastBakes() {
      const found = await sequelize.query<LastBakeRow>(LAST_BAKES, { type: QueryTypes.SELECT });
      return new Map(
        found.map(({ recipe_id, begun_at, rating, is_good, bakes }) => [
          recipe_id,
          { at: begun_at, rating, isGood: is_good === 1, bakes },
        ]),
      );
    },

    goodOutcomes: () => latest({ isGood: true }),

    outcomesOfKind: (kind, butRecipeId) =>
      latest(
        {
          recipeId: { [Op.ne]: butRecipeId },
          [Op.and]: literal(`json_extract(outcome, '$.kind') = ${sequelize.escape(kind)}`),
        },
        MOST_OF_KIND,
      ),
  };
}

/** A raw row holds JSON as text. */
const parsed = (outcome: BakeOutcome | string | null): BakeOutcome | null =>
  typeof outcome === 'string' ? (JSON.parse(outcome) as BakeOutcome) : outcome;
