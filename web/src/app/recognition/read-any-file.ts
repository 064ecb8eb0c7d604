import { fileProblemMessage } from '@ypsigram/contract';
import { LARGEST_FILE_BYTES, type RecipeFile } from '@ypsigram/core/formats';
import { RecipeFiles } from '../workers/recipe-files';
import { READING_FAILED } from './problem-words';
import { scanKindOf } from './queue';
import { ScanReader } from './queue/scan-reader';

/** A scanned book is large; a text of that size is none. */
export const LARGEST_SCAN_BYTES = 200 * 1024 * 1024;

/** The recipes of a file, and what is wrong with the rest, in sentences. */
export interface ReadFile {
  readonly recipes: readonly RecipeFile[];
  readonly problems: readonly string[];
}

const failed = (message: string): ReadFile => ({ recipes: [], problems: [message] });

/** Says what is wrong with a file that is too large to be read; null where it is not. */
export function sizeProblem(file: File): string | null {
  const most = scanKindOf(file) ? LARGEST_SCAN_BYTES : LARGEST_FILE_BYTES;
  if (file.size <= most) return null;
  return fileProblemMessage({ code: 'too-large', bytes: file.size, most });
}

/**
 * Reads files of every kind that a recipe can be in: texts and tables, saved pages, PDFs, photos.
 * What photos and PDFs need is loaded with the first of them.
 */
export class FileReader {
  private readonly files = new RecipeFiles();
  private scans: ScanReader | null = null;

  /** @param tell is told how far a long file is, in words */
  async read(file: File, tell: (how: string) => void): Promise<ReadFile> {
    const tooLarge = sizeProblem(file);
    if (tooLarge !== null) return failed(tooLarge);
    const kind = scanKindOf(file);
    if (kind) {
      const reader = (this.scans ??= new ScanReader());
      try {
        return await readScan(reader, kind, file, tell);
      } catch (error) {
        console.error(error);
        return failed(READING_FAILED);
      }
    }
    const { recipes, problems } = await this.files.read(file.name, await file.text());
    return { recipes, problems: problems.map(fileProblemMessage) };
  }

  /** Stops whatever is being read. */
  stop(): void {
    this.files.stop();
    this.scans?.stop();
  }
}

/** A photo or document with the pages in it that are pictures. */
async function readScan(
  reader: ScanReader,
  ...[kind, file, tell]: Parameters<ScanReader['scan']>
): Promise<ReadFile> {
  const first = await reader.scan(kind, file, tell);
  const results = [first];
  for (const { number, image } of first.pages) {
    results.push(await reader.scan('photo', image, (how) => tell(`page ${number}, ${how}`)));
  }
  return {
    recipes: results.flatMap(({ recipes }) => recipes.map(({ recipe }) => recipe)),
    problems: results.flatMap(({ problems }) => problems),
  };
}
