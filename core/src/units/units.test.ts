import fc from 'fast-check';
import {
  displayUnit,
  fig,
  figureWithUnit,
  fromDisplay,
  INTERNAL_UNIT,
  measuredIn,
  parseFigure,
  roundToStep,
  toDisplay,
  type Quantity,
} from './index';

const quantities = Object.keys(INTERNAL_UNIT) as Quantity[];

test('every quantity comes back from US display as it went', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...quantities),
      fc.double({ min: 0.001, max: 1e5, noNaN: true }),
      (q, value) => {
        const back = fromDisplay(q, toDisplay(q, value, 'us'), 'us');
        expect(Math.abs(back - value)).toBeLessThan(1e-9 * value + 1e-9);
      },
    ),
  );
});

test.each([
  ['waterFlow', 10, 'gpm', 44.0287],
  ['pumpFlow', 3.785411784, 'gal/h', 1],
  ['pressure', 1, 'psi', 14.5038],
  ['temperature', 20, '°F', 68],
  ['level', 254, 'in', 10],
  ['vacuum', 50, 'inHg', 14.765],
  ['liquidDensity', 1000, 'lb/ft³', 62.428],
  ['heatCapacity', 4.1868, 'BTU/(lb·°F)', 1],
  ['conductance', 1, 'BTU/(h·°F)', 1895.634],
  ['heatLoss', 10, 'BTU/(h·°F)', 18.956],
  ['lineLoss', 8, 'BTU/(h·ft)', 8.32],
  ['torque', 100, 'lb·ft', 73.756],
  ['motorPower', 7.5, 'hp', 10.058],
] as const)('%s %d reads in %s', (q, value, unit, shown) => {
  expect(displayUnit(q, 'us')).toBe(unit);
  expect(toDisplay(q, value, 'us')).toBeCloseTo(shown, 3);
});

test.each([
  ['12,5', 'dose', 12.5],
  ['12.5 mg/L', 'dose', 12.5],
  ['1 200', 'waterFlow', 1200],
  ['5 l/s', 'waterFlow', 18],
  ['250 ml', 'volume', 0.25],
  [',5', 'volume', 0.5],
  ['−3', 'length', -3],
] as const)('“%s” is understood', (text, q, value) => {
  expect(parseFigure(text, q)).toEqual({ ok: true, value: expect.closeTo(value, 9) });
});

test.each([
  ['', 'Nothing is entered'],
  ['twelve', 'is not a figure'],
  ['1.234,5', 'one decimal mark'],
  ['12 bar', 'enter it in mg/L'],
])('“%s” is refused in words', (text, words) => {
  const parsed = parseFigure(text, 'dose');
  expect(parsed.ok ? '' : parsed.words).toContain(words);
});

test.each([
  ['14.765 inHg', 'vacuum', 50],
  ['200 mbar', 'vacuum', 20],
  ['35 cm', 'level', 350],
  ['1.03 kg/L', 'liquidDensity', 1030],
  ['10 hp', 'motorPower', 7.457],
] as const)('“%s” is understood', (text, q, value) => {
  expect(parseFigure(text, q)).toEqual({ ok: true, value: expect.closeTo(value, 3) });
});

test('a unit that several quantities have tells the one that it told before', () => {
  expect(['mm', 'kW', 'kPa'].map(measuredIn)).toEqual(['bore', 'heat', null]);
});

test('a bare figure is in the unit that is shown', () => {
  expect(parseFigure('10', 'waterFlow', 'us')).toEqual({ ok: true, value: expect.closeTo(2.27125, 4) });
});

test('rounding to a controller’s step leaves no binary dust', () => {
  expect(roundToStep(0.30000000000000004, 0.1)).toBe(0.3);
  expect(roundToStep(72.4, 5, 10)).toBe(70);
  fc.assert(
    fc.property(fc.integer({ min: -1000, max: 1000 }), fc.constantFrom(0.1, 0.5, 1, 5), (n, step) => {
      expect(roundToStep(n * step, step)).toBeCloseTo(n * step, 9);
    }),
  );
});

test('figures are written as the reader wants them', () => {
  expect(figureWithUnit(fig('dose', 1.5), { system: 'metric', decimal: ',' })).toBe('1,5\u00a0mg/L');
  expect(figureWithUnit(fig('strokeRate', 96), { system: 'metric', decimal: '.' })).toBe(
    '96\u00a0strokes/min',
  );
});

test('both systems: the other stands behind in brackets, where it reads otherwise', () => {
  const both = { system: 'metric', decimal: '.', also: 'us' } as const;
  expect(figureWithUnit(fig('pressure', 4), both)).toBe('4\u00a0bar (58.02\u00a0psi)');
  expect(figureWithUnit(fig('dose', 1.5), both)).toBe('1.5\u00a0mg/L');
});

test.each([
  [0.1436, '0.144\u00a0m³/h'],
  [0.2, '0.2\u00a0m³/h'],
  [2.72, '2.7\u00a0m³/h'],
  [0, '0\u00a0m³/h'],
])(
  'a flow of %s keeps what it is worth: the return of a house has a hundredth of a pool’s',
  (flow, words) => {
    expect(figureWithUnit(fig('waterFlow', flow), { system: 'metric', decimal: '.' })).toBe(words);
  },
);
