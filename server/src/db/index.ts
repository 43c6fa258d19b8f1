export * from './open';
export type { Models, Row, Table, TableName } from './models';
export { MIGRATIONS } from './migrate';
export { labelCode } from './label-code';
export { freeCode, freeCodes } from './free-code';
export { LockedError, takeLock } from './lock';
