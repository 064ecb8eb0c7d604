import { expect, type Page } from '@playwright/test';
import type { KitchenServer } from './server';

export const TEA_CAKE = `Lock tea cake
Makes 8 slices

2 cups all-purpose flour
1 cup sugar
1/2 cup butter, softened
1/2 cup milk
2 large eggs
2 teaspoons baking powder
1/2 teaspoon salt

Method
Heat the oven to 180 °C.
Cream the butter and sugar.
Fold in the eggs, flour, baking powder, salt and milk.
Bake 30 to 35 minutes.
`;

interface PlannedLine {
  readonly id: string;
  readonly written: string;
  readonly intendedGrams: number;
}

interface Bake {
  readonly id: string;
  readonly plan: { readonly lines: readonly PlannedLine[]; readonly trying?: { note: string } };
}

/** What a baker does after the bench, and at the bench without looking. */
export class AfterTheBench {
  private made = 0;

  constructor(
    readonly page: Page,
    readonly server: KitchenServer,
  ) {}

  async ask<T>(path: string, body?: object, method = 'POST'): Promise<T> {
    const reply = await fetch(`${this.server.address}/api${path}`, {
      ...(body && {
        method,
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(body),
      }),
    });
    expect(reply.status, path).toBeLessThan(300);
    return (await reply.json()) as T;
  }

  private id(): string {
    this.made += 1;
    return `00000000-0000-4000-8000-${String(Date.now() % 1e6).padStart(6, '0')}${String(this.made).padStart(6, '0')}`;
  }

  /** Begins a bake of a recipe, as it is planned now. */
  begin(recipeId: string): Promise<Bake> {
    return this.ask<Bake>('/bakes', { id: this.id(), recipeId, handId: null });
  }

  /** Weighs every line of a bake, each so many times what was meant. */
  async weighAll(bake: Bake, times: (written: string) => number = () => 1): Promise<void> {
    const now = new Date().toISOString();
    const acts = bake.plan.lines.map(({ id, written, intendedGrams }) => ({
      do: 'weigh',
      line: id,
      route: 'container',
      grams: Number((intendedGrams * times(written)).toFixed(1)),
      scale: 'kitchen scale',
    }));
    await this.ask(`/bakes/${bake.id}/readings`, {
      sentAt: now,
      readings: acts.map((act) => ({
        id: this.id(),
        at: now,
        device: 'test',
        handId: null,
        act,
      })),
    });
  }

  recipeId(): string {
    return /recipes\/([\w-]+)/.exec(this.page.url())![1]!;
  }

  strip() {
    return this.page.getByRole('region', { name: 'Timers' });
  }
}
