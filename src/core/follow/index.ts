export { follow, type Followed, type Standing } from './follow';
