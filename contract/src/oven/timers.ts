import { z } from 'zod';
import { instant, nameText } from '../parts.js';

const MOST_NAME = 60;

const timerAwaits = z.discriminatedUnion('what', [
  z.strictObject({ what: z.enum(['step', 'heat']), step: z.string().min(1).max(80) }),
  z.strictObject({ what: z.enum(['look', 'turn-out']), tray: z.int().min(1).max(100) }),
]);

export const timerDraft = z.strictObject({
  name: nameText(MOST_NAME, 'Give the timer a name.'),
  bakeId: z.uuid().nullable().default(null),
  recipeId: z.uuid().nullable().default(null),
  endsAt: instant.meta({ description: 'When it rings; a timer is nothing but this moment.' }),
  startedAt: instant,
  awaits: timerAwaits.nullable().default(null).meta({
    description: 'What of its bake it waits for: doing that ends it.',
  }),
});

export const timer = z.object({ id: z.uuid(), ...timerDraft.shape });

export const timerList = z.object({
  now: instant.meta({ description: 'By the clock of the server, to set others right by.' }),
  items: z.array(timer),
});

export type Timer = z.infer<typeof timer>;
export type TimerDraft = z.input<typeof timerDraft>;
export type TimerList = z.infer<typeof timerList>;
