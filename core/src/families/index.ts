export type * from './family';
export type * from './view';
export * from './all';
export { isOptionRole, ROLE_QUANTITIES, rolesOfFamily, roleUnitFault } from './roles';
export { ALL_TEXTS } from './texts';
export { groundOf } from './ground';
export { laterDate } from './later-date';
export { PLATE_CHOICES, PLATE_COLUMNS, PLATE_FIGURES, plateFigure, plateFrom } from './plates';
export { dutySchema, plateSchema, profileSchema } from './wire';
