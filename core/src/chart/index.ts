export * from './frame';
export * from './signal-chart';
export * from './dose-chart';
export * from './runs-chart';
export * from './strip-chart';
export * from './stroke-chart';
export * from './drift-chart';
export * from './week-chart';
