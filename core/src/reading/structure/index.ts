export {
  headingOf,
  headsIngredients,
  isMeasure,
  isPart,
  isRuler,
  isStep,
  readYield,
  titleOf,
} from './structure.js';
