import type { IngredientClass, Method } from '../../catalogue/index.js';
import type { ScaleUnit } from '../../bench/index.js';
import type { Standard } from '../../units/index.js';

/** What is asked about. */
export const TOPICS = [
  'technique',
  'tool',
  'heavier',
  'ounces',
  'tablespoons',
  'wording',
  'scale',
  'order',
  'estimate',
] as const;
/** One of `TOPICS`. */
export type Topic = (typeof TOPICS)[number];

/** A cup of something, filled in a way, and what it weighs. */
export interface CupOf {
  readonly ingredientId: string;
  readonly form: string | null;
  readonly method: Method;
  readonly grams: number;
}

/** How a cup of something is filled well: each class has a way of its own. */
export interface TechniqueQuestion {
  readonly topic: 'technique';
  readonly ingredientId: string;
  /** Whose class's way each choice is. */
  readonly choices: readonly IngredientClass[];
  readonly right: number;
}

/** What something is measured in. */
export interface ToolQuestion {
  readonly topic: 'tool';
  readonly ingredientId: string;
  readonly choices: readonly ['dry-cup', 'jug'];
  readonly right: number;
}

/** Which of two cups is heavier, and by how many grams. */
export interface HeavierQuestion {
  readonly topic: 'heavier';
  readonly cups: readonly [CupOf, CupOf];
  readonly choices: readonly { readonly cup: 0 | 1; readonly grams: number }[];
  readonly right: number;
}

/** What a bare "oz" means, or which ounce is more of something. */
export interface OuncesQuestion {
  readonly topic: 'ounces';
  readonly asks: 'read-as' | 'which-more';
  readonly ingredientId: string;
  readonly ounces: number;
  /** What it weighs as ounces of weight and as fluid ounces. */
  readonly byWeight: number;
  readonly byVolume: number;
  readonly choices: readonly ('weight' | 'volume' | 'either')[];
  readonly right: number;
}

/** How much so many tablespoons of a country are, in millilitres. */
export interface TablespoonsQuestion {
  readonly topic: 'tablespoons';
  readonly standard: Standard;
  readonly count: number;
  readonly choices: readonly number[];
  readonly right: number;
}

/** What is done first by a recipe's wording, and what that makes of the weight. */
export interface WordingQuestion {
  readonly topic: 'wording';
  readonly written: string;
  readonly ingredientId: string;
  /** What is done to it: "sifted", "chopped", "melted". */
  readonly done: string;
  /** The weight if it is done before measuring, and if after. */
  readonly before: number;
  readonly after: number;
  readonly choices: readonly ('before' | 'after')[];
  readonly right: number;
}

/** What is wrong at a scale. */
export const SCALE_SLIPS = ['nothing', 'not-tared', 'ounces', 'water', 'too-little'] as const;
/** One of `SCALE_SLIPS`. */
export type ScaleSlip = (typeof SCALE_SLIPS)[number];

/** Spot the slip at a drawn scale. */
export interface ScaleQuestion {
  readonly topic: 'scale';
  readonly ingredientId: string;
  /** What the recipe asks for: grams, or millilitres where it is a volume. */
  readonly wanted: { readonly unit: 'g' | 'ml'; readonly amount: number };
  readonly bowlGrams: number;
  /** What is really in the bowl. */
  readonly contentGrams: number;
  readonly unit: ScaleUnit;
  readonly shown: string;
  readonly gridGrams: number;
  readonly choices: readonly ScaleSlip[];
  readonly right: number;
}

/** Four cups of different things, to be put in order of their weight. */
export interface OrderQuestion {
  readonly topic: 'order';
  readonly cups: readonly CupOf[];
  /** The indexes of the cups, light to heavy. */
  readonly right: readonly number[];
}

/** How many grams so many measures of something are, to within a tenth. */
export interface EstimateQuestion {
  readonly topic: 'estimate';
  readonly count: number;
  readonly unit: 'cup' | 'tbsp' | 'tsp';
  readonly cup: CupOf;
  readonly right: number;
}

/** A question, drawn from the shelf. */
export type PracticeQuestion =
  | TechniqueQuestion
  | ToolQuestion
  | HeavierQuestion
  | OuncesQuestion
  | TablespoonsQuestion
  | WordingQuestion
  | ScaleQuestion
  | OrderQuestion
  | EstimateQuestion;

/** What somebody says to a question. */
export type PracticeAnswer =
  { readonly choice: number } | { readonly order: readonly number[] } | { readonly grams: number };

/** An estimate within a tenth is right. */
export const ESTIMATE_WITHIN = 0.1;

/** Whether the answer is right. An answer of another kind than the question's is not. */
export function isRightAnswer(question: PracticeQuestion, answer: PracticeAnswer): boolean {
  switch (question.topic) {
    case 'order':
      return (
        'order' in answer &&
        answer.order.length === question.right.length &&
        question.right.every((cup, at) => answer.order[at] === cup)
      );
    case 'estimate':
      return 'grams' in answer && Math.abs(answer.grams / question.right - 1) <= ESTIMATE_WITHIN;
    default:
      return 'choice' in answer && answer.choice === question.right;
  }
}
