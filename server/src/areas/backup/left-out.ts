import type { ListName } from './parts.js';

/** What a row of each list is called. */
const CALLED: Readonly<Record<ListName, readonly [one: string, many: string]>> = {
  authors: ['author', 'authors'],
  recipes: ['recipe', 'recipes'],
  trials: ['trial', 'trials'],
  bakes: ['bake', 'bakes'],
  photos: ['photo', 'photos'],
  tries: ['practice try', 'practice tries'],
  timers: ['timer', 'timers'],
};

/** So many of a kind are told one by one. */
const MOST_TOLD = 5;

export const inPlural = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`;

/** Gathers what of a backup can't be taken, and tells it in a sentence for each list. */
export class LeftOut {
  private readonly rows = new Map<ListName, string[]>();
  private readonly readings = new Map<string, number>();

  row(of: ListName, which: string, why: string): void {
    this.rows.set(of, [...(this.rows.get(of) ?? []), `${which} (${why})`]);
  }

  reading(bake: string): void {
    this.readings.set(bake, (this.readings.get(bake) ?? 0) + 1);
  }

  sentences(): readonly string[] {
    const rows = [...this.rows].map(([of, told]) => {
      const more = told.length - MOST_TOLD;
      const list = told.slice(0, MOST_TOLD).join('; ') + (more > 0 ? `; and ${more} more` : '');
      return `${inPlural(told.length, ...CALLED[of])} can’t be read and will be left out: ${list}.`;
    });
    const readings = [...this.readings].map(
      ([bake, count]) =>
        `${inPlural(count, 'step', 'steps')} of the bake ${bake} can’t be read and will be left out.`,
    );
    return [...rows, ...readings];
  }
}
