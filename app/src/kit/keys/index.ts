export { ENTER_WHEN, ENTRY_SLIP } from './entry-words';
export { DialKeys } from './dial-keys';
export { limitsInWords } from './limits-in-words';
export { Opening } from './opening';
export { PageKeys } from './page-keys';
export { RouteKeys } from './route-keys';
export { linkOf, useDisplay } from './use-display';
export { useAtPanel } from './use-panel';
export { WayKeys } from './way-keys';
