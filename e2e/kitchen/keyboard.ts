import { expect, type Locator, type Page } from '@playwright/test';

/** More stops than any page has: then Tab has been everywhere. */
const MOST_STOPS = 160;

/** Somebody who has a keyboard and nothing else. */
export class Keyboard {
  constructor(readonly page: Page) {}

  /** Presses Tab until it stands there, and sees that it does. */
  async tabTo(there: Locator): Promise<void> {
    await expect(there).toBeAttached();
    for (let stops = 0; stops < MOST_STOPS; stops++) {
      if (await there.evaluate((element) => element === document.activeElement)) {
        await this.expectSeen(there);
        return;
      }
      await this.page.keyboard.press('Tab');
    }
    throw new Error(`Tab never comes to ${String(there)}`);
  }

  async press(there: Locator, key = 'Enter'): Promise<void> {
    await this.tabTo(there);
    await this.page.keyboard.press(key);
    await this.expectHeld();
  }

  async type(there: Locator, text: string): Promise<void> {
    await this.press(there, 'ControlOrMeta+a');
    await this.page.keyboard.insertText(text);
  }

  /** The option of a list that begins with these letters, or the value of a radio a few arrows on. */
  async choose(there: Locator, letters: string): Promise<void> {
    await this.tabTo(there);
    await this.page.keyboard.type(letters);
  }

  /** What an act takes away leaves the keyboard in the page, near where it was. */
  private async expectHeld(): Promise<void> {
    const isHeld = (): Promise<boolean> =>
      this.page.evaluate(() => document.activeElement !== document.body);
    await expect.poll(isHeld, 'the keyboard stays in the page').toBe(true);
  }

  /** What has the focus shows it by a line around it, and lies in the window. */
  private async expectSeen(there: Locator): Promise<void> {
    await expect(there).toBeInViewport();
    const isMarked = (): Promise<boolean> =>
      there.evaluate((element) => {
        // A radio or a check box in a card of its own may leave the line to the card.
        const shown = [element, element.closest('label'), element.closest('.cm-editor')];
        return shown.some((one) => {
          if (!one) return false;
          const { outlineStyle, outlineWidth, boxShadow } = getComputedStyle(one);
          return (outlineStyle !== 'none' && outlineWidth !== '0px') || boxShadow !== 'none';
        });
      });
    // The line of a button fades in.
    await expect.poll(isMarked, `the focus shows at ${String(there)}`).toBe(true);
  }
}
