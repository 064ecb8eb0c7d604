import type { PlaceId } from './place-id';

/** A key and what it does. */
export interface KeyHelp {
  readonly keys: string;
  readonly does: string;
}

/** What a place is. */
export interface About {
  readonly name: string;
  readonly says: readonly [string, string, string];
  /** A drawing in a box of 96 by 64, in strokes. */
  readonly drawing: string;
  readonly keys: readonly KeyHelp[];
}

const CUP = 'M14 20H50L46 52Q45 56 41 56H23Q19 56 18 52ZM50 26H64Q68 26 68 30T64 34H49';
const SPOON = 'M66 46A9 7 0 1 0 84 46A9 7 0 1 0 66 46M82 40L92 14';
const PAGE = 'M18 8H60V56H18ZM26 20H52M26 30H52M26 40H44';
const SEARCH: KeyHelp = { keys: '/', does: 'search' };
const UNDO: KeyHelp = { keys: 'Ctrl Z', does: 'undo the last change' };

/** Keys that work in every place. */
export const KEYS_EVERYWHERE: readonly KeyHelp[] = [
  { keys: 'Ctrl K', does: 'ask a quick question' },
  { keys: '?', does: 'show what this place is, and its keys' },
];

export const ABOUT: Readonly<Record<PlaceId, About>> = {
  recipes: {
    name: 'Recipes',
    says: [
      'Here is every recipe of this kitchen.',
      'The small beam on each shows how closely cups and scale agree on its batch.',
      'Open one to convert it, scale it, measure it out and bake it.',
    ],
    drawing: `${PAGE}M66 14H74V62H30M70 14V8`,
    keys: [SEARCH],
  },
  files: {
    name: 'Import and export',
    says: [
      'Bring recipes in from files, PDFs, photos and web pages, and take them out as text, tables, data or a book.',
      'A backup holds the whole kitchen in one file.',
      'You see what comes in before it does, and an import can be undone.',
    ],
    drawing: 'M14 34V54H82V34M48 8V40M36 28L48 40L60 28',
    keys: [],
  },
  text: {
    name: 'Text',
    says: [
      'Paste a recipe just as it is written, or start from a photo, a PDF or a web address.',
      'Each line shows how it was read and what it weighs.',
      'Where a line could mean two things, you are asked, with the grams of each answer.',
    ],
    drawing: `${PAGE}M66 20H90M66 30H90M66 40H82`,
    keys: [{ keys: '1 2 3', does: 'on a question: give that answer' }],
  },
  amounts: {
    name: 'Amounts',
    says: [
      'Each line shows what the author wrote, what that weighs, and what to fill or weigh in your kitchen.',
      'Set the batch at the top: both columns follow from the same grams.',
      'Edit on a line changes how you measure it, or its weight.',
    ],
    drawing: 'M48 58V34M48 34L22 18M48 34L74 18M12 18H32L29 28H15ZM68 18H80L84 30H64ZM38 60H58',
    keys: [
      UNDO,
      { keys: 'Ctrl Shift Z', does: 'redo the change' },
      { keys: 'W', does: 'show what to measure, what to weigh, or both' },
      { keys: '+', does: 'add half a recipe to the batch' },
      { keys: '−', does: 'take half a recipe off' },
      { keys: 'M', does: 'fix the first line whose columns disagree' },
      { keys: 'B', does: 'use the first batch that is easier to measure' },
      { keys: '↓ ↑', does: 'go from line to line' },
      { keys: 'Enter', does: 'open or close the details of a line' },
      {
        keys: 'N',
        does: 'on a line: use as many fills as it takes to come nearest, or go back',
      },
      { keys: 'C', does: 'open How sure' },
      { keys: 'P', does: 'open the card to print' },
      { keys: 'Ctrl S', does: 'save the recipe' },
    ],
  },
  'how-sure': {
    name: 'How sure',
    says: [
      'This is how often the batch comes out the same again when it is measured as planned.',
      'It follows from how people fill cups and how true tools and scales are.',
      'It names the few ingredients that are worth weighing.',
    ],
    drawing: 'M10 46Q30 46 38 26T48 10T58 26T86 46M10 54H86M48 10V54M30 41V54M66 41V54',
    keys: [{ keys: 'Esc', does: 'stop the simulation' }],
  },
  measure: {
    name: 'Measure',
    says: [
      'Measure one ingredient after another onto the tray, before anything is mixed.',
      'Tap for every fill, press a key or a pedal, or let the scale count.',
      'What you really weighed is kept with the bake.',
    ],
    drawing: `${CUP}${SPOON}`,
    keys: [
      { keys: 'Space, Enter, Page Down', does: 'do what the large button says' },
      { keys: 'Page Up', does: 'take the last fill back, or go to the line before' },
      { keys: '← →', does: 'go from line to line' },
      { keys: 'Alt ← Alt →', does: 'move the ingredient earlier or later' },
      UNDO,
    ],
  },
  make: {
    name: 'Make',
    says: [
      'Mix and bake step by step; a step that takes time has its timer.',
      'Trays are checked from the early end of their time.',
      'Plan it back from when it should be ready, and it tells you when to begin.',
    ],
    drawing: 'M14 8H82V58H14ZM14 20H82M24 28H72V50H24ZM30 14H34M44 14H48M58 14H62',
    keys: [
      { keys: 'Page Down', does: 'the step is done' },
      { keys: 'Page Up', does: 'go to the step before' },
    ],
  },
  log: {
    name: 'Log',
    says: [
      'Every bake is kept here: what was meant, what was weighed and how it turned out.',
      'Say what was wrong, and the likely causes are put in order.',
      'Weights that worked can be used the next time.',
    ],
    drawing: 'M20 6H78V60H20ZM32 6V60M40 20H70M40 32H70M40 44H58',
    keys: [],
  },
  ingredients: {
    name: 'Ingredients',
    says: [
      'What a cup of each ingredient weighs, by how it is filled, and where the figure comes from.',
      'Weigh a cup of yours, and that weight is used instead.',
      'Prices, allergens and how it keeps are here as well.',
    ],
    drawing: 'M16 18H40V56H16ZM18 10H38V18H18ZM16 32H40M54 24H82V56H54ZM56 16H80V24H56ZM54 38H82',
    keys: [SEARCH, { keys: '↓ ↑', does: 'go through the list' }],
  },
  kitchen: {
    name: 'Kitchen',
    says: [
      'What this kitchen measures and bakes with, and who does it.',
      'Every amount in every recipe goes by it.',
      'Open a tile to see or change it.',
    ],
    drawing: 'M12 8H44V30H12ZM52 8H84V30H52ZM12 38H44V60H12ZM52 38H84V60H52Z',
    keys: [],
  },
  tools: {
    name: 'Tools',
    says: [
      'The cups, spoons, jugs and scales that you have.',
      'Recipes use only these, and leave out what is in the wash.',
      'Fill one with water and weigh it, and its true size is known.',
    ],
    drawing: `${CUP}M20 34H48${SPOON}`,
    keys: [],
  },
  ovens: {
    name: 'Ovens',
    says: [
      'How hot each oven really gets when its dial says 180.',
      'Write down what a thermometer shows, and the offset is worked out.',
      'Recipes then say where to set the dial.',
    ],
    drawing: 'M44 8Q48 4 52 8V38A10 10 0 1 1 44 38ZM48 20V46M58 14H66M58 24H66M58 34H66',
    keys: [],
  },
  people: {
    name: 'People',
    says: [
      'How full each person fills a cup: everybody’s cup weighs something else.',
      'After three trials, amounts go by your own hand.',
      'Each trial is a dot beside the table’s weight and the authors’ cups.',
    ],
    drawing:
      'M8 46H88M30 46V12M66 46V24M22 38A2 2 0 1 0 26 38A2 2 0 1 0 22 38M34 32A2 2 0 1 0 38 32A2 2 0 1 0 34 32M44 38A2 2 0 1 0 48 38A2 2 0 1 0 44 38',
    keys: [],
  },
  authors: {
    name: 'Authors',
    says: [
      'Each author means something else by a cup of flour.',
      'Write down what theirs weighs, or let it follow from lines that give both.',
      'Their recipes are then converted by it.',
    ],
    drawing:
      'M48 14Q34 6 12 10V54Q34 50 48 58Q62 50 84 54V10Q62 6 48 14V58M22 22H38M22 32H38M58 22H74M58 32H74',
    keys: [],
  },
  settings: {
    name: 'Settings',
    says: [
      'How figures, dates and money are written here, and how this kitchen usually measures.',
      'Phones and tablets of the house are let in here.',
      'Day or night is chosen for this device alone.',
    ],
    drawing: 'M10 18H86M10 34H86M10 50H86M30 12V24M62 28V40M42 44V56',
    keys: [],
  },
  practice: {
    name: 'Practice',
    says: [
      'Fill, pour and judge without flour, and see how close you come.',
      'What you missed comes back sooner.',
      'A class can practise together, one device each.',
    ],
    drawing: `${CUP}M10 14L58 10`,
    keys: [{ keys: '1 2 3', does: 'give that answer' }],
  },
};
