import { createEmptyCard, fsrs, Rating, type Card, type Grade } from 'ts-fsrs';
import { SKILLS, sameSkill, type Skill } from './skill.js';
import { isYours, streakOf, type PracticeTry } from './tries.js';

/** The scheduler with its published parameters; nothing of it is left to chance. */
const SCHEDULER = fsrs({ enable_fuzz: false });

/** So far off, as a multiple of the tolerance, is still remembered "hard" and not forgotten. */
const HARD_WITHIN = 2;

/** How well something was remembered, as the scheduler has it. */
export function gradeOf({ isGood, off, tolerance }: Omit<PracticeTry, 'skill' | 'at'>): Grade {
  if (isGood) return Rating.Good;
  if (off === null || tolerance === null) return Rating.Again;
  return Math.abs(off) <= HARD_WITHIN * tolerance ? Rating.Hard : Rating.Again;
}

/** Where somebody stands with a skill. */
export interface Standing {
  readonly skill: Skill;
  /** Oldest first; empty while it was never tried. */
  readonly tries: readonly PracticeTry[];
  /** When it comes back, as an ISO instant; null while it was never tried. */
  readonly due: string | null;
  /** How many good ones stand at the end. */
  readonly streak: number;
  /** Three good ones in a row were reached. */
  readonly isYours: boolean;
}

/** When something comes back that was tried like this, oldest first. Null without a try. */
export function dueAfter(tries: readonly PracticeTry[]): Date | null {
  let card: Card | null = null;
  for (const one of tries) {
    const at = new Date(one.at);
    card = SCHEDULER.next(card ?? createEmptyCard(at), at, gradeOf(one)).card;
  }
  return card?.due ?? null;
}

/** Where somebody stands with every skill, by all that was tried, in the order of learning. */
export function standings(tries: readonly PracticeTry[]): readonly Standing[] {
  const inOrder = [...tries].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  return SKILLS.map((skill) => {
    const mine = inOrder.filter((one) => sameSkill(one.skill, skill));
    return {
      skill,
      tries: mine,
      due: dueAfter(mine)?.toISOString() ?? null,
      streak: streakOf(mine),
      isYours: isYours(mine),
    };
  });
}

/** What was tried of one skill, oldest first. */
export const triesOf = (all: readonly Standing[], skill: Skill): readonly PracticeTry[] =>
  all.find((one) => sameSkill(one.skill, skill))?.tries ?? [];

/** What is due up to a moment, the longest due first. */
export const dueUntil = (all: readonly Standing[], until: Date): readonly Standing[] =>
  all
    .filter(({ due }) => due !== null && Date.parse(due) <= until.getTime())
    .sort((a, b) => Date.parse(a.due!) - Date.parse(b.due!));

/** How long one go takes, in seconds. */
const SECONDS: Readonly<Record<Skill['kind'], number>> = { fill: 45, jug: 30, question: 20 };
/** A sitting. */
export const SITTING_SECONDS = 300;
/** At most so many skills that were never tried come up in one sitting. */
const MOST_NEW = 4;

/**
 * Five minutes of practice: what is due, then a few skills that are new; where that is little, what
 * comes back soonest. Never empty.
 */
export function sitting(all: readonly Standing[], until: Date): readonly Skill[] {
  const due = dueUntil(all, until);
  const fresh = all.filter(({ due: at }) => at === null).slice(0, MOST_NEW);
  const soon = all
    .filter((one) => one.due !== null && !due.includes(one))
    .sort((a, b) => Date.parse(a.due!) - Date.parse(b.due!));
  const chosen: Skill[] = [];
  let seconds = 0;
  for (const { skill } of [...due, ...fresh, ...soon]) {
    if (seconds + SECONDS[skill.kind] > SITTING_SECONDS) break;
    chosen.push(skill);
    seconds += SECONDS[skill.kind];
  }
  return chosen;
}
