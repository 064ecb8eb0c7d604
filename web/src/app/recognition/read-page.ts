import type { ScannedPage } from '@ypsigram/core/scan';
import type { PagePicture, ReadSign } from '../workers/page-picture';
import { isPrintLanguage, type PrintLanguage, type Recogniser } from './recogniser';

/** A page of another language is recognised again with its own letters. */
const FIRST: PrintLanguage = 'english';

/**
 * Reads the prepared page of a picture.
 *
 * @param tell is told how much is done, from 0 to 1
 */
export async function readPage(
  picture: PagePicture,
  image: Blob,
  recogniser: Recogniser,
  tell: (share: number) => void,
): Promise<ScannedPage> {
  const { page, language } = await readAs(FIRST);
  if (language === FIRST || !isPrintLanguage(language)) return page;
  return (await readAs(language)).page;

  async function readAs(print: PrintLanguage) {
    const words = await recogniser.words(image, print, tell);
    const signs: ReadSign[] = [];
    for (const { word, above, below } of await picture.signs(words)) {
      signs.push({
        word,
        above: await recogniser.figure(above),
        below: await recogniser.figure(below),
      });
    }
    return picture.page(words, signs);
  }
}
