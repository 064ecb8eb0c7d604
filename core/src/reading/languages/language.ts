/** A language that recipes are read in, beside English. */
export interface Language {
  readonly id: 'german' | 'french';
  /**
   * Words and phrases in lower case, each with the English that says the same to a reader of
   * recipes. Dots, hyphens and apostrophes between the words of a phrase are read over, and so
   * are accents. A phrase goes before a word. Add a word in one line.
   */
  readonly words: Readonly<Record<string, string>>;
  /** Endings that may be taken off a word to find it: those of adjectives and plurals. */
  readonly endings: RegExp;
  /**
   * Last parts of words that are put together ("Feigen·marmelade"), and the English for each. What
   * stands before one is looked up by itself.
   */
  readonly heads: Readonly<Record<string, string>>;
  /** "Mandeln, gemahlen": behind the comma stands how it was bought, not what is done to it afterwards. */
  readonly listsKindBehind: boolean;
  /** "Noisettes concassées": a word right behind the name says what English says before it. */
  readonly describesBehind: boolean;
}
