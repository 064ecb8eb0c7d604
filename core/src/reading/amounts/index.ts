export { weightIn } from './adjacent-measure.js';
export { type Quantity, readQuantity } from './quantity.js';
