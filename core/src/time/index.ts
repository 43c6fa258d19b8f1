export * from './site-date';
