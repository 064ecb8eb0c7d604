import { toConversionReply } from '@ypsigram/contract/quick';
import { ask as answerTo } from '@ypsigram/core/quick';
import { openKitchen, type KitchenOptions } from './planning-kitchen.js';

/** Answers a quick question; 1 where there is no answer. */
export async function ask(
  question: string,
  options: KitchenOptions & { readonly json?: boolean },
): Promise<number> {
  const kitchen = await openKitchen(options);
  try {
    const context = await kitchen.planning.kitchen();
    const answer = answerTo(question, { ...context, standard: kitchen.standard });
    const reply = toConversionReply(answer, context.shelf);
    console.log(options.json ? JSON.stringify(reply, null, 2) : reply.says);
    return reply.kind === 'none' ? 1 : 0;
  } finally {
    await kitchen.close();
  }
}
