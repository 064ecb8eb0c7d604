import { GlobalWorkerOptions, getDocument, type PDFPageProxy } from 'pdfjs-dist';
import type { DocumentPage, PageWord } from '@ypsigram/core/scan';
import '../kit/trusted-types/default-policy';

const FOLDER = '/recognition/';
GlobalWorkerOptions.workerSrc = `${FOLDER}pdf.worker.min.mjs`;

/** Longer books are read in parts. */
export const MOST_PAGES = 400;
/** A page with fewer letters of its own is a picture of one. */
const FEWEST_LETTERS = 30;
/** How large a page that is a picture is drawn, in pixels of its longer side. */
const DRAWN_SIDE = 2200;
/** Three hundred of them are kept until they are read. */
const AS_JPEG = ['image/jpeg', 0.92] as const;
const MILLISECONDS_A_FRAME = 8;

/** Why a document can't be read. */
export type DocumentProblem =
  | { readonly code: 'broken' }
  | { readonly code: 'locked' }
  | { readonly code: 'too-many-pages'; readonly pages: number; readonly most: number };

/** A document that can't be read. */
export class DocumentError extends Error {
  constructor(readonly problem: DocumentProblem) {
    super(problem.code);
  }
}

/** A page of a document: its own text, or a picture of it. */
export type PageOfDocument =
  | { readonly kind: 'text'; readonly page: DocumentPage }
  | { readonly kind: 'picture'; readonly number: number; readonly image: Blob };

/** The pieces of text of a page, from the top left corner down. */
async function textOf(page: PDFPageProxy): Promise<DocumentPage> {
  const { height, transform } = page.getViewport({ scale: 1 });
  const { items } = await page.getTextContent();
  const words: PageWord[] = [];
  for (const item of items) {
    if (!('str' in item) || item.str.trim() === '') continue;
    const [a, b, c, d, x, y] = item.transform as [number, number, number, number, number, number];
    const [m0, m1, m2, m3, m4, m5] = transform as [number, number, number, number, number, number];
    const left = m0 * x + m2 * y + m4;
    const base = m1 * x + m3 * y + m5;
    const size = Math.hypot(c, d) || Math.hypot(a, b);
    words.push({
      text: item.str,
      confidence: 1,
      box: { left, top: base - size, right: left + item.width, bottom: base },
    });
  }
  return { height, words };
}

async function pictureOf(page: PDFPageProxy): Promise<Blob> {
  const { width, height } = page.getViewport({ scale: 1 });
  const viewport = page.getViewport({ scale: DRAWN_SIDE / Math.max(width, height) });
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [Math.round(viewport.width), Math.round(viewport.height)];
  await page.render({ canvas, viewport }).promise;
  const image = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, ...AS_JPEG));
  // Its pixels are given back now, not when the browser comes round to it.
  [canvas.width, canvas.height] = [0, 0];
  if (!image) throw new DocumentError({ code: 'broken' });
  return image;
}

/**
 * The pages of a PDF, one after the other. Nothing in it is run, and nothing that it names is fetched.
 *
 * @param tell is told how many of how many pages are done
 * @throws DocumentError
 */
export async function readDocument(
  file: Blob,
  tell: (done: number, all: number) => void,
  isStopped: () => boolean,
): Promise<readonly PageOfDocument[]> {
  const loading = getDocument({
    data: new Uint8Array(await file.arrayBuffer()),
    wasmUrl: FOLDER,
    isEvalSupported: false,
    // Its frames are given back late: a book of pictures would fill the memory.
    isImageDecoderSupported: false,
    enableXfa: false,
    disableFontFace: true,
    useSystemFonts: false,
    stopAtErrors: false,
  });
  try {
    const document = await loading.promise;
    const { numPages } = document;
    if (numPages > MOST_PAGES) {
      throw new DocumentError({ code: 'too-many-pages', pages: numPages, most: MOST_PAGES });
    }
    const pages: PageOfDocument[] = [];
    for (let number = 1; number <= numPages && !isStopped(); number++) {
      const page = await document.getPage(number);
      const text = await textOf(page);
      const letters = text.words.reduce((sum, word) => sum + word.text.length, 0);
      pages.push(
        letters >= FEWEST_LETTERS
          ? { kind: 'text', page: text }
          : { kind: 'picture', number, image: await pictureOf(page) },
      );
      page.cleanup();
      tell(number, numPages);
      // The page of the program goes on in between.
      await new Promise((resolve) => setTimeout(resolve, MILLISECONDS_A_FRAME));
    }
    return pages;
  } catch (error) {
    if (error instanceof DocumentError) throw error;
    const code = error instanceof Error && error.name === 'PasswordException' ? 'locked' : 'broken';
    throw new DocumentError({ code });
  } finally {
    await loading.destroy();
  }
}
