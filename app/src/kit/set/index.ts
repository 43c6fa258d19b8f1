export { ReadFirstRow, RowCard } from './row-card';
export { rowNames } from './row-names';
export { SetCard, type SetCardProps } from './set-card';
