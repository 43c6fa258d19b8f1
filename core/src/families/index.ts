export type * from './family';
export type * from './kind';
export { firstSeen, type FirstSteps } from './parts/first-steps';
export type { AnyWork, Wait, Work, WorkSaid } from './parts/work';
export type { Ground } from './parts/ground';
export type * from './view';
export * from './all';
export {
  besidesFault,
  isOptionRole,
  optionRolesOf,
  roleInWords,
  rolesOfFamily,
  roleUnitFault,
} from './roles';
export { tryProfile, UNPLANNED, works, type Tried } from './try-profile';
export { ALL_TEXTS } from './texts';
export { EVENT_WORDS, scenarioSchema } from './events';
export { KEYS_ONLY } from './parts/make-safe';
export { readOnArrival, type ReadOnArrival } from './parts/arrival-facts';
export { groundOf } from './ground';
export type { Guard } from './parts/guard';
export { askedAt } from './parts/said-in-parts';
export { PLATE_CHOICES, PLATE_COLUMNS, PLATE_FIGURES, plateFaults, plateFigure, plateFrom } from './plates';
export { dutySchema, earlierBodySchema, plateSchema, profileSchema, recordBodySchema } from './wire';
