import { expose } from 'comlink';
import { PDFWorker, getDocument, type PDFPageProxy } from 'pdfjs-dist';
import type { DocumentPage, PageWord } from '@ypsigram/core/scan';
import '../kit/trusted-types/default-policy';

const FOLDER = '/recognition/';

/** Longer books are read in parts. */
const MOST_PAGES = 400;
/** A page with fewer letters of its own is a picture of one. */
const FEWEST_LETTERS = 30;
/** How large a page that is a picture is drawn, in pixels of its longer side. */
const DRAWN_SIDE = 2200;
/** Three hundred of them are kept until they are read. */
const AS_JPEG = { type: 'image/jpeg', quality: 0.92 } as const;

/** Why a document can't be read. */
export type DocumentProblem =
  | { readonly code: 'broken' }
  | { readonly code: 'locked' }
  | { readonly code: 'too-many-pages'; readonly pages: number; readonly most: number };

/** A page of a document: its own text, or a picture of it. */
export type PageOfDocument =
  | { readonly kind: 'text'; readonly page: DocumentPage }
  | { readonly kind: 'picture'; readonly number: number; readonly image: Blob };

/** What the library calls a canvas of a document; one without a document does as well. */
type DrawnOn = NonNullable<Parameters<PDFPageProxy['render']>[0]['canvasContext']>;

/** What the library draws on beside the page itself; here there is no document to take it from. */
class Canvases {
  create(width: number, height: number) {
    const canvas = new OffscreenCanvas(width, height);
    return { canvas, context: canvas.getContext('2d', { willReadFrequently: true }) };
  }

  reset({ canvas }: { canvas: OffscreenCanvas }, width: number, height: number): void {
    [canvas.width, canvas.height] = [width, height];
  }

  /** Its pixels are given back now, not when the browser comes round to it. */
  destroy({ canvas }: { canvas: OffscreenCanvas }): void {
    [canvas.width, canvas.height] = [0, 0];
  }
}

const NO_FILTER = 'none';

/** Effects of colour are for the eye: print is read without them. */
class Filters {
  readonly addFilter = (): string => NO_FILTER;
  readonly addHCMFilter = (): string => NO_FILTER;
  readonly addAlphaFilter = (): string => NO_FILTER;
  readonly addLuminosityFilter = (): string => NO_FILTER;
  readonly addHighlightHCMFilter = (): string => NO_FILTER;
  readonly destroy = (): void => undefined;
}

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
  const canvas = new OffscreenCanvas(Math.round(viewport.width), Math.round(viewport.height));
  const canvasContext = canvas.getContext('2d') as unknown as DrawnOn;
  // For paper, it is drawn without waiting for the frames of a screen.
  await page.render({ canvas: null, canvasContext, viewport, intent: 'print' }).promise;
  const image = await canvas.convertToBlob(AS_JPEG);
  [canvas.width, canvas.height] = [0, 0];
  return image;
}

const documentPages = {
  /**
   * The pages of a PDF, one after the other, or why there are none. Nothing in it is run, and nothing
   * that it names is fetched.
   *
   * @param tell is told how many of how many pages are done
   */
  async read(
    file: Blob,
    tell: (done: number, all: number) => void,
  ): Promise<readonly PageOfDocument[] | DocumentProblem> {
    const port = new Worker(`${FOLDER}pdf.worker.min.mjs`, { type: 'module' });
    const worker = PDFWorker.create({ port } as Parameters<typeof PDFWorker.create>[0]);
    const loading = getDocument({
      data: new Uint8Array(await file.arrayBuffer()),
      worker,
      wasmUrl: FOLDER,
      useWorkerFetch: true,
      CanvasFactory: Canvases,
      FilterFactory: Filters,
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
        return { code: 'too-many-pages', pages: numPages, most: MOST_PAGES };
      }
      const pages: PageOfDocument[] = [];
      for (let number = 1; number <= numPages; number++) {
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
      }
      return pages;
    } catch (error) {
      console.warn('This document can’t be read.', error);
      return {
        code: error instanceof Error && error.name === 'PasswordException' ? 'locked' : 'broken',
      };
    } finally {
      await loading.destroy();
      worker.destroy();
      port.terminate();
    }
  },
};

export type DocumentPagesWorker = typeof documentPages;

expose(documentPages);
