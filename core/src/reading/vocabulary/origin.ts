/** Where a way of writing recipes comes from. */
export type Manner = 'american' | 'british' | 'australian' | 'imperial' | 'japanese';

/**
 * Signs of where a recipe was written, each with how much it says: 1 for a word that others use
 * too, 3 for one that settles it. Add a sign in one line.
 */
export const ORIGIN_SIGNS: readonly {
  readonly sign: RegExp;
  readonly manner: Manner;
  readonly weight: number;
}[] = [
  {
    sign: /\bsticks? (?:of )?(?:unsalted |salted )?(?:butter|margarine)\b/i,
    manner: 'american',
    weight: 3,
  },
  { sign: /\b\d{3} ?(?:°|º|degrees?) ?F(?:ahrenheit)?\b/i, manner: 'american', weight: 2 },
  { sign: /\ball[- ]purpose flour\b/i, manner: 'american', weight: 2 },
  { sign: /\bcake flour\b/i, manner: 'american', weight: 1 },
  { sign: /\bheavy (?:whipping )?cream\b/i, manner: 'american', weight: 2 },
  { sign: /\bhalf[- ]and[- ]half\b/i, manner: 'american', weight: 2 },
  { sign: /\b(?:confectioners['’]?s?|powdered) sugar\b/i, manner: 'american', weight: 2 },
  { sign: /\bkosher salt\b/i, manner: 'american', weight: 2 },
  { sign: /\bcorn ?starch\b/i, manner: 'american', weight: 2 },
  { sign: /\bmolasses\b/i, manner: 'american', weight: 1 },
  { sign: /\bbaking soda\b/i, manner: 'american', weight: 1 },
  { sign: /\bgraham crackers?\b/i, manner: 'american', weight: 2 },
  { sign: /\bquarts?\b/i, manner: 'american', weight: 1 },
  { sign: /\bgas (?:mark )?\d\b/i, manner: 'british', weight: 3 },
  { sign: /\bcaster sugar\b/i, manner: 'british', weight: 2 },
  { sign: /\bicing sugar\b/i, manner: 'british', weight: 2 },
  { sign: /\bplain (?:white )?flour\b/i, manner: 'british', weight: 2 },
  { sign: /\bself[- ]raising flour\b/i, manner: 'british', weight: 2 },
  { sign: /\bstrong (?:white |brown |bread )*flour\b/i, manner: 'british', weight: 2 },
  { sign: /\bwholemeal\b/i, manner: 'british', weight: 1 },
  { sign: /\bdouble cream\b/i, manner: 'british', weight: 2 },
  { sign: /\bbicarb(?:onate of soda)?\b/i, manner: 'british', weight: 2 },
  { sign: /\b(?:black )?treacle\b/i, manner: 'british', weight: 2 },
  { sign: /\bsultanas?\b/i, manner: 'british', weight: 1 },
  { sign: /\bdemerara\b/i, manner: 'british', weight: 1 },
  {
    sign: /\bfan(?:[- ]assisted| oven)?\b.{0,12}°? ?C\b|°? ?C\b.{0,12}\bfan\b/i,
    manner: 'british',
    weight: 1,
  },
  { sign: /\bdessert ?spoon(?:ful)?s?\b/i, manner: 'british', weight: 1 },
  {
    sign: /\b20 ?ml (?:table)?spoons?\b|\btablespoons? \(20 ?ml\)/i,
    manner: 'australian',
    weight: 4,
  },
  { sign: /\bdesiccated coconut\b/i, manner: 'australian', weight: 1 },
  {
    sign: /\b(?:gills?|saltspoon(?:ful)?s?|teacup(?:ful)?s?|breakfast ?cup(?:ful)?s?)\b/i,
    manner: 'imperial',
    weight: 3,
  },
  { sign: /\bimperial\b/i, manner: 'imperial', weight: 2 },
  { sign: /\b200 ?ml cups?\b|\bcups? \(200 ?ml\)/i, manner: 'japanese', weight: 4 },
];
