const KEY = 'ypsigram.first-start-done';

/** Whether this browser was never done with the first questions. One that keeps nothing asks again. */
export function isFirstStart(): boolean {
  try {
    return localStorage.getItem(KEY) === null;
  } catch {
    return true;
  }
}

export function endFirstStart(): void {
  try {
    localStorage.setItem(KEY, 'done');
  } catch (error) {
    console.warn('This browser keeps nothing: the first questions are asked again.', error);
  }
}
