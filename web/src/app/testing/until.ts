const LONGEST_MS = 4000;

/** Waits until something holds, looking again after whatever else is due. @throws after four seconds */
export async function until(holds: () => boolean | Promise<boolean>): Promise<void> {
  const last = performance.now() + LONGEST_MS;
  while (!(await holds())) {
    if (performance.now() > last) throw new Error(`Still not so: ${String(holds)}`);
    await new Promise((resolve) => setTimeout(resolve));
  }
}
