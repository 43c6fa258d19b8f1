import { DUTY } from '../fixtures';
import { driveDutySchema, type DriveDuty } from './duty';

const wrong = (change: Partial<DriveDuty>) =>
  (driveDutySchema.safeParse({ ...DUTY, ...change }).error?.issues ?? []).map(
    ({ path, message }) => `${path.join('.')}: ${message}`,
  );

test.each<[string, Partial<DriveDuty>, string]>([
  [
    'draws in the wrong order',
    { draw: { ...DUTY.draw, usual_m3h: 0.5 } },
    'draw.usual_m3h: The usual draw cannot be below the minimum.',
  ],
  [
    'a leak of all',
    { draw: { ...DUTY.draw, leak_m3h: 7 } },
    'draw.leak_m3h: The leak cannot be as much as the maximum demand.',
  ],
  [
    'inlet turned round',
    { inlet: { least_bar: 1, greatest_bar: 0 } },
    'inlet.greatest_bar: The maximum pressure cannot be below the minimum.',
  ],
  ['a range of zero', { sensor: { range_bar: 0 } }, 'sensor.range_bar: This must be more than 0.'],
  [
    'no sensor for a pressure',
    { sensor: null },
    'sensor.range_bar: What it holds needs a sensor: enter the range on its label.',
  ],
  [
    'a vessel without pre-charge',
    { vessel: { volume_L: 60, precharge_bar: 0 } },
    'vessel.precharge_bar: A vessel without pre-charge holds no water back: measure it empty of water, or leave it empty.',
  ],
  [
    'one out of one',
    { pump: { ...DUTY.pump, count: 1, oneOut: true } },
    'pump.oneOut: With one pump nothing is left when it is out.',
  ],
  [
    'no word why dry is only warned of',
    { choices: { dry: { reaction: 'warn', why: ' ' } } },
    'choices.dry.why: Only stopping protects the pump: say why another reaction is required.',
  ],
  [
    'a negative head',
    {
      pump: {
        ...DUTY.pump,
        curve: [
          { flow_m3h: 0, head_m: -1 },
          { flow_m3h: 3, head_m: 1 },
        ],
      },
    },
    'pump.curve.0.head_m: This cannot be below 0.',
  ],
])('%s is said at its field', (_, change, words) => {
  expect(wrong(change)).toEqual([words]);
});

test('under vacuum at the inlet, and a pre-charge that nobody measured, are taken', () => {
  expect(
    wrong({ inlet: { least_bar: -0.5, greatest_bar: 0.2 }, vessel: { volume_L: 60, precharge_bar: null } }),
  ).toEqual([]);
});
