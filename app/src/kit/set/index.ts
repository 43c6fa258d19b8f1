export { SetCard, type SetCardProps } from './set-card';
