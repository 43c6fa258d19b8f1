import fc from 'fast-check';
import { ceilingPicture, pulseChoices, recognition, strokesPerPulse, type PulseRatioInput } from '../index';

const inputs = fc.record({
  litresPerPulse: fc.double({ min: 0.1, max: 200, noNaN: true }),
  dose_mgl: fc.double({ min: 0.1, max: 20, noNaN: true }),
  strength_gpl: fc.double({ min: 10, max: 400, noNaN: true }),
  full_mL: fc.double({ min: 0.02, max: 3, noNaN: true }),
  greatestWater_m3h: fc.double({ min: 0.5, max: 200, noNaN: true }),
  ceiling_spm: fc.integer({ min: 40, max: 240 }),
  step_pct: fc.constantFrom(1, 5, 10),
});

/** Dose that a choice gives, from the volumes: product of the strokes of one pulse over that pulse's water. */
function doseOf(input: PulseRatioInput, choice: ReturnType<typeof pulseChoices>[number]): number {
  const product_mL = (strokesPerPulse(choice.way, choice.factor) * input.full_mL * choice.length_pct) / 100;
  return (product_mL * input.strength_gpl) / input.litresPerPulse;
}

test('every choice keeps length and ceiling, gives the dose but for the error it states, and the best is first', () => {
  fc.assert(
    fc.property(inputs, (input) => {
      const choices = pulseChoices(input);
      const sound = (choice: (typeof choices)[number]) =>
        choice.length_pct >= 30 &&
        choice.length_pct <= 100 &&
        choice.greatest_spm <= 0.9 * input.ceiling_spm * 1.000001 &&
        Math.abs(doseOf(input, choice) / input.dose_mgl - 1 - choice.error) < 5e-10;
      expect(choices.filter((choice) => !sound(choice))).toEqual([]);
      const wish = ({ length_pct }: (typeof choices)[number]) => Math.abs(length_pct - 80);
      expect(choices.filter((choice) => wish(choice) < wish(choices[0]))).toEqual([]);
    }),
    { numRuns: 200, seed: 11 },
  );
});

test('schools: the longest stroke for gassing liquids, the shortest for even dosing', () => {
  const input = {
    litresPerPulse: 10,
    dose_mgl: 2,
    strength_gpl: 150,
    full_mL: 0.42,
    greatestWater_m3h: 24,
    ceiling_spm: 150,
  };
  expect(pulseChoices({ ...input, school: 'long' })[0]).toMatchObject({ factor: 3, length_pct: 95 });
  expect(pulseChoices({ ...input, school: 'even' })[0]).toMatchObject({ factor: 1, length_pct: 32 });
});

test('a knob step that leaves no choice gives none; a step of zero is said', () => {
  const input = {
    litresPerPulse: 10,
    dose_mgl: 2,
    strength_gpl: 150,
    full_mL: 5,
    greatestWater_m3h: 24,
    ceiling_spm: 150,
  };
  expect(pulseChoices({ ...input, divideMost: 2, step_pct: 100 })).toEqual([]);
  expect(() => pulseChoices({ ...input, step_pct: 0 })).toThrow('step of the stroke length');
});

test('what is lost above the ceiling plus what is given is what is needed, and nothing is lost below the onset', () => {
  fc.assert(
    fc.property(inputs, fc.integer({ min: 1, max: 9 }), (input, n) => {
      const { greatestWater_m3h, litresPerPulse, ceiling_spm } = input;
      const picture = ceilingPicture(greatestWater_m3h, litresPerPulse, n, ceiling_spm);
      const given = picture.needed_spm * (1 - picture.lostShare);
      expect(given).toBeLessThanOrEqual(ceiling_spm * (1 + 1e-9));
      const below = ceilingPicture(picture.onset_m3h * 0.999, litresPerPulse, n, ceiling_spm);
      expect(below.lostShare).toBe(0);
      expect(
        ceilingPicture(picture.onset_m3h * 1.01, litresPerPulse, n, ceiling_spm).lostShare,
      ).toBeGreaterThan(0);
    }),
    { numRuns: 100, seed: 3 },
  );
});

test('a faster meter never gets a longer recognition time', () => {
  const options = [2, 5, 20, 60];
  let before = Infinity;
  for (let rate = 10; rate < 40_000; rate *= 1.3) {
    const choice = recognition(options, rate, 0.5).choice_ms ?? 0;
    expect(choice).toBeLessThanOrEqual(before);
    before = choice;
  }
  expect(before).toBe(0);
  expect(() => recognition(options, 100, 1)).toThrow('between 0 and 1');
});
