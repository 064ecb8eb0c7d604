import type { Page } from '@playwright/test';

/** What comes out of the printer: how many pages, and how wide they are in points of 1/72 inch. */
export async function printed(
  page: Page,
  options: Parameters<Page['pdf']>[0],
): Promise<{ readonly pages: number; readonly width: number }> {
  const pdf = (await page.pdf(options)).toString('latin1');
  return {
    // Each page of the document is an object of its own.
    pages: pdf.match(/\/Type\s*\/Page\b(?!s)/g)?.length ?? 0,
    width: Number(/\/MediaBox\s*\[0 0 ([\d.]+)/.exec(pdf)?.[1]),
  };
}
