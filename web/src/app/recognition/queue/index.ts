export {
  looksOf,
  scanKindOf,
  type Scan,
  type ScanKind,
  type ScanResult,
  type ScannedPicture,
  type ScannedRecipe,
} from './scan';
export { ScanQueue } from './scan-queue';
