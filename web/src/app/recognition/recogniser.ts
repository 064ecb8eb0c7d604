import { createWorker, OEM, PSM, type Worker as TextWorker } from 'tesseract.js';
import { figureOnStrip, type PageWord } from '@ypsigram/core/scan';
import '../kit/trusted-types/default-policy';

/** Where recognition and its data lie: they ship with the program, and come only when they are used. */
const FOLDER = '/recognition';
const CORE = `${FOLDER}/tesseract-core-simd-lstm.wasm.js`;

/** The languages whose letters are known, by the reader's name for them. */
const LETTERS_OF = { english: 'eng', german: 'deu', french: 'fra' } as const;
export type PrintLanguage = keyof typeof LETTERS_OF;

export const isPrintLanguage = (language: string): language is PrintLanguage =>
  language in LETTERS_OF;

/** Whole pages are looked at as pages, strips of figures as one line of nothing else. */
const AS_PAGE = { tessedit_pageseg_mode: PSM.AUTO, tessedit_char_whitelist: '' };
const AS_FIGURES = {
  tessedit_pageseg_mode: PSM.SINGLE_LINE,
  tessedit_char_whitelist: '0123456789',
};

const PERCENT = 100;

/** Recognises print in pictures, beside the page of the program. */
export class Recogniser {
  private loading: Promise<TextWorker> | null = null;
  private language: PrintLanguage | null = null;
  private tell: (share: number) => void = () => undefined;

  /**
   * The words of a page.
   *
   * @param tell is told how much is done, from 0 to 1
   * @throws Error where recognition can't be loaded
   */
  async words(
    image: Blob,
    language: PrintLanguage,
    tell: (share: number) => void,
  ): Promise<PageWord[]> {
    const worker = await this.ready(language);
    this.tell = tell;
    await worker.setParameters(AS_PAGE);
    const { data } = await worker.recognize(image, {}, { blocks: true, text: false });
    return (data.blocks ?? [])
      .flatMap(({ paragraphs }) => paragraphs)
      .flatMap(({ lines }) => lines)
      .flatMap(({ words }) => words)
      .map(({ text, confidence, bbox }) => ({
        text,
        confidence: confidence / PERCENT,
        box: { left: bbox.x0, top: bbox.y0, right: bbox.x1, bottom: bbox.y1 },
      }));
  }

  /** The figure on the first of these strips that shows one; empty where none does. */
  async figure(strips: readonly Blob[]): Promise<string> {
    const worker = await this.ready(this.language ?? 'english');
    this.tell = () => undefined;
    await worker.setParameters(AS_FIGURES);
    for (const strip of strips) {
      const { data } = await worker.recognize(strip);
      const figure = figureOnStrip(data.text);
      if (figure !== '') return figure;
    }
    return '';
  }

  /** Loads recognition before it is needed; what goes wrong is said when it is. */
  warmUp(): void {
    this.ready('english').catch((error: unknown) =>
      console.debug('recognition is asked for again when a photo is read', error),
    );
  }

  /** Ends whatever is under way, and gives the memory back. */
  stop(): void {
    // What did not come need not be ended.
    this.loading
      ?.then((worker) => worker.terminate())
      .catch((error: unknown) => console.debug('recognition never came', error));
    this.loading = null;
  }

  private async ready(language: PrintLanguage): Promise<TextWorker> {
    const isOther = this.language !== language;
    this.language = language;
    if (!this.loading) return (this.loading = this.load(language));
    const worker = await this.loading;
    if (isOther) await worker.reinitialize(LETTERS_OF[language], OEM.LSTM_ONLY);
    return worker;
  }

  private load(language: PrintLanguage): Promise<TextWorker> {
    return createWorker(LETTERS_OF[language], OEM.LSTM_ONLY, {
      workerPath: `${FOLDER}/worker.min.js`,
      corePath: CORE,
      langPath: FOLDER,
      workerBlobURL: false,
      cacheMethod: 'none',
      logger: ({ status, progress }) => {
        if (status === 'recognizing text') this.tell(progress);
      },
    });
  }
}
