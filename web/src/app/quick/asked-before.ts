const MEMORY_KEY = 'ypsigram.asked';
/** So many questions are offered again. */
const MOST = 10;

/** What was asked on this device before, the last first; nothing where the browser keeps nothing. */
export function askedBefore(): readonly string[] {
  try {
    const known: unknown = JSON.parse(localStorage.getItem(MEMORY_KEY) ?? '[]');
    return Array.isArray(known)
      ? known.filter((one) => typeof one === 'string').slice(0, MOST)
      : [];
  } catch {
    // A browser that keeps nothing, or something that is not ours: it is only not offered again.
    return [];
  }
}

/** Keeps a question that was answered; asked again, it stands first. */
export function rememberQuestion(question: string): void {
  const asked = question.trim();
  if (asked === '') return;
  const all = [asked, ...askedBefore().filter((one) => one !== asked)].slice(0, MOST);
  try {
    localStorage.setItem(MEMORY_KEY, JSON.stringify(all));
  } catch {
    // It is answered all the same.
  }
}
