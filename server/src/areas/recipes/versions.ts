import { QueryTypes, type Sequelize } from 'sequelize';
import type { RecipeVersion } from '@ypsigram/contract';

/** Nobody looks further back than this. */
const MOST_VERSIONS = 200;
/** Of older ones than these, one a day is kept. */
const VERSIONS_IN_FULL = 100;
/** Versions are thinned with every so many changes. */
const THINNED_EVERY = 20;

/** The earlier texts of recipes; a trigger of the database adds them. */
export interface RecipeVersions {
  /** The newest first; at most as many as anybody looks through. */
  of(id: string): Promise<RecipeVersion[]>;
  /** Once in a while, leaves of the older ones the last of each day. */
  thin(id: string, revision: number): Promise<void>;
}

export function recipeVersions(sequelize: Sequelize): RecipeVersions {
  return {
    of: (id) =>
      sequelize.query<RecipeVersion>(
        `SELECT revision, title, text, standard, saved_at AS savedAt FROM recipe_versions
          WHERE recipe_id = :id ORDER BY revision DESC LIMIT :most`,
        { type: QueryTypes.SELECT, replacements: { id, most: MOST_VERSIONS } },
      ),

    async thin(id, revision) {
      if (revision % THINNED_EVERY !== 0) return;
      await sequelize.query(
        `DELETE FROM recipe_versions WHERE recipe_id = :id AND revision IN (
          SELECT revision FROM (
            SELECT revision,
              row_number() OVER (ORDER BY revision DESC) AS age,
              row_number() OVER (PARTITION BY substr(saved_at, 1, 10) ORDER BY revision DESC) AS of_day
            FROM recipe_versions WHERE recipe_id = :id
          ) WHERE age > :full AND (of_day > 1 OR age > :most))`,
        { replacements: { id, full: VERSIONS_IN_FULL, most: MOST_VERSIONS } },
      );
    },
  };
}
