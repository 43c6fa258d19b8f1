export { FindingList } from './finding-list';
