/** Words that ask, in the languages that are read: they name nothing. */
export const ASKING_WORDS: ReadonlySet<string> = new Set(
  `how much many what whats what's is are does do it make makes equal equals per of a an the in to into
  for from as pls please convert converted conversion change weight weigh weighs heavy approx about
  there worth i need have if my me tell
  wie viel wieviel viele wiegt wiegen ist sind eine ein einer einen im entspricht
  combien pèse pese pèsent font fait de d du une un en`.split(/\s+/),
);

/** What is meant by sticks alone. */
export const SOLD_IN_STICKS = 'butter';
