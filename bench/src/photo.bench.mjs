// Photos of printed cards: of the ingredient lines whose grams are known from the plain text, the share
// that comes out of the picture with the same grams and without a hand, beside plain recognition.
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { createWorker } from 'tesseract.js';
import { intendedMass } from '../../core/dist/conversion/index.js';
import { readRecipe } from '../../core/dist/reading/index.js';
import * as scan from '../../core/dist/scan/index.js';
import { BUILT_IN_SHELF } from '../../core/dist/shelf/index.js';
import { openBrowser } from '../../scripts/stage.mjs';
import { CARDS, cardsByLot, drawCard } from './cards/cards.mjs';

const WANTED = { clean: 0.95, hard: 0.85, 'by lot': null };
const LANGUAGES = { en: 'eng', de: 'deu', fr: 'fra' };
const LOT = 20261201;
const NEAR = 0.001;

const require = createRequire(import.meta.url);
const letters = mkdtempSync(join(tmpdir(), 'ypsigram-letters-'));
for (const language of Object.values(LANGUAGES)) {
  const file = `${language}.traineddata.gz`;
  copyFileSync(
    require.resolve(`@tesseract.js-data/${language}/4.0.0_best_int/${file}`),
    join(letters, file),
  );
}
const recogniserFor = (language) =>
  createWorker(language, 1, { langPath: letters, cacheMethod: 'none', gzip: true });
const recognisers = {};
for (const language of Object.values(LANGUAGES))
  recognisers[language] = await recogniserFor(language);
const figures = await recogniserFor('eng');
await figures.setParameters({ tessedit_pageseg_mode: '7', tessedit_char_whitelist: '0123456789' });

const asPng = ({ grey, width, height }) =>
  sharp(Buffer.from(grey), { raw: { width, height, channels: 1 } })
    .png({ compressionLevel: 1 })
    .toBuffer();

async function pictureOf(jpeg) {
  const { data, info } = await sharp(jpeg)
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return scan.greyOf(new Uint8ClampedArray(data), info.width, info.height);
}

const wordsOf = ({ blocks }) =>
  blocks
    .flatMap(({ paragraphs }) => paragraphs)
    .flatMap(({ lines }) => lines)
    .flatMap(({ words }) => words)
    .map(({ text, confidence, bbox }) => ({
      text,
      confidence: confidence / 100,
      box: { left: bbox.x0, top: bbox.y0, right: bbox.x1, bottom: bbox.y1 },
    }));

async function figureOf(picture, box) {
  for (const height of scan.STRIP_HEIGHTS) {
    const { data } = await figures.recognize(await asPng(scan.figureStrip(picture, box, height)));
    const figure = scan.figureOnStrip(data.text);
    if (figure !== '') return figure;
  }
  return '';
}

/** A page as the program reads it. */
async function readAsWeDo(jpeg, language) {
  const even = scan.withEvenLight(await pictureOf(jpeg));
  const picture = scan.turnedBack(even, scan.slantOf(even));
  const { data } = await recognisers[language].recognize(
    await asPng(picture),
    {},
    { blocks: true },
  );
  const words = wordsOf(data);
  const signs = new Map();
  for (const word of words) {
    if (!scan.mayBeSign(word.text)) continue;
    const found = scan.fractionFigures(picture, word.box);
    if (!found) continue;
    const [above, below] = [
      await figureOf(picture, found.above),
      await figureOf(picture, found.below),
    ];
    signs.set(word, scan.amountOfSign(word.text, found, above, below));
  }
  const page = scan.scannedPage(scan.readingOrder(words, BUILT_IN_SHELF), signs, BUILT_IN_SHELF);
  return { text: scan.textOfScan(page), asked: page.flatMap((line) => line?.unsure ?? []).length };
}

/** What each line of a text was meant to weigh, as "id grams". */
function massesOf(text) {
  const { lines, standard } = readRecipe(text, 'us-customary', BUILT_IN_SHELF);
  return lines.flatMap((line) => {
    const intended = intendedMass(line, standard, BUILT_IN_SHELF);
    return intended ? [{ id: line.ingredientId, grams: intended.grams }] : [];
  });
}

/** How many of these masses are among those, each once; and how many of those are none of these. */
function compare(wanted, got) {
  const left = [...got];
  let right = 0;
  for (const { id, grams } of wanted) {
    const at = left.findIndex(
      (one) => one.id === id && Math.abs(one.grams - grams) <= grams * NEAR,
    );
    if (at < 0) continue;
    left.splice(at, 1);
    right += 1;
  }
  return { right, wrong: left.length };
}

const plainText = ({ recipe, ingredients }) =>
  [recipe.title, '', ...ingredients, '', ...recipe.steps.map((step) => `${step}.`)].join('\n');

const browser = await openBrowser();
const page = await browser.newPage();
const kinds = {
  clean: CARDS.filter(({ look }) => !look.isHard),
  hard: CARDS.filter(({ look }) => look.isHard),
  'by lot': cardsByLot(LOT),
};
for (const [kind, cards] of Object.entries(kinds)) {
  const sum = { wanted: 0, ours: 0, wrong: 0, plain: 0, asked: 0 };
  const times = [];
  for (const card of cards) {
    const jpeg = await drawCard(page, card);
    const language = LANGUAGES[card.recipe.language];
    const wanted = massesOf(plainText(card));
    const start = performance.now();
    const { text, asked } = await readAsWeDo(jpeg, language);
    times.push(performance.now() - start);
    const { data } = await recognisers[language].recognize(jpeg);
    const ours = compare(wanted, massesOf(text));
    sum.wanted += wanted.length;
    sum.ours += ours.right;
    sum.wrong += ours.wrong;
    sum.asked += asked;
    sum.plain += compare(wanted, massesOf(data.text)).right;
    if (process.env.SHOW && (ours.right < wanted.length || ours.wrong > 0)) {
      console.log(`--- ${card.name} (${JSON.stringify(card.look)})\n${text}\n`);
    }
  }
  times.sort((a, b) => a - b);
  const percent = (part) => `${((part / sum.wanted) * 100).toFixed(1)} %`;
  const wish = WANTED[kind] === null ? '' : `, wanted ${WANTED[kind] * 100} %`;
  console.log(
    `photo, ${kind}: ${cards.length} cards, ${sum.wanted} lines: ${percent(sum.ours)} right without a hand${wish}; ` +
      `${percent(sum.plain)} by plain recognition; ${sum.wrong} grams that were not on the card; ${sum.asked} words asked; ` +
      `a page ${Math.round(times[times.length >> 1])} ms, slowest ${Math.round(times.at(-1))} ms`,
  );
}
console.log(
  `photo: ${Math.round(process.memoryUsage.rss() / 1024 / 1024)} MB in all, four recognisers together`,
);
await browser.close();
for (const one of [...Object.values(recognisers), figures]) await one.terminate();
rmSync(letters, { recursive: true });
