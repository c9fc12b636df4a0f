export { customaryFirming } from './customaryFirming';
