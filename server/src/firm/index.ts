export { firm, firmNow, firmOf, nameFirm, type FirmLine } from './firm';
