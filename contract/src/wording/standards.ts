import type { Standard } from '@ypsigram/core/units';

/** Measure standards by their name. */
const NAMES: Readonly<Record<Standard, string>> = {
  'us-customary': 'US customary',
  'us-labelling': 'US labelling',
  metric: 'Metric',
  australian: 'Australian',
  british: 'British, modern',
  imperial: 'British imperial, older books',
  japanese: 'Japanese',
};

/** Where their figures are laid down. */
const SOURCES: Readonly<Record<Standard, string>> = {
  'us-customary': 'US gallon of 231 cubic inches; cup 1/16, tablespoon 1/256, teaspoon 1/768 of it',
  'us-labelling': '21 CFR 101.9(b)(5)(viii)',
  metric: 'metric kitchen measures as sold',
  australian: 'Australian metric kitchen measures (cup 250 mL, tablespoon 20 mL)',
  british: 'British metric spoons; fluid ounce from the imperial gallon of 4.54609 L',
  imperial: 'imperial gallon of 4.54609 L; cup half a pint, tablespoon 5/8 fluid ounce',
  japanese: 'Japanese kitchen measures (cup 200 mL)',
};

/** What a measure standard is called: "US customary". */
export const standardName = (standard: Standard): string => NAMES[standard];

/** Where a standard's figures are laid down, in words. */
export const standardSource = (standard: Standard): string => SOURCES[standard];
