export { BatchMore } from './batch-more';
export { RatiosFoot } from './ratios-foot';
