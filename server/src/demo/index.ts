export * from './demo-data';
export { DEMO_PROFILES } from './shipped-profiles';
export * from './demo-file';
