import { z } from 'zod';
import { curvePoints, notNegative, positive, powerPoints } from '../../parts/duty-figures';

export const PLANTS = ['press', 'vacuum', 'tank'] as const;
export type Plant = (typeof PLANTS)[number];
export const PUMP_KINDS = ['plain', 'self-priming'] as const;
export type PumpKind = (typeof PUMP_KINDS)[number];
export const CONTROLS = ['even', 'level'] as const;
export type Control = (typeof CONTROLS)[number];

const temperature = (what: string) =>
  z
    .number({ error: `${what} must be a number.` })
    .min(-10, `${what} cannot be below −10 °C.`)
    .max(100, `${what} cannot be above 100 °C.`);

const coolerSchema = z.discriminatedUnion('kind', [
  z
    .object({
      kind: z.literal('stated'),
      ua_kWK: positive('The UA', 1000),
      /** flow of the product that it is stated for */
      at_m3h: positive('The flow', 500),
    })
    .strict(),
  z
    .object({
      kind: z.literal('readings'),
      product_m3h: positive('The product’s flow', 500),
      coolant_m3h: positive('The coolant’s flow', 500),
      in_C: temperature('The product'),
      out_C: temperature('The product behind it'),
      coolant_C: temperature('The coolant'),
    })
    .strict(),
]);

const transferDutyObject = z
  .object({
    family: z.literal('transfer'),
    plant: z.enum(PLANTS),
    pumpKind: z.enum(PUMP_KINDS),
    inflow: z
      .object({
        inlets: z
          .int('A whole number of inlets.')
          .min(1, 'One inlet at least.')
          .max(60, 'Sixty inlets at most.'),
        gulp_L: positive('A gulp', 5000),
        /** of one inlet */
        every_s: positive('The interval', 7200),
        /** how many fall at once */
        together: z.int('A whole number.').min(1, 'One at least.').max(60, 'Sixty at most.'),
        /** what comes while it is cleaned */
        cleaning_m3h: positive('The cleaning inflow', 500),
      })
      .strict(),
    vessel: z
      .object({
        area_m2: positive('The area', 100),
        /** height between the ends of the float's way */
        height_mm: positive('The height', 5000),
        /** under the air around; nil where it stands open */
        vacuum_kPa: notNegative('The vacuum', 100),
        /** liquid above the pump's inlet, at the float's low end; below nil where it sucks up */
        above_m: z.number({ error: 'The height must be a number.' }).min(-8).max(50),
        /** a check valve behind the pump */
        checkValve: z.boolean(),
      })
      .strict(),
    pump: z
      .object({
        /** from the vessel to where it goes */
        static_m: notNegative('The static head', 200),
        /** lost in pipe and cooler at a flow; null while nobody knows */
        pipe: z
          .object({ loss_m: positive('The loss', 200), at_m3h: positive('The flow', 500) })
          .strict()
          .nullable(),
        curve: curvePoints(200),
        power: powerPoints(100_000),
        /** speed of the curve */
        rated_rpm: positive('The speed of the curve', 20_000),
        npsh_m: notNegative('The needed head at the inlet', 50).nullable(),
        /** its own limit; null where its manual states none */
        limit_rpm: positive('The limit', 20_000).nullable(),
        /** liquid behind the outlet that may be drawn before air follows */
        outlet_L: positive('The pipe behind the outlet', 5000),
      })
      .strict(),
    product: z
      .object({
        in_C: temperature('The product'),
        density_kgm3: positive('The density', 2000),
        heat_kJkgK: positive('The heat capacity', 10),
        wanted_C: temperature('The wanted temperature'),
        /** how long it may stand; null where that does not matter */
        stands_min: positive('The time', 1440).nullable(),
        foams: z.boolean(),
        /** cleaning comes in surges */
        surges: z.boolean(),
      })
      .strict(),
    cooler: z
      .object({
        coolant_m3h: positive('The coolant’s flow', 500),
        coolant_C: temperature('The coolant'),
        ua: coolerSchema,
        /** the product side's share of the resistance; null where nobody knows: a half is taken then */
        side: z
          .number()
          .gt(0, 'The share must be more than 0.')
          .lt(1, 'The share must be less than 1.')
          .nullable(),
      })
      .strict()
      .nullable(),
    altitude_m: z.number({ error: 'The altitude must be a number.' }).min(-500).max(6000),
    price_kWh: notNegative('The price', 1000),
    currency: z.string().min(1, 'Which currency?').max(12),
    choices: z
      .object({
        control: z.enum(CONTROLS).optional(),
        afterCut: z.enum(['resume', 'wait']).optional(),
      })
      .strict(),
  })
  .strict();

/** What a pump that empties a vessel is to do. */
export const transferDutySchema = transferDutyObject.superRefine(
  ({ inflow, vessel, product, cooler, pump }, context) => {
    const complain = (path: string[], message: string) => context.addIssue({ code: 'custom', path, message });
    const litres = vessel.area_m2 * vessel.height_mm;
    if (inflow.gulp_L * inflow.together > litres)
      complain(
        ['inflow', 'gulp_L'],
        `${inflow.together === 1 ? 'A gulp is' : `${inflow.together} gulps at once are`} ${(inflow.gulp_L * inflow.together).toFixed(0)} L, and the vessel holds ${litres.toFixed(0)} L between the float’s ends: it floods at every gulp.`,
      );
    if (inflow.together > inflow.inlets)
      complain(['inflow', 'together'], 'No more can fall at once than there are inlets.');
    if (cooler && cooler.coolant_C >= product.in_C)
      complain(['cooler', 'coolant_C'], 'The coolant must be colder than the product: this one warms it.');
    if (cooler && product.wanted_C <= cooler.coolant_C)
      complain(['product', 'wanted_C'], 'Nothing is cooled below its coolant.');
    if (product.wanted_C > product.in_C)
      complain(['product', 'wanted_C'], 'It comes cooler than is wanted: then nothing is to be cooled.');
    if (pump.limit_rpm !== null && pump.limit_rpm < pump.rated_rpm * 0.2)
      complain(['pump', 'limit_rpm'], 'That is far below the speed of its curve: check both.');
    const { ua } = cooler ?? { ua: null };
    if (ua?.kind === 'readings') {
      if (ua.coolant_C >= ua.in_C)
        complain(['cooler', 'ua', 'coolant_C'], 'The coolant must be colder than the product.');
      else if (ua.out_C >= ua.in_C || ua.out_C <= ua.coolant_C)
        complain(
          ['cooler', 'ua', 'out_C'],
          'It must leave cooler than it came, and warmer than the coolant.',
        );
    }
  },
);
export type TransferDuty = z.infer<typeof transferDutySchema>;
