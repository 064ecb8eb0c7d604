import type { PlanReply } from '@ypsigram/contract';

/** A recipe of a book, planned for each batch that it can be turned to. */
export interface BookRecipe {
  readonly title: string;
  readonly author: string | null;
  /** By factor, in the order in which they are offered. */
  readonly plans: readonly PlanReply[];
  /** Which of them is shown at first. */
  readonly at: number;
}
