export * from './basics';
export * from './duty';
export * from './records';
export * from './readings';
export * from './document';
