import type { Page } from '@playwright/test';

/** So long nothing moves on a screen that is laid out: more than any timer or chain of frames takes. */
const STILL = { milliseconds: 150, frames: 12 };

/** An editor and a chart are laid out some frames after the page: until nothing moves any more. */
export async function standsStill(page: Page): Promise<void> {
  await page.evaluate(
    (still) =>
      new Promise<void>((done) => {
        let places = '';
        let since = 0;
        let frames = 0;
        const look = (now: number): void => {
          const seen = Array.from(document.querySelectorAll('main *'))
            .map((element) => element.getBoundingClientRect())
            .map(({ x, y, width, height }) => [x, y, width, height].join(' '))
            .join();
          frames = seen === places ? frames + 1 : 0;
          if (frames === 0) [places, since] = [seen, now];
          if (frames >= still.frames && now - since >= still.milliseconds) done();
          else requestAnimationFrame(look);
        };
        requestAnimationFrame(look);
      }),
    STILL,
  );
}
