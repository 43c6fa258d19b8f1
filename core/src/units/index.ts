export * from './quantity';
export * from './convert';
export * from './format';
export * from './measures';
export * from './parse';
export * from './step';
export * from './table';
export * from './typed';
