import { fileProblemMessage } from '@ypsigram/contract';
import { LARGEST_FILE_BYTES, type RecipeFile } from '@ypsigram/core/formats';
import type { DocumentPage } from '@ypsigram/core/scan';
import { RecipeFiles } from '../workers/recipe-files';
import { documentProblemMessage, pictureProblemMessage, READING_FAILED } from './problem-words';
import { textOfPages } from './photo-pages';
import type { PhotoReading } from './read-photos';

/** A scanned book is large; a text of that size is none. */
const LARGEST_SCAN_BYTES = 200 * 1024 * 1024;
const PDF = /\.pdf$/i;
const PICTURE = /^image\//;

/** The recipes of a file, and what is wrong with the rest, in sentences. */
export interface ReadFile {
  readonly recipes: readonly RecipeFile[];
  readonly problems: readonly string[];
}

const NOTHING: ReadFile = { recipes: [], problems: [] };
const failed = (message: string): ReadFile => ({ recipes: [], problems: [message] });

const isPicture = (file: File): boolean => PICTURE.test(file.type) || /\.hei[cf]$/i.test(file.name);
const isDocument = (file: File): boolean => file.type === 'application/pdf' || PDF.test(file.name);

/**
 * Reads files of every kind that a recipe can be in: texts and tables, saved pages, PDFs, photos.
 * What photos and PDFs need is loaded with the first of them.
 */
export class FileReader {
  private readonly files = new RecipeFiles();
  private photos: PhotoReading | null = null;
  private isStopped = false;

  /** @param tell is told how far a long file is, in words */
  async read(file: File, tell: (how: string) => void): Promise<ReadFile> {
    const most = isPicture(file) || isDocument(file) ? LARGEST_SCAN_BYTES : LARGEST_FILE_BYTES;
    if (file.size > most) {
      return failed(fileProblemMessage({ code: 'too-large', bytes: file.size, most }));
    }
    if (isPicture(file)) return this.readPictures([file], tell);
    if (isDocument(file)) return this.readDocument(file, tell);
    const { recipes, problems } = await this.files.read(file.name, await file.text());
    return { recipes, problems: problems.map(fileProblemMessage) };
  }

  /** Stops whatever is being read. */
  stop(): void {
    this.isStopped = true;
    this.files.stop();
    this.photos?.stop();
  }

  private async readDocument(file: File, tell: (how: string) => void): Promise<ReadFile> {
    const { readDocument, DocumentError } = await import('./read-document');
    try {
      const pages = await readDocument(
        file,
        (done, all) => tell(`page ${done} of ${all}`),
        () => this.isStopped,
      );
      const written = pages.flatMap((one): DocumentPage[] =>
        one.kind === 'text' ? [one.page] : [],
      );
      const scanned = pages.flatMap((one): Blob[] => (one.kind === 'picture' ? [one.image] : []));
      const texts = await this.files.recipesOfDocument(written);
      const read = await Promise.all(texts.map((text) => this.files.read('page.txt', text)));
      const ofPictures = scanned.length > 0 ? await this.readPictures(scanned, tell) : NOTHING;
      return {
        recipes: [...read.flatMap(({ recipes }) => recipes), ...ofPictures.recipes],
        problems: [
          ...read.flatMap(({ problems }) => problems.map(fileProblemMessage)),
          ...ofPictures.problems,
        ],
      };
    } catch (error) {
      if (error instanceof DocumentError) return failed(documentProblemMessage(error.problem));
      throw error;
    }
  }

  /** Each picture is a recipe of its own. */
  private async readPictures(
    pictures: readonly Blob[],
    tell: (how: string) => void,
  ): Promise<ReadFile> {
    const { readPhotos, PictureError } = await import('./read-photos');
    const photos = pictures.map((file) => ({ file, corners: null, quarters: 0 }));
    const reading = (this.photos = readPhotos(photos, ({ photo, share }) =>
      tell(`photo ${photo + 1} of ${photos.length}, ${Math.round(share * 100)} %`),
    ));
    try {
      const pages = await reading.pages;
      for (const { shown } of pages) shown.close();
      const texts = pages.map((page) => textOfPages([page]));
      const read = await Promise.all(texts.map((text) => this.files.read('photo.txt', text)));
      return {
        recipes: read.flatMap(({ recipes }) => recipes),
        problems: read.flatMap(({ problems }) => problems.map(fileProblemMessage)),
      };
    } catch (error) {
      if (error instanceof PictureError) return failed(pictureProblemMessage(error.problem));
      console.error(error);
      return failed(READING_FAILED);
    }
  }
}
