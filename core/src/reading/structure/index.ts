export {
  headingOf,
  headsIngredients,
  headsRemarks,
  isMeasure,
  isPart,
  isRemark,
  isRuler,
  isStep,
  isStory,
  readYield,
  titleOf,
} from './structure.js';
