import { z } from 'zod';
import { BOUNDED } from '@ypsigram/core/catalogue';
import { FORGIVEN_PARTS, type ForgivenPart } from '@ypsigram/core/baking';
import { lineAnswerList } from './answers.js';
import { balance, lineChoices } from './balance.js';
import { BATCH_WANTED, batchSetting } from './batch.js';
import { gridWeight, plannedFill, shown } from './measures.js';
import {
  amount,
  bakeKind,
  intended,
  lineKind,
  method,
  methods,
  recipeText,
  rung,
  sourceRef,
  standard,
  strictness,
} from './parts.js';

const holds = balance
  .pick({ bowlMillilitres: true, piecesPerLoad: true })
  .meta({ description: 'What the bowl holds, and the oven at once.' });

/** What is planned, and by what. */
export const planned = {
  text: recipeText.optional(),
  recipeId: z.string().max(64).optional(),
  batch: batchSetting.optional().meta({
    description: 'A saved recipe has one of its own, where none is sent.',
  }),
  standard: standard.optional(),
  authorId: z.uuid().nullable().optional().meta({
    description: 'Whose recipe it is, where that is not the saved one.',
  }),
  hand: z.uuid().nullable().optional().meta({
    description: 'Who measures; null for nobody in particular. Left out: who measures now.',
  }),
  methods: methods.optional(),
  choices: lineChoices.optional(),
  answers: lineAnswerList.optional().meta({
    description: 'What was answered to the notes, where those are not the saved ones.',
  }),
  strictness: strictness.optional(),
  forKeeping: z.boolean().optional().meta({
    description:
      'Whether it is made to keep outside the fridge. Asked for where only its make-up says so.',
  }),
  kind: bakeKind.nullable().optional().meta({
    description: 'The kind of bake, where that is not the saved one; null to have it guessed.',
  }),
  holds: holds.optional(),
  drawer: z.strictObject({ standard }).optional().meta({
    description: 'Another drawer than the one of this kitchen: the usual tools, of this standard.',
  }),
};

export const oneRecipe = {
  error: 'Send either a text or the id of a saved recipe, not both.',
  path: ['text'],
};

export const isOneRecipe = ({
  text,
  recipeId,
}: {
  text?: string | undefined;
  recipeId?: string | undefined;
}): boolean => (text === undefined) !== (recipeId === undefined);

export const noBatch = { error: BATCH_WANTED, path: ['batch'] };

/** A text has no batch unless it is sent with one. */
export const hasBatch = ({
  text,
  batch,
}: {
  text?: string | undefined;
  batch?: object | undefined;
}): boolean => text === undefined || batch !== undefined;

export const planRequest = z
  .strictObject(planned)
  .refine(isOneRecipe, oneRecipe)
  .refine(hasBatch, noBatch);

export const planMeasure = z.object({
  method,
  millilitres: z.number().meta({
    description: 'Your volume: intended mass over the density under your method. Unrounded.',
  }),
  fills: z.array(plannedFill),
  shown,
  grams: z.number().meta({ description: 'What the fills weigh.' }),
  basis: rung,
  source: sourceRef.meta({ description: 'Where it comes from what a fill weighs.' }),
  sourceShown: z.string(),
});

const premix = z.object({
  tinyGrams: z.number(),
  carrierGrams: z.number(),
  takeGrams: z.number(),
  holdsGrams: z.number(),
  carrier: z.int().meta({ description: 'The line it is stirred into.' }),
});

export const planLine = z.object({
  written: z.string(),
  kind: lineKind,
  ingredientId: z.string().nullable().meta({
    description: 'What goes in: the substitute, where there is one.',
  }),
  substitute: z
    .object({
      ingredientId: z.string(),
      form: z.string().nullable(),
      gramsEach: z.number().meta({ description: 'Grams of it for each gram it replaces.' }),
      waterMore: z.number().meta({ description: 'Water that 100 g of it take more.' }),
      gained: z.array(z.string()).meta({ description: 'Allergens that come in.' }),
      lost: z.array(z.string()),
      source: sourceRef,
      sourceShown: z.string(),
    })
    .nullable(),
  scaled: amount.nullable().meta({ description: 'The written amount times the factor.' }),
  intended: intended.nullable(),
  weight: gridWeight.extend({ shown }).nullable(),
  measure: planMeasure.nullable(),
  gap: z.number().nullable().meta({
    description: 'Mass by the measure plan over intended mass, less one.',
  }),
  weightGap: z.number().nullable().meta({
    description: 'Mass on the scale grid over intended mass, less one.',
  }),
  tolerance: z.number().nullable().meta({
    description: 'The gap that is near enough for its role, relative.',
  }),
  forgiven: z.number().nullable().meta({
    description: 'The deviation at which this kind of bake begins to show it, relative.',
  }),
  within: z.boolean().nullable().meta({ description: 'Whether the gap is near enough.' }),
  level: z.enum(['level', 'leaning', 'out']).nullable().meta({
    description: 'Near enough; up to half of what is forgiven; beyond that.',
  }),
  isWeighed: z.boolean().meta({ description: 'Weighed by either route, as was decided.' }),
  premix: premix.nullable().meta({ description: 'How it is weighed stirred into flour.' }),
});

const exactFactor = z.object({ exact: z.string(), value: z.number() });

const ratio = z.object({
  written: z.number(),
  weighed: z.number(),
  measured: z.number(),
  drift: z.number().meta({ description: 'Of the route that is further off, relative.' }),
  isOver: z.boolean().meta({ description: 'More than half of what this kind of bake forgives.' }),
});

/** By part, relative. */
export const forgiveness = z
  .object(
    Object.fromEntries(FORGIVEN_PARTS.map((part) => [part, z.number()])) as Record<
      ForgivenPart,
      z.ZodNumber
    >,
  )
  .meta({
    description: 'The relative change of each ratio at which a home baker begins to notice it.',
  });

/** What a bake is, and so what it forgives. */
export const bakeReply = {
  kind: bakeKind,
  isKindGuessed: z.boolean().meta({ description: 'Nobody has said what kind of bake it is.' }),
  forgives: forgiveness,
};

export const planReply = z.object({
  ...bakeReply,
  factor: exactFactor,
  makes: z
    .object({
      pieces: z.number().nullable(),
      grams: z.number(),
      eggs: z.number().nullable(),
      limitedBy: z.string().nullable().meta({
        description: 'The ingredient that there is least of, where the batch is limited.',
      }),
    })
    .meta({ description: 'What this batch means in the other terms.' }),
  lines: z.array(planLine),
  ratioBase: z.enum(['flour', 'total']).meta({
    description: 'What the ratios are percent of: everything, where there is no flour.',
  }),
  ratios: z.object({
    water: ratio,
    fat: ratio,
    sugar: ratio,
    egg: ratio,
    leavening: ratio,
    yeast: ratio,
    salt: ratio,
  }),
  loads: z
    .object({
      count: z.int(),
      gramsEach: z.number(),
      limitedBy: z.enum(['bowl', 'oven']),
    })
    .nullable()
    .meta({ description: 'Equal loads, where bowl or oven hold less than the batch.' }),
  cautions: z.array(z.object({ code: z.string(), message: z.string() })),
  unweighed: z.array(z.int()).meta({
    description: 'Lines that no total and no ratio counts, since their weight is not known.',
  }),
  doubts: z
    .array(
      z.object({
        line: z.int(),
        of: z.enum(BOUNDED),
        share: z.number(),
        against: z.enum(['flour', 'whole', 'liquid']),
        message: z.string(),
      }),
    )
    .meta({ description: 'Amounts that can hardly be meant.' }),
  advice: z
    .array(
      z.object({
        line: z.int(),
        gap: z.number(),
        tolerance: z.number(),
        mend: z.enum(['tools', 'weigh', 'method', 'larger-tool', 'premix', 'fine-scale']),
        method: method.nullable(),
        gapThen: z.number().nullable(),
        premix: premix.nullable(),
        message: z.string(),
      }),
    )
    .meta({ description: 'What would mend the lines whose two columns differ too much.' }),
  clean: z
    .array(
      z.object({
        factor: exactFactor,
        eggs: z.number().nullable(),
        areEggsWhole: z.boolean(),
        fills: z.number(),
        tools: z.int(),
        drift: z.number(),
        change: z.number(),
      }),
    )
    .meta({ description: 'Factors near this one that are cleaner, the cleanest first.' }),
});

export type PlanRequest = z.infer<typeof planRequest>;
export type PlanReply = z.infer<typeof planReply>;
