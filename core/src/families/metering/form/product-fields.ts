import {
  aChoice,
  aDate,
  aFigure,
  aWord,
  beside,
  hidden,
  onlyIf,
  optional,
  together,
  word,
  yesOrNo,
} from '../../../describe';

/** What is known of a product. */
export const PRODUCT_FIELDS = together('product', [
  // of the library, where it was taken from there
  hidden('productId', optional(word)),
  aWord('name', 'Name'),
  together('strength', [
    aChoice(
      'stated',
      'Strength is stated in',
      [
        { value: 'weight', label: '% by weight' },
        { value: 'volume', label: '% by volume' },
        { value: 'mass', label: 'g/L' },
      ],
      {
        hint: 'Ask which: confusing the two changes a hypochlorite dose by about 20 %. Trade per cent is by volume.',
      },
    ),
    onlyIf((here) => here('stated') === 'mass', [aFigure('gpl', 'Strength', 'strength', { unit: 'g/L' })]),
    onlyIf((here) => here('stated') !== 'mass', [aFigure('percent', 'Strength', 'percent', { unit: '%' })]),
  ]),
  aFigure('density_kgl', 'Density', 'density'),
  beside(
    aDate('measuredOn', 'Measured on', { hint: 'e.g. 31.5.2027; leave empty to count from the label' }),
    aFigure('halfLife_days', 'Half-life, if it ages', 'days', { unit: 'd', blank: 'null' }),
  ),
  yesOrNo('gassing', 'Gives off gas'),
]);
