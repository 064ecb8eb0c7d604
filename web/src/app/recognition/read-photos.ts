import type { Corners } from '@ypsigram/core/scan';
import {
  openPagePicture,
  type PagePicture,
  type PictureProblem,
  type PreparedPage,
} from '../workers/page-picture';
import type { ReadPage } from './photo-pages';
import { readPage } from './read-page';
import { Recogniser } from './recogniser';

/** A photo of a page, and how it is to be cropped and turned; as it was guessed where that is null. */
export interface PhotoToRead {
  readonly file: Blob;
  readonly corners: Corners | null;
  readonly quarters: number;
}

/** How far reading is: which photo, and how much of it. */
export interface ReadingProgress {
  readonly photo: number;
  readonly share: number;
}

/** A photo that can't be opened. */
export class PictureError extends Error {
  constructor(
    readonly photo: number,
    readonly problem: PictureProblem,
  ) {
    super(problem.code);
  }
}

/** Reading that can be stopped. */
export interface PhotoReading {
  /** @throws PictureError where a photo can't be opened, Error where recognition can't be loaded */
  readonly pages: Promise<readonly ReadPage[]>;
  stop(): void;
}

/**
 * Reads photos of pages one after the other, beside the page of the program.
 *
 * @param recogniser one that is ready already, where there is one; it is used up
 */
export function readPhotos(
  photos: readonly PhotoToRead[],
  tell: (progress: ReadingProgress) => void,
  recogniser = new Recogniser(),
): PhotoReading {
  const { picture, close } = openPagePicture();
  const stop = (): void => {
    recogniser.stop();
    close();
  };
  const read = async (): Promise<readonly ReadPage[]> => {
    const pages: ReadPage[] = [];
    for (const [photo, one] of photos.entries()) {
      const { image, shown } = await preparedPage(picture, one, photo);
      tell({ photo, share: 0 });
      const lines = await readPage(picture, image, recogniser, (share) => tell({ photo, share }));
      pages.push({ lines, shown });
    }
    return pages;
  };
  return { pages: read().finally(stop), stop };
}

/** The pages of photos to type from, laid flat and not read. @throws PictureError */
export async function showPhotos(photos: readonly PhotoToRead[]): Promise<readonly ReadPage[]> {
  const { picture, close } = openPagePicture();
  try {
    const pages: ReadPage[] = [];
    for (const [photo, one] of photos.entries()) {
      const { shown } = await preparedPage(picture, one, photo);
      pages.push({ lines: [], shown });
    }
    return pages;
  } finally {
    close();
  }
}

/** The page of a photo, laid flat and ready to be read. @throws PictureError */
export async function preparedPage(
  picture: PagePicture,
  { file, corners, quarters }: PhotoToRead,
  photo = 0,
): Promise<PreparedPage> {
  const opened = await picture.open(file);
  if ('code' in opened) throw new PictureError(photo, opened);
  opened.shown.close();
  return picture.prepare(corners ?? opened.corners, quarters);
}
