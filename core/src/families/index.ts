export type * from './family';
export type * from './kinds';
export * from './role-lists';
export { ROLE_QUANTITIES, roleUnitFault } from './role-quantities';
