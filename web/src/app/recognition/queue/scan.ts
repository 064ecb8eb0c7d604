import type { RecipePhoto } from '@ypsigram/contract';
import type { RecipeFile } from '@ypsigram/core/formats';

/** The page that a recipe was read from, as it can be saved with it. */
export interface ScannedPicture {
  readonly picture: Blob;
  readonly lines: RecipePhoto['lines'];
}

/** A recipe that was read on a photo or in a document. */
export interface ScannedRecipe {
  readonly recipe: RecipeFile;
  /** How many of its words were not read for sure. */
  readonly unsure: number;
  /** Null where the document says its text itself. */
  readonly page: ScannedPicture | null;
}

/** A page of a document that is a picture, and is read as a photo of its own. */
export interface PageToRead {
  readonly number: number;
  readonly image: Blob;
}

/** What was found in a file. */
export interface ScanResult {
  readonly recipes: readonly ScannedRecipe[];
  /** What is wrong with it, in sentences. */
  readonly problems: readonly string[];
  readonly pages: readonly PageToRead[];
}

export type ScanKind = 'photo' | 'document';

/** A photo or document that waits to be read, or was. */
export interface Scan {
  readonly id: number;
  readonly name: string;
  readonly kind: ScanKind;
  readonly file: Blob;
  /** How often reading it was begun and never ended: it may have taken the page with it. */
  readonly begun: number;
  /** Null until it was read. */
  readonly result: ScanResult | null;
}

const PDF = /\.pdf$/i;
const PICTURE = /^image\//;
const HEIC = /\.hei[cf]$/i;

/** What kind of scan a file is; null where it is a text of some kind. */
export function scanKindOf({ name, type }: File): ScanKind | null {
  if (PICTURE.test(type) || HEIC.test(name)) return 'photo';
  return type === 'application/pdf' || PDF.test(name) ? 'document' : null;
}

/** Why a baker should look at what was read in a file; null where all went well. */
export function looksOf({ result }: Scan): string | null {
  if (!result) return null;
  const [problem] = result.problems;
  if (problem !== undefined) return problem;
  if (result.recipes.length === 0 && result.pages.length === 0) return 'No recipe was found on it.';
  const unsure = result.recipes.reduce((sum, one) => sum + one.unsure, 0);
  if (unsure === 0) return null;
  return unsure === 1 ? '1 word was not read for sure.' : `${unsure} words were not read for sure.`;
}
