import { fileProblemMessage } from '@ypsigram/contract';
import type { DocumentPage, ScanLine } from '@ypsigram/core/scan';
import { readDocument } from '../../workers/document-pages';
import { openPagePicture } from '../../workers/page-picture';
import { RecipeFiles } from '../../workers/recipe-files';
import { jpegOf, linesToSave, textOfPages } from '../photo-pages';
import { documentProblemMessage, pictureProblemMessage } from '../problem-words';
import { readPage } from '../read-page';
import { PictureError, preparedPage } from '../read-photos';
import { Recogniser } from '../recogniser';
import type { PageToRead, ScanKind, ScanResult, ScannedRecipe } from './scan';

const NOTHING: ScanResult = { recipes: [], problems: [], pages: [] };
/** Recognition takes more and more memory: it begins anew after so many photos. */
const PHOTOS_A_RECOGNISER = 25;
const PERCENT = 100;

/** Reads photos and documents one after the other, beside the page of the program. */
export class ScanReader {
  private readonly files = new RecipeFiles();
  private readonly opener = openPagePicture();
  private recogniser = new Recogniser();
  private read = 0;
  private stopDocument = (): void => undefined;

  /**
   * The recipes of a photo or document; what is wrong with the file itself is told in the result.
   *
   * @param tell is told how far it is, in words
   * @throws Error where reading itself does not work
   */
  async scan(kind: ScanKind, file: Blob, tell: (how: string) => void): Promise<ScanResult> {
    return kind === 'photo' ? this.photo(file, tell) : this.document(file, tell);
  }

  /** Stops whatever is being read: its result never comes. */
  stop(): void {
    this.stopDocument();
    this.files.stop();
    this.opener.close();
    this.recogniser.stop();
  }

  private async photo(file: Blob, tell: (how: string) => void): Promise<ScanResult> {
    if (this.read++ % PHOTOS_A_RECOGNISER === 0 && this.read > 1) {
      this.recogniser.stop();
      this.recogniser = new Recogniser();
    }
    try {
      const { picture } = this.opener;
      const { image, shown } = await preparedPage(picture, { file, corners: null, quarters: 0 });
      const lines = await readPage(picture, image, this.recogniser, (share) =>
        tell(`${Math.round(share * PERCENT)} %`),
      );
      const written = lines.filter((line) => line !== null);
      const page = { picture: await jpegOf(shown), lines: linesToSave(written, shown) };
      const text = textOfPages([{ lines, shown }]);
      shown.close();
      const { recipes, problems } = await this.files.read('photo.txt', text);
      return {
        recipes: recipes.map((recipe): ScannedRecipe => ({
          recipe,
          unsure: unsureIn(recipe.text, written),
          page,
        })),
        problems: problems.map(fileProblemMessage),
        pages: [],
      };
    } catch (error) {
      if (!(error instanceof PictureError)) throw error;
      return { ...NOTHING, problems: [pictureProblemMessage(error.problem)] };
    }
  }

  private async document(file: Blob, tell: (how: string) => void): Promise<ScanResult> {
    const reading = readDocument(file, (done, all) => tell(`page ${done} of ${all}`));
    this.stopDocument = reading.stop;
    const pages = await reading.pages;
    if ('code' in pages) return { ...NOTHING, problems: [documentProblemMessage(pages)] };
    const written = pages.flatMap((one): DocumentPage[] => (one.kind === 'text' ? [one.page] : []));
    const texts = await this.files.recipesOfDocument(written);
    const read = await Promise.all(texts.map((text) => this.files.read('page.txt', text)));
    return {
      recipes: read
        .flatMap(({ recipes }) => recipes)
        .map((recipe) => ({ recipe, unsure: 0, page: null })),
      problems: read.flatMap(({ problems }) => problems.map(fileProblemMessage)),
      pages: pages.flatMap((one): PageToRead[] => (one.kind === 'picture' ? [one] : [])),
    };
  }
}

/** How many words of a text were not read for sure. */
function unsureIn(text: string, lines: readonly ScanLine[]): number {
  const written = new Set(text.split('\n'));
  return lines
    .filter((line) => written.has(line.text))
    .reduce((sum, { unsure }) => sum + unsure.length, 0);
}
