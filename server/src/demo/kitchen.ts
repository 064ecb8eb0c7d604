import { NEW_KITCHEN, type Kitchen } from '@ypsigram/contract';

/** The lock cottage's drawer: the half cup was weighed with water and holds more than it says. */
export const DEMO_KITCHEN: Kitchen = {
  ...NEW_KITCHEN,
  tools: [
    ...NEW_KITCHEN.tools.map((tool) =>
      tool.name === '1/2 cup'
        ? { ...tool, calibration: { grams: [121.5, 122.1, 121.2, 121.8], celsius: 19, grid: 0.1 } }
        : tool,
    ),
    {
      name: 'blue enamel mug',
      kind: 'cup',
      nominal: '310',
      unit: 'ml',
      aside: true,
      calibration: null,
    },
  ],
};
