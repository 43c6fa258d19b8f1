export { firm, firmNow, logoOf, nameFirm, type FirmLine } from './firm';
