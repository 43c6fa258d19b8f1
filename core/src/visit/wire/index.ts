export * from './basics';
export {
  clockBodySchema,
  COMMON_RECORDS,
  dutyPartSchema,
  forOwnerSchema,
  identifyShape,
  signalFromSchema,
} from './records';
export { kindsThat, record, type Does } from './record';
export { columnSchema, handoverSchema, signatureSchema } from './handover';
export { anyHandoverSchema } from './first-handover';
export { leavesMark, strokePoints } from './signature';
export { ticksSchema } from './ticks';
export type { Frozen } from './frozen';
