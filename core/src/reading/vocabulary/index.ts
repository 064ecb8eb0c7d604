export {
  DESCRIBING_WORDS,
  ENGLISH_WORDS,
  NAMES_IN_LY,
  OTHER_THING_WORDS,
  TRAILING_WORDS,
} from './describing.js';
export {
  BLOCK_FORMS,
  EUROPEAN_SIZES,
  EUROPEAN_WORDS,
  FILLING_WORDS,
  HEAPING_WORDS,
  LOOSENING_WORDS,
  ORDER_FORMS,
  ORDER_METHODS,
  SIZE_FORMS,
  SOLD_FORMS,
  SOLD_FORMS_BEHIND,
} from './filling.js';
export {
  CUT_BY_LENGTH,
  FRESH_KINDS,
  FRESH_WORK,
  LEADING_WORDS,
  SIZES_OF_THINGS,
  VAGUE_FOR_THE_TIN,
  VAGUE_WORDS,
} from './leading.js';
export {
  HEADINGS,
  IMPERATIVE,
  METHOD_HEADINGS,
  NOT_AN_AMOUNT,
  PART_WORDS,
  STEP_OPENERS,
  STEP_VERBS,
} from './structure.js';
export {
  ASIDE_HEADINGS,
  BUTTONS,
  BYLINE,
  CHAT_HEAD,
  COUNTED_ON_PAGE,
  REMARK,
  REMARK_LABEL,
  STORY,
  TELLS_STEP,
} from './furniture.js';
export { TAKEN_FROM_FRUIT } from './taken.js';
export {
  CONTAINER_WORDS,
  UNIT_FIRST_WORDS,
  UNIT_LETTERS,
  UNIT_WORDS,
  type UnitWord,
} from './units.js';
export { ORIGIN_SIGNS, type Manner } from './origin.js';
export { placeNamed, type Place } from './places.js';
