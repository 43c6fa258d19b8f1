export type * from './family';
export type * from './kinds';
export * from './names';
export * from './role-lists';
