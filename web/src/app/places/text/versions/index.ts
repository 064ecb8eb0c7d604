export { EarlierVersions } from './earlier-versions';
