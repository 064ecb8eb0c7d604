import { z } from 'zod';

/** No address that people pass on is longer. */
const LONGEST_ADDRESS = 2000;
const WRITE_ADDRESS = 'Write a web address, such as https://example.org/rye-bread.';

/** The address as an address; one without a beginning is meant for the web. */
const webAddress = z
  .string(WRITE_ADDRESS)
  .trim()
  .min(1, WRITE_ADDRESS)
  .max(LONGEST_ADDRESS, `An address has at most ${LONGEST_ADDRESS} characters.`)
  .transform((text) => (/^[a-z][a-z0-9+.-]*:/i.test(text) ? text : `https://${text}`))
  .refine((text) => /^https?:/i.test(text), {
    error: 'Only pages of the web are opened: http or https.',
    abort: true,
  })
  .pipe(z.url({ protocol: /^https?$/i, hostname: /^\S+$/, error: WRITE_ADDRESS }));

export const webPageRequest = z.strictObject({ address: webAddress });

/** A recipe as imports take it. */
const foundRecipe = z
  .looseObject({
    title: z.string().nullable(),
    text: z.string(),
    author: z.string().nullable(),
  })
  .meta({
    description:
      'As `POST /api/imports` takes it; with its settings, where the page was made by this program.',
  });

/** The recipes of a page of the web. */
export const webPageReply = z.object({
  address: z.string().meta({ description: 'Where it was found, after it led elsewhere.' }),
  recipes: z.array(foundRecipe).min(1),
});

/** Whether pages are got here, and which there are to try it on. */
export const webPagesState = z.object({
  isOn: z.boolean(),
  samples: z
    .array(z.object({ title: z.string(), address: z.string() }))
    .meta({ description: 'Made-up pages that ship with the demo, without any network.' }),
});

export type WebPageReply = z.infer<typeof webPageReply>;
export type WebPagesState = z.infer<typeof webPagesState>;
