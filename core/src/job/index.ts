export * from './document';
export * from './command';
export * from './view';
export * from './gates';
export * from './apply';
export * from './handover';
export * from './planned-targets';
