export * from './programs';
export * from './tariff';
export * from './day-sums';
export * from './two-price';
