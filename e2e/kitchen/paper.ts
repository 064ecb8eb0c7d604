import type { Browser } from '@playwright/test';

/** Recognising print is work: on a machine that others use too it may take a while. */
export const READ = { timeout: 120_000 };

const CARD = { width: 1000, height: 1100 };

const drawn = (body: string): string => `<!doctype html><meta charset="utf-8"><style>
  body { margin: 0; background: #7d6a55 }
  main { margin: 60px; padding: 50px 60px; background: #f3ead3; color: #2c2620;
    font: 34px/1.5 'Liberation Serif', serif; transform: rotate(1.5deg) }
  h1 { font-size: 48px; margin: 0 0 10px } p { margin: 0 }
</style><main>${body}</main>`;

const paragraphs = (lines: readonly string[]): string =>
  lines.map((line) => `<p>${line}</p>`).join('');

/** A printed card on a table, a little turned, as a JPEG. */
export async function photoOf(browser: Browser, title: string, lines: readonly string[]) {
  const page = await browser.newPage({ viewport: CARD });
  await page.setContent(drawn(`<h1>${title}</h1>${paragraphs(lines)}`));
  const buffer = await page.screenshot({ type: 'jpeg', quality: 80 });
  await page.close();
  return { name: 'card.jpg', mimeType: 'image/jpeg', buffer };
}

/** Recipes as a PDF, each on a page of its own. */
export async function documentOf(
  browser: Browser,
  recipes: readonly { readonly title: string; readonly lines: readonly string[] }[],
) {
  const page = await browser.newPage();
  const articles = recipes.map(
    ({ title, lines }) =>
      `<article style="break-before: page"><h1>${title}</h1>${paragraphs(lines)}</article>`,
  );
  await page.setContent(articles.join(''));
  const buffer = await page.pdf({ format: 'A5' });
  await page.close();
  return { name: 'book.pdf', mimeType: 'application/pdf', buffer };
}
