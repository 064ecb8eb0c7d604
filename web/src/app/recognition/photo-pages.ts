import { Injectable, signal } from '@angular/core';
import type { RecipePhoto } from '@ypsigram/contract';
import type { Box, ScanLine, ScannedPage, Unsure } from '@ypsigram/core/scan';

/** A page as it was read: its lines, and the picture that they stand on. */
export interface ReadPage {
  readonly lines: ScannedPage;
  readonly shown: ImageBitmap;
}

/** A line of the text, where it stands on its page, and what of it is unsure. */
export interface PhotoLine {
  readonly text: string;
  readonly page: number;
  readonly box: Box;
  readonly unsure: readonly Unsure[];
}

const BETWEEN_PAGES = null;

/** The lines of pages one after the other, with a blank one between pages. */
export function linesOfPages(pages: readonly ReadPage[]): readonly (PhotoLine | null)[] {
  const onPage = (page: number) => (line: ScanLine | null) => line && { ...line, page };
  return pages.flatMap(({ lines }, page) => [
    ...(page > 0 ? [BETWEEN_PAGES] : []),
    ...lines.map(onPage(page)),
  ]);
}

/** What pages say, one after the other. */
export const textOfPages = (pages: readonly ReadPage[]): string =>
  linesOfPages(pages)
    .map((line) => line?.text ?? '')
    .join('\n');

/** A line with one of its doubts settled: the others stay where they are. */
export function settled(line: PhotoLine, doubt: Unsure, by: string): PhotoLine {
  const moved = by.length - (doubt.end - doubt.start);
  const shift = (at: number): number => (at > doubt.start ? at + moved : at);
  return {
    ...line,
    text: line.text.slice(0, doubt.start) + by + line.text.slice(doubt.end),
    unsure: line.unsure
      .filter((one) => one !== doubt)
      .map((one) => ({ ...one, start: shift(one.start), end: shift(one.end) })),
  };
}

/** The lines of a page as they are saved with a recipe: where they stand at any size of the picture. */
export const linesToSave = (
  lines: readonly Pick<PhotoLine, 'text' | 'box' | 'unsure'>[],
  { width, height }: Pick<ImageBitmap, 'width' | 'height'>,
): RecipePhoto['lines'] =>
  lines.map(({ text, box: { left, top, right, bottom }, unsure }) => ({
    text,
    unsure: unsure.map(({ start, end, options }) => ({ start, end, options: [...options] })),
    left: shareOf(left, width),
    top: shareOf(top, height),
    right: shareOf(right, width),
    bottom: shareOf(bottom, height),
  }));

/** Finer than a pixel of any picture that is kept. */
const STEPS = 10_000;
const shareOf = (at: number, whole: number): number =>
  Math.round(Math.min(1, Math.max(0, at / whole)) * STEPS) / STEPS;

/** As little is lost of a page of print as the server loses itself. */
const JPEG = { type: 'image/jpeg', quality: 0.9 } as const;

/** The picture of a page as a file, with nothing in it that a camera adds. */
export function jpegOf(shown: ImageBitmap): Promise<Blob> {
  const canvas = new OffscreenCanvas(shown.width, shown.height);
  canvas.getContext('2d')!.drawImage(shown, 0, 0);
  return canvas.convertToBlob(JPEG);
}

/** A saved page as it was read. */
export function savedPage({ lines }: RecipePhoto, shown: ImageBitmap): ReadPage {
  const { width, height } = shown;
  return {
    shown,
    lines: lines.map(({ text, left, top, right, bottom, unsure }) => ({
      text,
      unsure,
      box: { left: left * width, top: top * height, right: right * width, bottom: bottom * height },
    })),
  };
}

/** The pictures that the text of the open recipe was read from, while it is looked over. */
@Injectable({ providedIn: 'root' })
export class PhotoPages {
  readonly shown = signal<readonly ImageBitmap[]>([]);
  readonly lines = signal<readonly (PhotoLine | null)[]>([]);
  /** Which recipe they are of; null: of one that was not saved when they came. */
  readonly recipeId = signal<string | null>(null);

  put(pages: readonly ReadPage[], recipeId: string | null): void {
    this.clear();
    this.shown.set(pages.map(({ shown }) => shown));
    this.lines.set(linesOfPages(pages));
    this.recipeId.set(recipeId);
  }

  /** Whether they are of the recipe that is open, by its id where it is saved, and its text. */
  areOf(recipeId: string | null, text: string): boolean {
    if (this.shown().length === 0) return false;
    if (this.recipeId() !== null) return this.recipeId() === recipeId;
    const lines = this.lines();
    if (lines.length === 0) return recipeId === null;
    const written = new Set(text.split('\n'));
    return lines.some((line) => line !== null && written.has(line.text));
  }

  settle(line: PhotoLine, doubt: Unsure, by: string): void {
    const after = settled(line, doubt, by);
    this.lines.update((lines) => lines.map((one) => (one === line ? after : one)));
  }

  clear(): void {
    for (const shown of this.shown()) shown.close();
    this.shown.set([]);
    this.lines.set([]);
  }
}
