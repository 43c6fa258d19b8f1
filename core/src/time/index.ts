export * from './clock-error';
export * from './day';
export * from './site-date';
export * from './zone';
export * from './kept-timer';
