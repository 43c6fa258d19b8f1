export * from './pdf';
export * from './csv';
export * from './labels';
export * from './calendar';
export { FORMULA } from './formula';
