export { PhotoBeside } from './photo-beside';
export { PhotoReader } from './photo-reader';
