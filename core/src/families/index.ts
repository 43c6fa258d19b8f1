export type * from './family';
export type * from './kinds';
export * from './role-lists';
