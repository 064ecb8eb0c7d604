import { NEW_KITCHEN, type Kitchen } from '@ypsigram/contract';

/** The lock cottage's drawer: the usual tools, and a mug that was weighed with water, in the wash. */
export const DEMO_KITCHEN: Kitchen = {
  ...NEW_KITCHEN,
  tools: [
    ...NEW_KITCHEN.tools,
    {
      name: 'blue enamel mug',
      kind: 'cup',
      nominal: '310',
      unit: 'ml',
      aside: true,
      calibration: { grams: [302.4, 303.1, 302.7, 302.2], celsius: 19, grid: 0.1 },
    },
  ],
};
