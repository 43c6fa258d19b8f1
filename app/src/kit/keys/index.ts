export { ENTER_WHEN, ENTRY_SLIP } from './entry-words';
export { limitsInWords } from './limits-in-words';
export { PageKeys } from './page-keys';
export { RouteKeys } from './route-keys';
export { useDisplay } from './use-display';
export { WayKeys } from './way-keys';
