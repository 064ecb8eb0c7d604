import { wrap, type Remote } from 'comlink';
import type { FileReading } from '@ypsigram/core/formats';
import type { DocumentPage } from '@ypsigram/core/scan';
import '../kit/trusted-types/default-policy';
import type { RecipeFilesWorker } from './recipe-files.worker';

/** Reads files of recipes beside the page, so that it never stops for one. */
export class RecipeFiles {
  private readonly worker = new Worker(new URL('./recipe-files.worker', import.meta.url), {
    type: 'module',
  });
  private readonly remote: Remote<RecipeFilesWorker> = wrap<RecipeFilesWorker>(this.worker);

  read(name: string, content: string): Promise<FileReading> {
    return this.remote.read(name, content);
  }

  recipesOfDocument(pages: readonly DocumentPage[]): Promise<readonly string[]> {
    return this.remote.recipesOfDocument(pages);
  }

  /** What was copied from a page, with the lines that its plain text lost. */
  withItsLines(plain: string, rich: string): Promise<string> {
    return this.remote.withItsLines(plain, rich);
  }

  /** Stops whatever is being read. */
  stop(): void {
    this.worker.terminate();
  }
}
