import fc from 'fast-check';
import {
  aged_gpl,
  bandBreaches,
  doseAtFlow_mgl,
  doseGiven_mgl,
  dosePieces,
  fullRate,
  lengthsForFullRate,
  neededPumpFlow_lph,
  pumpFlow_lph,
  strength_gpl,
  strokeRate_spm,
  type DosePath,
} from './index';

const positive = fc.double({ min: 0.01, max: 1000, noNaN: true });

test('strength by weight needs the density; taken for per cent by volume it is a fifth off on hypochlorite', () => {
  expect(strength_gpl({ stated: 'weight', percent: 12.5, density_kgl: 1.21 })).toBeCloseTo(151.25, 9);
  expect(strength_gpl({ stated: 'volume', percent: 12.5 })).toBe(125);
  expect(strength_gpl({ stated: 'mass', gpl: 140 })).toBe(140);
  expect(() => strength_gpl({ stated: 'volume', percent: 0 })).toThrow('more than 0');
  expect(() => strength_gpl({ stated: 'volume', percent: 120 })).toThrow('100 %');
});

test('half of a product is left after its half-life, all of it without one', () => {
  expect(aged_gpl(150, 90, 90)).toBeCloseTo(75, 9);
  expect(aged_gpl(150, 500, null)).toBe(150);
  expect(() => aged_gpl(150, -1, 90)).toThrow('later than today');
});

test('needed flow and dose given undo each other', () => {
  fc.assert(
    fc.property(positive, positive, positive, (water, dose, strength) => {
      const flow = neededPumpFlow_lph(water, dose, strength);
      expect(doseGiven_mgl(flow, strength, water) / dose).toBeCloseTo(1, 9);
    }),
  );
  expect(strokeRate_spm(pumpFlow_lph(2.5, 60), 2.5)).toBeCloseTo(60, 9);
});

const path: DosePath = {
  kind: 'analog',
  transmitter: { low_mA: 4, span_m3h: 50 },
  map: { x1_mA: 4, y1: 0, x2_mA: 20, y2: 100, below: 'stop' },
  watch: null,
  limits: { least_spm: 1, greatest_spm: 100 },
  stroke_mL: 0.1,
  strength_gpl: 100,
};

describe('dose over water flow', () => {
  test('the pieces meet end to end and agree with the dose at any flow within', () => {
    const pieces = dosePieces(path, 5, 48);
    expect(pieces[0].from_m3h).toBe(5);
    expect(pieces[pieces.length - 1].to_m3h).toBe(48);
    for (const [i, piece] of pieces.entries()) {
      if (i > 0) expect(piece.from_m3h).toBe(pieces[i - 1].to_m3h);
      const middle = (piece.from_m3h + piece.to_m3h) / 2;
      expect((piece.doseFrom_mgl * piece.from_m3h) / middle).toBeCloseTo(doseAtFlow_mgl(path, middle), 9);
    }
  });

  test('finds a breach that falls between any sampled flows', () => {
    // one stroke/min at 0.5 m³/h: the dose of a single step, back in the band a little later
    const pieces = dosePieces(path, 0.5, 48);
    const wanted = (0.06 * 0.1 * 100 * 100) / 50;
    const breaches = bandBreaches(pieces, wanted * 0.9, wanted * 1.1);
    expect(breaches.length).toBeGreaterThan(0);
    expect(breaches.every((breach) => breach.to_m3h < 6)).toBe(true);
  });

  test('a line with rounding taken away keeps its dose', () => {
    const pieces = dosePieces(path, 10, 48);
    const doses = pieces.flatMap((piece) => [piece.doseFrom_mgl, piece.doseTo_mgl]);
    const wanted = (0.06 * 0.1 * 100 * 100) / 50;
    for (const dose of doses) expect(Math.abs(dose / wanted - 1)).toBeLessThan(0.5 / 19);
  });

  test('refuses a range that runs backwards', () => {
    expect(() => dosePieces(path, 10, 5)).toThrow('must not be less');
  });
});

describe('full rate from the transmitter’s span', () => {
  const base = {
    low_mA: 4,
    span_m3h: 50,
    greatest_m3h: 40,
    stroke_mL: 0.1,
    greatest_spm: 100,
  };
  const needed = (rate: number) => ({
    neededAtSpan_lph: pumpFlow_lph(0.1, rate),
    neededAtGreatest_lph: pumpFlow_lph(0.1, rate * 0.8),
  });

  test('ends at 20 mA when the pump can give what the span needs', () => {
    expect(fullRate({ ...base, ...needed(99) })).toMatchObject({
      kind: 'at-span',
      rate_spm: expect.closeTo(99, 6),
    });
  });

  test('ends earlier when it can give the maximum flow only', () => {
    expect(fullRate({ ...base, ...needed(120) })).toMatchObject({
      kind: 'second-point',
      x2_mA: expect.closeTo(16.8, 9),
      rate_spm: expect.closeTo(96, 6),
    });
  });

  test('is too small when it cannot do that either', () => {
    expect(fullRate({ ...base, ...needed(130) }).kind).toBe('too-small');
  });
});

test('lengths for full rate: the fitted gear first, then the longest stroke, all within 30 to 100 %', () => {
  const gears = [
    { name: 'A', greatest_spm: 50 },
    { name: 'B', greatest_spm: 100 },
    { name: 'C', greatest_spm: 150 },
  ];
  const choices = lengthsForFullRate(gears, 'C', 0.1, 0.29, 1);
  expect(choices.map((choice) => [choice.gear.name, choice.length_pct])).toEqual([
    ['C', 32],
    ['A', 97],
    ['B', 48],
  ]);
  expect(lengthsForFullRate(gears, 'C', 0.1, 2, 1)).toEqual([]);
});
