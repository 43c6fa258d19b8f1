export * from './frame';
export * from './signal-chart';
export * from './dose-chart';
