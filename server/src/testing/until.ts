const LONGEST_MILLISECONDS = 10_000;
const LOOK_MILLISECONDS = 50;

/** Waits until something holds. @throws Error after ten seconds */
export async function until(holds: () => boolean): Promise<void> {
  const last = performance.now() + LONGEST_MILLISECONDS;
  while (!holds()) {
    if (performance.now() > last) throw new Error(`Still not so: ${String(holds)}`);
    await new Promise((resolve) => setTimeout(resolve, LOOK_MILLISECONDS));
  }
}
