import type { TrialDraft } from '@ypsigram/contract';
import { knownIngredient } from '@ypsigram/core/shelf';
import { drawFill, randomFrom } from '@ypsigram/core/chance';
import { densityOf } from '@ypsigram/core/measuring';
import { GREBE, MOORHEN } from './kitchen.js';

const CUP_MILLILITRES = 236.5882365;
/** The first Saturday of practice, and the days between two sessions. */
const FIRST_SESSION = Date.UTC(2026, 8, 5, 8, 30);
const DAYS_BETWEEN = 7;
const DAY = 86_400_000;
const MINUTE = 60_000;

/** One thing that somebody practised: how heavy a hand, how steady, and how that changes. */
interface Practice {
  readonly handId: string;
  readonly ingredientId: string;
  readonly method: TrialDraft['method'];
  readonly sessions: number;
  readonly perSession: number;
  readonly bias: number;
  /** Bias gained, or lost, from one session to the next. */
  readonly biasPerSession: number;
  readonly spread: number;
}

const FLOUR = 'flour-wheat-all-purpose';

const PRACTICE: readonly Practice[] = [
  practice(GREBE, FLOUR, 'spooned', { bias: 0.015, spread: 0.025, sessions: 6, perSession: 3 }),
  practice(GREBE, FLOUR, 'dipped', { bias: 0.02, spread: 0.045, sessions: 2, perSession: 4 }),
  practice(GREBE, 'sugar-brown', 'packed', {
    bias: -0.02,
    spread: 0.03,
    sessions: 2,
    perSession: 4,
  }),
  practice(GREBE, 'oats-rolled', 'level', { bias: 0.01, spread: 0.04, sessions: 2, perSession: 3 }),
  practice(MOORHEN, FLOUR, 'spooned', {
    bias: 0.15,
    biasPerSession: -0.018,
    spread: 0.03,
    sessions: 6,
    perSession: 3,
  }),
  practice(MOORHEN, FLOUR, 'dipped', { bias: 0.06, spread: 0.06, sessions: 2, perSession: 4 }),
  practice(MOORHEN, 'sugar-brown', 'packed', {
    bias: 0.03,
    spread: 0.035,
    sessions: 2,
    perSession: 4,
  }),
  practice(MOORHEN, 'oats-rolled', 'level', {
    bias: 0.05,
    spread: 0.05,
    sessions: 2,
    perSession: 3,
  }),
];

function practice(
  handId: string,
  ingredientId: string,
  method: TrialDraft['method'],
  how: Omit<Practice, 'handId' | 'ingredientId' | 'method' | 'biasPerSession'> &
    Partial<Pick<Practice, 'biasPerSession'>>,
): Practice {
  return { handId, ingredientId, method, biasPerSession: 0, ...how };
}

const CONDITIONS = ['', 'damp day', '', 'new bag', '', ''] as const;

/** Some forty trials of each hand over six Saturdays, drawn from the error model, the same each time. */
export function demoTrials(): readonly TrialDraft[] {
  return [...PRACTICE.flatMap(trialsOf), ...SLIPS].sort((a, b) => a.at.localeCompare(b.at));
}

function trialsOf(of: Practice, number: number): TrialDraft[] {
  const { handId, ingredientId, method, sessions, perSession } = of;
  const random = randomFrom(1000 + number);
  const { gramsPerMillilitre } = densityOf({
    ingredient: knownIngredient(ingredientId),
    form: null,
    method,
    size: 'cup',
  })!;
  return Array.from({ length: sessions * perSession }, (_, index): TrialDraft => {
    const session = Math.floor(index / perSession);
    const grams = drawFill(
      {
        gramsPerMillilitre,
        millilitres: CUP_MILLILITRES,
        toolBias: 0,
        handBias: of.bias + session * of.biasPerSession,
        fillSpread: of.spread,
      },
      random,
    );
    const minutes = 9 * number + 2 * (index % perSession);
    return {
      handId,
      ingredientId,
      form: null,
      method,
      tool: '1 cup',
      millilitres: CUP_MILLILITRES,
      grams: Math.round(grams),
      at: new Date(FIRST_SESSION + session * DAYS_BETWEEN * DAY + minutes * MINUTE).toISOString(),
      source: session === 0 ? 'typed' : 'scale',
      conditions: CONDITIONS[session] ?? '',
    };
  });
}

const slip = (grams: number, week: number, verdict: TrialDraft['verdict'] = null): TrialDraft => ({
  handId: MOORHEN,
  ingredientId: FLOUR,
  form: null,
  method: 'spooned',
  tool: '1 cup',
  millilitres: CUP_MILLILITRES,
  grams,
  at: new Date(FIRST_SESSION + week * DAYS_BETWEEN * DAY + 55 * MINUTE).toISOString(),
  source: 'scale',
  conditions: '',
  verdict,
});

/** A bowl that was not tared away, still to be decided, and a second cup on top, set aside. */
const SLIPS: readonly TrialDraft[] = [slip(446, 5), slip(268, 2, 'aside')];
