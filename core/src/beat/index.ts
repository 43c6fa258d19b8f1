export * from './beat-strip';
