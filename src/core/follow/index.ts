export { behind, type Behind } from './behind';
