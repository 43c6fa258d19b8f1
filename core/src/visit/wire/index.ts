export * from './basics';
export { clockBodySchema, COMMON_RECORDS, identifyShape, signalFromSchema } from './records';
export type { Frozen } from './frozen';
