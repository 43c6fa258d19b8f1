export * from './pdf';
export * from './csv';
