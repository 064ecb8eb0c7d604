/** The places of the app that say what they are; a route names its own as its data `place`. */
export const PLACE_IDS = [
  'recipes',
  'files',
  'text',
  'amounts',
  'how-sure',
  'measure',
  'make',
  'log',
  'ingredients',
  'kitchen',
  'tools',
  'ovens',
  'people',
  'authors',
  'settings',
  'practice',
] as const;
export type PlaceId = (typeof PLACE_IDS)[number];
