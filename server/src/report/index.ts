export * from './pdf';
export * from './csv';
export * from './labels';
