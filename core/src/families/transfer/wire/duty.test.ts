import { DUTY, VACUUM } from '../fixtures';
import { transferDutySchema, type TransferDuty } from './duty';

const wrong = (change: Partial<TransferDuty>) =>
  (transferDutySchema.safeParse({ ...DUTY, ...change }).error?.issues ?? []).map(
    ({ path, message }) => `${path.join('.')}: ${message}`,
  );

test.each([DUTY, VACUUM])('what is right comes back as it was', (duty) => {
  expect(transferDutySchema.parse(duty)).toEqual(duty);
});

test.each<[string, Partial<TransferDuty>, string]>([
  [
    'slugs larger than the vessel',
    { inflow: { ...DUTY.inflow, gulp_L: 60 } },
    'inflow.gulp_L: 2 slugs at once are 120 L, and the vessel holds 96 L between the float’s ends: it floods at every slug.',
  ],
  [
    'a vessel without area',
    { vessel: { ...DUTY.vessel, area_m2: 0 } },
    'vessel.area_m2: This must be more than 0.',
  ],
  [
    'more at once than inlets',
    { inflow: { ...DUTY.inflow, together: 5, gulp_L: 5 } },
    'inflow.together: No more can fall at once than there are inlets.',
  ],
  [
    'coolant warmer than the product',
    { cooler: { ...DUTY.cooler!, coolant_C: 22 }, product: { ...DUTY.product, wanted_C: 21 } },
    'cooler.coolant_C: The coolant must be colder than the product: this one warms it.',
  ],
  [
    'colder than its coolant',
    { product: { ...DUTY.product, wanted_C: 8 } },
    'product.wanted_C: Nothing is cooled below its coolant.',
  ],
  [
    'warmer than it comes',
    { product: { ...DUTY.product, wanted_C: 25 } },
    'product.wanted_C: It comes cooler than required: then nothing is to be cooled.',
  ],
  [
    'readings that no cooler gives',
    {
      cooler: {
        ...DUTY.cooler!,
        ua: { kind: 'readings', product_m3h: 2, coolant_m3h: 4, in_C: 21, out_C: 8, coolant_C: 9 },
      },
    },
    'cooler.ua.out_C: It must leave cooler than it came, and warmer than the coolant.',
  ],
  [
    'a limit far below its curve',
    { pump: { ...DUTY.pump, limit_rpm: 300 } },
    'pump.limit_rpm: That is far below the speed of its curve: check both.',
  ],
])('%s is said at its field', (_, change, words) => {
  expect(wrong(change)).toContain(words);
});
