import { drawScale } from './at-the-scale.js';
import type { Draw } from './draw.js';
import type { PracticeQuestion, Topic } from './question.js';
import { drawTechnique, drawTool } from './techniques.js';
import { drawEstimate, drawHeavier, drawOrder } from './weights.js';
import { drawOunces, drawTablespoons, drawWording } from './words.js';

const BY_TOPIC: Readonly<Record<Topic, (draw: Draw) => PracticeQuestion | null>> = {
  technique: drawTechnique,
  tool: drawTool,
  heavier: drawHeavier,
  ounces: drawOunces,
  tablespoons: drawTablespoons,
  wording: drawWording,
  scale: drawScale,
  order: drawOrder,
  estimate: drawEstimate,
};

/**
 * A question of a topic, drawn from what the shelf knows, with the figures that explain it. The
 * same question for the same random figures. Null where the shelf has too little for this topic.
 */
export const drawQuestion = (topic: Topic, draw: Draw): PracticeQuestion | null =>
  BY_TOPIC[topic](draw);

export type { Draw } from './draw.js';
export {
  ESTIMATE_WITHIN,
  SCALE_SLIPS,
  TOPICS,
  isRightAnswer,
  type CupOf,
  type EstimateQuestion,
  type HeavierQuestion,
  type OrderQuestion,
  type OuncesQuestion,
  type PracticeAnswer,
  type PracticeQuestion,
  type ScaleQuestion,
  type ScaleSlip,
  type TechniqueQuestion,
  type ToolQuestion,
  type Topic,
  type WordingQuestion,
} from './question.js';
