/**
 * Loads the page as the server has it now: the copy that the browser kept is let go first. What was
 * typed into a recipe is kept, and comes back.
 */
export async function loadAnew(): Promise<void> {
  const kept = (await navigator.serviceWorker?.getRegistrations()) ?? [];
  await Promise.all(kept.map((registration) => registration.unregister()));
  window.location.reload();
}
