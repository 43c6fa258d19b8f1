export * from '@barythm/core/visit/wire';
