export * from './job-file';
export * from './json-schema';
