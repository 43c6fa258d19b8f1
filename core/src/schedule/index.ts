export * from './programs';
export * from './tariff';
export * from './day-sums';
export * from './two-price';
export * from './week';
export * from './week-tariff';
export * from './cheapest';
export * from './day-windows';
