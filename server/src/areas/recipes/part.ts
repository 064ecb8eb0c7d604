import { Op, QueryTypes, type ModelStatic } from 'sequelize';
import type { Recipe, RecipeVersion } from '@ypsigram/contract';
import type { Database } from '../../database/database.js';
import { deletionIn, deletionOf, type BackupPart } from '../../database/part.js';
import type { RecipeRow } from './model.js';

/** Rows that one statement takes. */
const AT_ONCE = 100;

/** A recipe with its earlier texts. */
export type WholeRecipe = Omit<Recipe, 'deletedAt'> & {
  readonly versions: RecipeVersion[];
  readonly deletedAt?: string | null;
};

/** What going out and coming in needs of the area. */
interface RecipeBackup {
  toRecipe(row: RecipeRow): Recipe;
  /** The words a recipe is found by. */
  ingredientsOf(recipe: WholeRecipe): Promise<string>;
  /** The authors that are not deleted. */
  authorIds(): Promise<ReadonlySet<string>>;
}

/** All recipes, out and in again a few at a time, with their earlier texts. */
export function recipePart(
  { sequelize }: Database,
  rows: ModelStatic<RecipeRow>,
  { toRecipe, ingredientsOf, authorIds }: RecipeBackup,
): BackupPart<WholeRecipe> {
  const versionsOf = async (
    ids: readonly string[],
  ): Promise<ReadonlyMap<string, RecipeVersion[]>> => {
    const found = await sequelize.query<RecipeVersion & { recipeId: string }>(
      `SELECT recipe_id AS recipeId, revision, title, text, standard, saved_at AS savedAt
        FROM recipe_versions WHERE recipe_id IN (:ids) ORDER BY recipe_id, revision`,
      { type: QueryTypes.SELECT, replacements: { ids } },
    );
    const byRecipe = new Map<string, RecipeVersion[]>();
    for (const { recipeId, ...version } of found) {
      const known = byRecipe.get(recipeId);
      if (known) known.push(version);
      else byRecipe.set(recipeId, [version]);
    }
    return byRecipe;
  };

  const insertVersions = async (recipes: readonly WholeRecipe[]): Promise<void> => {
    for (const { id, versions } of recipes) {
      for (const version of versions) {
        await sequelize.query(
          `INSERT INTO recipe_versions (recipe_id, revision, title, text, standard, saved_at)
            VALUES (:id, :revision, :title, :text, :standard, :savedAt)`,
          { replacements: { id, ...version } },
        );
      }
    }
  };

  return {
    async *dump(withDeleted) {
      const here = await authorIds();
      for (let last = 0; ;) {
        const found = await rows.findAll({
          where: { number: { [Op.gt]: last } },
          order: ['number'],
          limit: AT_ONCE,
          paranoid: !withDeleted,
        });
        if (found.length === 0) return;
        last = found.at(-1)!.number;
        const versions = await versionsOf(found.map(({ id }) => id));
        yield found.map((row): WholeRecipe => {
          const { deletedAt, authorId, ...recipe } = toRecipe(row);
          // Whoever is deleted is not in a backup.
          const isHere = authorId !== null && (withDeleted || here.has(authorId));
          return {
            ...recipe,
            authorId: isHere ? authorId : null,
            versions: versions.get(recipe.id) ?? [],
            ...(withDeleted && deletionOf(row)),
          };
        });
      }
    },

    async clear() {
      await rows.destroy({ where: {}, force: true });
      for (const table of ['recipe_search', 'recipe_versions']) {
        await sequelize.query(`DELETE FROM ${table}`);
      }
    },

    async load(recipes) {
      const all = [];
      for (const { versions, ...recipe } of recipes) {
        const ingredients = await ingredientsOf({ ...recipe, versions: [] });
        all.push({ ...recipe, ...deletionIn(recipe), ingredients });
      }
      await rows.bulkCreate(all);
      await insertVersions(recipes);
    },

    count: () => rows.count(),
  };
}
