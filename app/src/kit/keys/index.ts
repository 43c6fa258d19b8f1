export { ENTER_WHEN, ENTRY_SLIP } from './entry-words';
export { limitsInWords } from './limits-in-words';
export { RouteKeys } from './route-keys';
export { useDisplay } from './use-display';
export { WayKeys } from './way-keys';
