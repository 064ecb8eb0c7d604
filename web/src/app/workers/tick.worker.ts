// Browsers slow the clocks of windows that nobody sees, but not those of workers.
const BEAT_MILLISECONDS = 500;
setInterval(() => postMessage(null), BEAT_MILLISECONDS);
