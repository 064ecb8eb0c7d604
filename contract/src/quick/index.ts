export {
  conversionReply,
  conversionRequest,
  toConversionReply,
  type ConversionReply,
} from './conversions.js';
export { massText, quickText } from './quick-text.js';
