export { sliceGeometry, type SliceGeometry, type SliceInput } from './sliceGeometry';
export { cutStrips, type Strips } from './cutStrips';
