export * from './page-cache';
export * from './pumps';
export * from './sites';
export * from './round';
export * from './state';
export * from './library';
