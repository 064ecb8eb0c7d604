import Papa from 'papaparse';

/** A household measure of a food, in the table's own words: "cup, chopped", "medium (3\" dia)". */
export interface FoodMeasure {
  readonly amount: number;
  readonly measure: string;
  readonly grams: number;
}

/** A food of the public table: USDA National Nutrient Database for Standard Reference, release 24 (2011). */
export interface Food {
  /** Its five figures, by which it is cited. */
  readonly number: string;
  readonly name: string;
  readonly group: string;
  /** Grams in 100 g; null where the table says nothing. */
  readonly water: number | null;
  readonly fat: number | null;
  readonly sugars: number | null;
  readonly measures: readonly FoodMeasure[];
}

type Row = Readonly<
  Record<
    'ndb' | 'name' | 'group' | 'water_g' | 'fat_g' | 'sugars_g' | 'amount' | 'measure' | 'grams',
    string
  >
>;

const figure = (text: string): number | null => (text === '' ? null : Number(text));

/**
 * The foods of the table, in its order, from its rows as comma-separated values with a header.
 * A row whose grams or amount are no figures is left out.
 */
export function readFoods(csv: string): readonly Food[] {
  const { data } = Papa.parse<Row>(csv, { header: true, skipEmptyLines: true });
  const foods = new Map<string, Omit<Food, 'measures'> & { measures: FoodMeasure[] }>();
  for (const row of data) {
    const [amount, grams] = [Number(row.amount), Number(row.grams)];
    if (!(amount > 0) || !(grams > 0)) continue;
    let food = foods.get(row.ndb);
    if (!food) {
      food = {
        number: row.ndb,
        name: row.name,
        group: row.group,
        water: figure(row.water_g),
        fat: figure(row.fat_g),
        sugars: figure(row.sugars_g),
        measures: [],
      };
      foods.set(row.ndb, food);
    }
    food.measures.push({ amount, measure: row.measure, grams });
  }
  return [...foods.values()];
}
