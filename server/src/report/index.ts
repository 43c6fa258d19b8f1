export * from './pdf';
export { logoFault, type FirmHead } from './firm-head';
export { ownerPdf } from './owner-pdf';
export { workOrderPdf } from './work-order-pdf';
export * from './csv';
export * from './labels';
export * from './calendar';
export { FORMULA } from './formula';
