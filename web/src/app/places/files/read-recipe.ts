import type { RecipeFile } from '@ypsigram/core/formats';
import { looksOf, type Scan, type ScannedPicture } from '../../recognition/queue';

/** A recipe, and the file or page that it stands in. */
export interface ReadRecipe {
  readonly recipe: RecipeFile;
  readonly file: string;
  /** What it was read from, where that was a photo or PDF. */
  readonly scan?: {
    readonly id: number;
    readonly unsure: number;
    readonly page: ScannedPicture | null;
  };
}

/** What is wrong with a file, in a sentence. */
export interface FileTrouble {
  readonly file: string;
  readonly message: string;
}

/** The recipes that were read in a photo or PDF. */
export const recipesOf = ({ id, name, result }: Scan): readonly ReadRecipe[] =>
  (result?.recipes ?? []).map(({ recipe, unsure, page }) => ({
    recipe,
    file: name,
    scan: { id, unsure, page },
  }));

/** Why a photo or PDF gave no recipe; nothing where it did. */
export function troubleOf(scan: Scan): readonly FileTrouble[] {
  const message = scan.result?.recipes.length === 0 ? looksOf(scan) : null;
  return message === null ? [] : [{ file: scan.name, message }];
}
