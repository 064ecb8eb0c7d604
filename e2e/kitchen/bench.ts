import { fillName } from '@ypsigram/contract';
import type { PlannedFill } from '@ypsigram/core/fills';
import { expect, type Page } from '@playwright/test';
import type { KitchenServer } from './server';

/** A line of a bake, as far as these tests look at it. */
export interface Line {
  readonly id: string;
  readonly name: string;
  readonly ingredientId: string;
  readonly intendedGrams: number;
  readonly weight: { readonly grams: number; readonly grid: number };
  readonly measure: {
    readonly method: string;
    readonly fills: readonly PlannedFill[];
  };
  readonly route: string;
}

/** The tools of its measure, one for each fill. */
export const plannedFills = ({ measure }: Line): string[] =>
  measure.fills.flatMap(({ tool, count }) => Array<string>(count).fill(tool));

interface Act {
  readonly do: string;
  readonly line?: string;
  readonly grams?: number | null;
  readonly tool?: string;
  readonly reading?: string;
}

interface Bake {
  readonly id: string;
  readonly plan: {
    readonly lines: readonly Line[];
    readonly bowls: readonly { readonly lines: readonly string[] }[];
  };
  readonly readings: readonly { readonly id: string; readonly act: Act }[];
}

/** What a baker does at the bench, with the simulated scale as their hands. */
export class AtTheBench {
  constructor(
    readonly page: Page,
    readonly server: KitchenServer,
  ) {}

  /** From Recipes to Measure of the cardamom knots, doubled, by the way that is named. */
  async begin(way: string): Promise<void> {
    const { page } = this;
    await page.goto(`${this.server.address}/recipes`);
    await page.getByRole('link', { name: 'Cardamom knots' }).click();
    await page.getByRole('textbox', { name: 'Factor' }).fill('2');
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
    await page.getByRole('link', { name: /^Measure/ }).click();
    await page.getByRole('radio', { name: way }).check();
    await page.getByRole('button', { name: 'Begin the bake' }).click();
    await expect(this.atHand()).toBeVisible();
  }

  atHand() {
    return this.page.getByRole('region', { name: 'At hand' });
  }

  private bakeId(): string {
    return /measure\/([\w-]+)/.exec(this.page.url())![1]!;
  }

  /** The bake as the server keeps it. */
  async bake(): Promise<Bake> {
    const reply = await fetch(`${this.server.address}/api/bakes/${this.bakeId()}`);
    return (await reply.json()) as Bake;
  }

  /** The lines in the order of the work. */
  async lines(): Promise<readonly Line[]> {
    const { plan } = await this.bake();
    return plan.bowls.flatMap(({ lines }) =>
      lines.map((id) => plan.lines.find((line) => line.id === id)!),
    );
  }

  private async lastGrams(line: Line): Promise<number | null> {
    const { readings } = await this.bake();
    const acts = readings.map(({ act }) => act);
    return acts.findLast((act) => act.do === 'weigh' && act.line === line.id)?.grams ?? null;
  }

  /** The weight that was kept of a line, once the server has it. */
  async keptGrams(line: Line): Promise<number> {
    await expect.poll(() => this.lastGrams(line)).not.toBeNull();
    return (await this.lastGrams(line))!;
  }

  /** Waits until the server has this weight of a line, to a gram. */
  async expectKept(line: Line, grams: number): Promise<void> {
    await expect
      .poll(async () => Math.abs(((await this.lastGrams(line)) ?? Infinity) - grams), line.name)
      .toBeLessThanOrEqual(1);
  }

  /** Waits until the server has these fills of a line, in their order. */
  async expectFills(line: Line, tools: readonly string[]): Promise<void> {
    await expect
      .poll(async () => (await this.keptFills(line)).map(({ tool }) => tool), line.name)
      .toEqual(tools);
  }

  /** The fills that were kept of a line, those taken back left out. */
  async keptFills(line: Line): Promise<readonly Act[]> {
    const { readings } = await this.bake();
    // What took something back may have been taken back itself.
    const undone = new Set<string>();
    for (const { id, act } of readings.toReversed()) {
      if (act.do === 'undo' && !undone.has(id)) undone.add(act.reading!);
    }
    return readings
      .filter(({ id, act }) => act.do === 'fill' && act.line === line.id && !undone.has(id))
      .map(({ act }) => act);
  }

  /** Does something at the simulated scale. */
  async simulate(command: object): Promise<{ loads: { grams: number; kind: string }[] }> {
    const reply = await fetch(`${this.server.address}/api/scale/simulation`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(command),
    });
    expect(reply.status).toBe(200);
    return (await reply.json()) as { loads: { grams: number; kind: string }[] };
  }

  async connectScale(): Promise<void> {
    await this.page.getByRole('button', { name: 'Connect the scale' }).click();
    await this.page.getByRole('button', { name: 'Simulated scale' }).click();
    await this.settles();
  }

  strip() {
    return this.page.getByRole('region', { name: 'Scale', exact: true });
  }

  /** What lies on the simulated scale. */
  async loads(): Promise<readonly { grams: number }[]> {
    const reply = await fetch(`${this.server.address}/api/scale/simulation`);
    return ((await reply.json()) as { loads: { grams: number }[] }).loads;
  }

  /** What the scale shows now. */
  async shownGrams(): Promise<number> {
    const reply = await fetch(`${this.server.address}/api/scale`);
    return ((await reply.json()) as { reading: { grams: number } }).reading.grams;
  }

  /** Waits until the scale has settled with so much on it, containers and all. */
  async settles(grossGrams = 0): Promise<void> {
    await expect(async () => {
      const reply = await fetch(`${this.server.address}/api/scale`);
      const { reading } = (await reply.json()) as {
        reading: { isStable: boolean; grams: number; tareGrams: number };
      };
      expect(reading.isStable).toBe(true);
      expect(Math.abs(reading.grams + reading.tareGrams - grossGrams)).toBeLessThanOrEqual(4);
    }).toPass({ timeout: 30_000 });
  }

  async expectReady(count: number): Promise<void> {
    await expect(
      this.page.getByText(new RegExp(`^\\s*${count} of \\d+ ready`)).first(),
    ).toBeVisible();
  }

  /** Goes to a line by its container on the tray. */
  async goTo(line: Line, at = 0): Promise<void> {
    const tray = this.page.getByRole('group', { name: /^Tray/ });
    await tray
      .getByRole('button', { name: new RegExp(`^${line.name}:`) })
      .nth(at)
      .click();
    await expect(this.atHand().getByRole('heading', { name: line.name })).toBeVisible();
  }

  /** One fill of what is to be measured, by the button that names it. */
  async addFill(fill: PlannedFill): Promise<void> {
    const name = fillName(fill);
    await this.press(`Add ${fill.kind === 'egg' ? `an ${name}` : name}`);
  }

  async press(name: string | RegExp): Promise<void> {
    await this.atHand().getByRole('button', { name, exact: true }).click();
    if (name === 'Tare the scale') await this.isTared();
  }

  /** Nobody pours before the scale shows nothing: the page's wish is on its way until then. */
  private async isTared(): Promise<void> {
    await expect
      .poll(async () => Math.abs(await this.shownGrams()), { intervals: [30] })
      .toBeLessThanOrEqual(2);
  }

  /** Types a weight, as from a scale that is not connected. */
  async type(grams: number): Promise<void> {
    await this.press('Type the weight instead');
    await this.atHand().getByRole('textbox').fill(String(grams));
    await this.press('Add');
  }

  /** Puts a container on, tares it and adds so much. */
  async weighInContainer(line: Line, container: string, grams: number): Promise<void> {
    await this.simulate({ do: 'clear' });
    const finer = this.atHand().getByRole('button', { name: 'Use the fine scale' });
    if (line.weight.grid < 1) {
      if ((await this.strip().innerText()).includes('kitchen scale')) await finer.click();
    } else if ((await this.strip().innerText()).includes('fine scale')) {
      await this.simulate({ do: 'use', scale: 'kitchen scale' });
      await this.page.reload();
    }
    const weighs = { 'steel cup': 78, 'white enamel bowl': 312 }[container]!;
    await this.settles(0);
    await this.simulate({ do: 'put-container', name: container, grams: weighs });
    await this.settles(weighs);
    // The same container as before is tared already.
    const tare = this.atHand().getByRole('button', { name: 'Tare the scale' });
    const ready = this.atHand().getByRole('button', { name: /^(?:Add some|Keep adding)$/ });
    await expect(tare.or(ready)).toBeVisible();
    if (await tare.isVisible()) await this.press('Tare the scale');
    await expect(ready).toBeVisible();
    await this.simulate({ do: 'put', ingredientId: line.ingredientId, grams });
  }
}
