import { expect, type Locator, type Page } from '@playwright/test';

/** A figure as it is printed on a jug: a whole number, a fraction or both. */
function figureOf(whole: string | undefined, fraction: string | undefined): number {
  const [over, under] = (fraction ?? '0/1').split('/').map(Number);
  return Number(whole ?? 0) + over! / under!;
}

/** Practises as somebody at the counter would. */
export class Practising {
  constructor(private readonly page: Page) {}

  button(name: string | RegExp): Locator {
    return this.page.getByRole('button', { name });
  }

  async do(...names: readonly (string | RegExp)[]): Promise<void> {
    for (const name of names) await this.button(name).click();
  }

  /** Holds a button down for as long as it takes until something holds. */
  async holdUntil(name: string | RegExp, holds: () => Promise<boolean>): Promise<void> {
    await this.button(name).hover();
    await this.page.mouse.down();
    await expect.poll(holds, { intervals: [30], timeout: 30_000 }).toBe(true);
    await this.page.mouse.up();
  }

  async fillToAHeap(measure = 'cup'): Promise<void> {
    const heaped = this.page.getByText(`The ${measure} is well heaped.`);
    await this.holdUntil(/^Spoon in/, () => heaped.isVisible());
  }

  async sweep(degrees: number): Promise<void> {
    await this.page.getByRole('slider', { name: 'Blade' }).fill(String(degrees));
    await this.do('Sweep');
  }

  /** What is said to somebody who does not see the jug. */
  spoken(): Promise<string> {
    return this.page.locator('yg-jug-task .visually-hidden').innerText();
  }

  async eyeTo(millimetres: number): Promise<void> {
    const eye = this.page.getByRole('slider', { name: 'Height of your eye' });
    await eye.fill(String(millimetres));
  }

  /** Brings the eye level with the line that is asked for. */
  async eyeToTheLine(): Promise<void> {
    const steep = this.page.locator('.steep');
    const slider = this.page.getByRole('slider', { name: 'Height of your eye' });
    for (let look = 0; look < 12; look++) {
      const [, degrees, way] = /^(\d+)° (above|below)/.exec(await steep.innerText()) ?? [];
      if (!degrees) return;
      // The marks are 400 mm away.
      const off = 400 * Math.tan((Number(degrees) * Math.PI) / 180) * (way === 'above' ? 1 : -1);
      await this.eyeTo(Math.round(Number(await slider.inputValue()) - off));
      await this.drawn();
    }
    throw new Error('No height of the eye is level with the line.');
  }

  /** The figure that the jug is asked for, and that the eye reads now, in its unit. */
  async asked(): Promise<number> {
    const text = await this.page.locator('yg-jug-task .ask b').innerText();
    const [, whole, fraction] = /Pour in (?:(\d+)(?![\d/]))? ?(\d+\/\d+)?/.exec(text)!;
    return figureOf(whole, fraction);
  }

  /** What is read, as near as the marks around it tell; 0 while the jug is empty. */
  async seen(): Promise<number> {
    const said = await this.spoken();
    const marks = [...said.matchAll(/(?:mark|that) of (?:(\d+)(?![\d/]))? ?(\d+\/\d+)?/g)];
    const [mark, next] = marks.map(([, whole, fraction]) => figureOf(whole, fraction));
    if (mark === undefined) return 0;
    if (next !== undefined) return (mark + next) / 2;
    if (said.includes('just above')) return mark * 1.001;
    if (said.includes('just below')) return mark * 0.999;
    return mark;
  }

  /** What was just done shows from the second frame on. */
  drawn(): Promise<void> {
    return this.page.evaluate(
      () =>
        new Promise((shown) => requestAnimationFrame(() => requestAnimationFrame(() => shown()))),
    );
  }

  async dripToADome(): Promise<void> {
    const dome = this.page.getByText('The spoon: a slight dome.');
    for (let drips = 0; drips < 400 && !(await dome.isVisible()); drips++) {
      await this.do('Three drops more');
      await this.drawn();
    }
  }

  /** Pours until the eye reads what is asked for, by single small pours at the end. */
  async pourByEye(): Promise<void> {
    const wanted = await this.asked();
    await this.holdUntil(/^Pour hold/, async () => (await this.seen()) > 0.7 * wanted);
    for (let pours = 0; pours < 200; pours++) {
      const off = (await this.seen()) - wanted;
      if (off === 0) return;
      await this.do(off < 0 ? 'A little more' : 'A little less');
      await this.drawn();
    }
    throw new Error(`It never looked like ${wanted}.`);
  }
}
