import { dateInWords, parseDate } from '../../../time';
import { aFigure, aWord, beside, own, type Part, said, together } from '../../../describe';
import { hoursPlace } from './hours-place';
import { PRODUCT_FIELDS } from './product-fields';

/** How much water passes. */
export const WATER_PART: Part = {
  name: 'water',
  title: 'Water flow',
  says: (look) =>
    `${said(look, 'water.least_m3h', 'waterFlow')} to ${said(look, 'water.greatest_m3h', 'waterFlow')}, usually ${said(look, 'water.usual_m3h', 'waterFlow')}${look.at('water.hourly_m3h') ? ', by the hour known' : ''}`,
  fields: [
    together('water', [
      aFigure('least_m3h', 'Least', 'waterFlow'),
      aFigure('usual_m3h', 'Usual', 'waterFlow'),
      aFigure('greatest_m3h', 'Greatest', 'waterFlow'),
      aWord('hourly_m3h', 'Hour by hour, from 0:00 (24 figures)', {
        lines: 2,
        place: hoursPlace,
        hint: 'In m³/h, or with a unit at the end, such as gpm. Spaces between; leave empty if not known.',
      }),
    ]),
  ],
};

/** What the water is to hold. */
export const DOSE_PART: Part = {
  name: 'dose',
  title: 'Dose',
  says: (look) =>
    `${said(look, 'dose.wanted_mgl', 'dose')}, from ${said(look, 'dose.low_mgl', 'dose')} to ${said(look, 'dose.high_mgl', 'dose')}`,
  fields: [
    together('dose', [
      aFigure('wanted_mgl', 'Wanted dose', 'dose', { unit: 'mg/L' }),
      beside(
        aFigure('low_mgl', 'At least', 'dose', { unit: 'mg/L' }),
        aFigure('high_mgl', 'At most', 'dose', { unit: 'mg/L' }),
      ),
    ]),
  ],
};

/** What is dosed: from the library, or typed. */
export const PRODUCT_PART: Part = {
  name: 'product',
  title: 'Product',
  says: (look) => {
    const typed = look.at('product.measuredOn');
    const date = parseDate(typed);
    const known = date === null ? typed : dateInWords(date);
    return `${look.at('product.name')}${known ? `, measured ${known}` : ', from the label'}`;
  },
  fields: [own('ProductPick'), PRODUCT_FIELDS],
};
