import type { RecipeFile } from './recipe-file.js';
import { SETTINGS, settingsOf, withSettings } from './settings.js';
import { readPlainText } from './plain-text.js';

/** The first line of the block before each recipe, which marks the file as ours. */
const OPENING = '---\nrecipe: 1\n';
const BLOCK = /^---\r?\nrecipe: 1\r?\n([\s\S]*?)\r?\n?---\r?\n/gm;
const TITLE_MARK = '# ';
/** Two blanks at its end make a line of Markdown stand by itself. */
const HARD_BREAK = '  ';

const isBlank = (line: string | undefined): boolean => line === undefined || line.trim() === '';

/**
 * Recipes as Markdown: a block of settings before each, its first line as a heading where it has
 * no mark of its own, every line by itself. Reading it again gives the same text.
 */
export function writeMarkdown(recipes: readonly RecipeFile[]): string {
  return recipes.map(writeOne).join('\n');
}

function writeOne(recipe: RecipeFile): string {
  const settings = Object.entries(settingsOf(recipe)).map(
    ([name, value]) => `${name}: ${JSON.stringify(value)}`,
  );
  const lines = recipe.text.split('\n');
  const isMarked = /^\s*#/.test(lines[0] ?? '') || isBlank(lines[0]);
  const body = lines.map((line, at) => {
    const marked = at === 0 && !isMarked ? `${TITLE_MARK}${line}` : line;
    return isBlank(line) || isBlank(lines[at + 1]) ? marked : `${marked}${HARD_BREAK}`;
  });
  const heading = isMarked ? [] : ['heading: added'];
  return `${OPENING}${[...settings, ...heading].map((line) => `${line}\n`).join('')}---\n${body.join('\n')}\n`;
}

function settingIn(line: string): readonly [string, string] | null {
  const found = /^([a-z]+): (.*)$/.exec(line.trimEnd());
  if (!found) return null;
  try {
    const value: unknown = JSON.parse(found[2]!);
    return [found[1]!, String(value)];
  } catch {
    // A plain word, as one would write it by hand.
    return [found[1]!, found[2]!];
  }
}

function readOne(block: string, body: string): RecipeFile {
  const settings = Object.fromEntries(block.split(/\r?\n/).flatMap((line) => settingOf(line)));
  const lines = body.replace(/\r?\n$/, '').split('\n');
  const plain = lines.map((line, at) =>
    line.endsWith(HARD_BREAK) && !isBlank(line) && !isBlank(lines[at + 1])
      ? line.slice(0, -HARD_BREAK.length)
      : line,
  );
  const wasAdded = settings['heading'] === 'added' && plain[0]?.startsWith(TITLE_MARK);
  if (wasAdded) plain[0] = plain[0]!.slice(TITLE_MARK.length);
  return withSettings(plain.join('\n'), settings);
}

const settingOf = (line: string): (readonly [string, string])[] => {
  const setting = settingIn(line);
  const isKnown = setting && [...SETTINGS, 'heading'].some((name) => name === setting[0]);
  return isKnown ? [setting] : [];
};

/** Whether a text is Markdown as it is written here. */
export const isOwnMarkdown = (content: string): boolean => /^---\r?\nrecipe: 1\r?\n/m.test(content);

/** The recipes of a Markdown file: of our own all that belongs to them, of any other the text. */
export function readMarkdown(content: string): RecipeFile[] {
  const blocks = [...content.matchAll(BLOCK)];
  if (blocks.length === 0) return readPlainText(content);
  const before = content.slice(0, blocks[0]!.index);
  const recipes = blocks.map((block, at) => {
    const next = blocks[at + 1]?.index ?? content.length;
    const body = content.slice(block.index + block[0].length, next);
    return readOne(block[1]!, at + 1 < blocks.length ? body.replace(/\r?\n$/, '') : body);
  });
  return [...readPlainText(before), ...recipes].filter(({ text }) => text.trim() !== '');
}
