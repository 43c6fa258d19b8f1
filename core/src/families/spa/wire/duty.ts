import { z } from 'zod';
import { InputError } from '../../../input';
import { checkedTariff } from '../../../schedule';
import { DAY_MIN } from '../../../time';
import { notNegative, positive } from '../../parts/duty-figures';
import { HEATER_RULES } from '../../../electric';
import { MOST_PUMPS } from './table';

const temperature = (what: string, least = -40, most = 60) =>
  z
    .number({ error: `${what} must be a number.` })
    .min(least, `${what} cannot be below ${least} °C.`)
    .max(most, `${what} cannot be above ${most} °C.`);
const minute = (what: string) =>
  z
    .int(`${what} must be a time of day.`)
    .min(0, `${what} cannot be before 0:00.`)
    .max(DAY_MIN, `${what} cannot be after 24:00.`);
const phase = z
  .int('Which phase: 1, 2 or 3.')
  .min(1, 'Which phase: 1, 2 or 3.')
  .max(3, 'Which phase: 1, 2 or 3.');
/** A stretch of each day; one that ends before it begins runs over midnight. */
const windowSchema = z
  .object({ from: minute('The start').max(DAY_MIN - 1, 'A start lies before 24:00.'), to: minute('The end') })
  .strict()
  .refine(({ from, to }) => from !== to, {
    path: ['to'],
    message: 'It must end at another time than it begins.',
  });

const load = { current_A: positive('The current', 100), power_W: positive('The power', 25_000) };
const loadSchema = z.object(load).strict();
export type ElectricLoad = z.infer<typeof loadSchema>;

const pumpSchema = z
  .object({
    /** null on a pump of one speed */
    low: loadSchema.nullable(),
    high: loadSchema,
    phase,
    /** at low speed, or at its only one; null while nobody knows */
    low_m3h: positive('The flow', 500).nullable(),
  })
  .strict();
export type SpaPump = z.infer<typeof pumpSchema>;

const heaterSchema = z
  .object({
    power_kW: positive('The heater', 60),
    /** across each of its elements */
    volts_V: positive('The voltage', 1000),
    /** elements on a phase each */
    phases: z.int('One, two or three phases.').min(1, 'One phase at least.').max(3, 'Three phases at most.'),
    /** the first of them */
    phase,
    /** under it the heater cuts out; null where its plate does not say */
    leastFlow_m3h: positive('The least flow', 500).nullable(),
  })
  .strict();

const lossSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('stated'), covered_WK: positive('The loss', 5000) }).strict(),
  z
    .object({
      kind: z.literal('cool-down'),
      from_C: temperature('The water at first'),
      to_C: temperature('The water at the end'),
      air_C: temperature('The air meanwhile'),
      hours_h: positive('The time', 240),
    })
    .strict(),
]);

/** What hangs on a pack, what it stands in, and what is wanted of it. */
const spaDutyObject = z
  .object({
    family: z.literal('spa'),
    pumps: z
      .array(pumpSchema)
      .min(1, 'Enter one pump at least: without water moving there is nothing to heat.')
      .max(MOST_PUMPS, 'Four pumps at most.'),
    blower: z
      .object({ ...load, phase })
      .strict()
      .nullable(),
    circulation: z
      .object({ ...load, phase, flow_m3h: positive('The flow', 500).nullable() })
      .strict()
      .nullable(),
    ozone: z
      .object({ ...load, phase })
      .strict()
      .nullable(),
    lights: z
      .object({ ...load, phase })
      .strict()
      .nullable(),
    heater: heaterSchema,
    supply: z
      .object({
        volts_V: positive('The voltage', 1000),
        phases: z
          .int('One, two or three phases.')
          .min(1, 'One phase at least.')
          .max(3, 'Three phases at most.'),
        breaker_A: positive('The breaker', 125),
      })
      .strict(),
    tub: z
      .object({
        volume_L: positive('The volume', 50_000),
        air_C: temperature('The usual air'),
        coldest_C: temperature('The coldest air'),
        loss: lossSchema,
        /** cover off; null while nobody knows */
        open_WK: positive('The loss without its cover', 20_000).nullable(),
      })
      .strict(),
    /** what the local code asks of a tub that several households use; null where one household alone does */
    code: z
      .object({
        circulation_h: positive('The hours of circulation').max(24, 'A day has 24 hours.'),
        turnovers: positive('The turnovers', 200),
        /** free chlorine or bromine, held all the time */
        residual_mgL: positive('The residual', 20),
      })
      .strict()
      .nullable(),
    wanted: z
      .object({
        temperature_C: temperature('The wanted temperature', 5, 60),
        /** the greatest that the local code allows */
        limit_C: temperature('The local limit', 20, 45),
        /** as it is filled */
        from_C: temperature('The water as it is filled', 0, 60),
        /** how soon it is to be warm after filling; null where that does not matter */
        within_h: positive('The time', 240).nullable(),
        turnovers: positive('The turnovers', 200),
      })
      .strict(),
    baths: z.array(windowSchema).max(6, 'At most six times a day.'),
    quiet: z.array(windowSchema).max(4, 'At most four stretches.'),
    prices: z
      .array(
        z
          .object({ from: minute('A price'), to: minute('A price'), price: notNegative('The price', 1000) })
          .strict(),
      )
      .min(1, 'Enter a price for the day.')
      .max(12, 'At most twelve prices.'),
    currency: z.string().min(1, 'Which currency?').max(12),
    choices: z
      .object({
        rule: z.enum(HEATER_RULES).optional(),
        heating: z.enum(['always', 'cycles', 'low']).optional(),
        /** what it could be held at between bathing */
        between_C: temperature('The temperature between bathing', 5, 45).optional(),
        /** how long it cleans up after bathing */
        cleanUp_min: notNegative('The clean-up run', 600).optional(),
      })
      .strict(),
  })
  .strict();

/** No board of a tub takes more on a phase than this: a current is mistyped then. */
const MOST_SUM_A = 125;

/** What a spa pack is to do. */
export const spaDutySchema = spaDutyObject.superRefine((duty, context) => {
  const complain = (path: (string | number)[], message: string) =>
    context.addIssue({ code: 'custom', path, message });
  const { supply, heater, tub, wanted, baths } = duty;
  const phaseSaid = `The supply has ${supply.phases === 1 ? 'one phase' : `${supply.phases} phases`}: there is no phase`;
  const on: readonly [(string | number)[], number | undefined][] = [
    ...duty.pumps.map((pump, i): [(string | number)[], number] => [['pumps', i, 'phase'], pump.phase]),
    ...(['blower', 'circulation', 'ozone', 'lights'] as const).map((key): [string[], number | undefined] => [
      [key, 'phase'],
      duty[key]?.phase,
    ]),
    [['heater', 'phase'], heater.phase],
  ];
  for (const [path, at] of on)
    if (at !== undefined && at > supply.phases) complain(path, `${phaseSaid} ${at}.`);
  if (heater.phases > supply.phases)
    complain(['heater', 'phases'], `${phaseSaid} ${heater.phases}: the heater cannot use as many.`);
  duty.pumps.forEach(({ low, high }, i) => {
    if (low && low.current_A > high.current_A)
      complain(['pumps', i, 'low', 'current_A'], 'At low speed it cannot take more than at high speed.');
  });
  const sum =
    (heater.power_kW * 1000) / heater.volts_V / heater.phases +
    [...duty.pumps.map(({ high }) => high), duty.blower, duty.circulation, duty.ozone, duty.lights]
      .map((one) => one?.current_A ?? 0)
      .reduce((all, one) => all + one, 0);
  if (sum > MOST_SUM_A * supply.phases)
    complain(
      ['supply', 'breaker_A'],
      `All together take ${sum.toFixed(0)} A: no breaker of a tub carries that. Check the currents.`,
    );
  if (tub.coldest_C > tub.air_C)
    complain(['tub', 'coldest_C'], 'The coldest air cannot be warmer than the usual.');
  if (tub.loss.kind === 'cool-down') {
    const { from_C, to_C, air_C } = tub.loss;
    if (to_C >= from_C) complain(['tub', 'loss', 'to_C'], 'It must be cooler at the end than at first.');
    if (air_C >= to_C)
      complain(['tub', 'loss', 'air_C'], 'The air must be colder than the water at the end.');
  }
  if (wanted.from_C > wanted.temperature_C)
    complain(['wanted', 'from_C'], 'It is filled warmer than is wanted: then nothing is to be heated.');
  baths.forEach((one, i) => {
    if (baths.slice(0, i).some((other) => overlap(one, other)))
      complain(['baths', i, 'from'], 'This time lies in another one.');
  });
  try {
    checkedTariff(duty.prices);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    complain(['prices', 0, 'from'], error.message);
  }
});
export type SpaDuty = z.infer<typeof spaDutySchema>;

function overlap(a: { from: number; to: number }, b: { from: number; to: number }): boolean {
  const parts = ({ from, to }: { from: number; to: number }) =>
    from < to
      ? [[from, to]]
      : [
          [from, DAY_MIN],
          [0, to],
        ];
  return parts(a).some(([from, to]) => parts(b).some(([other, until]) => from < until && other < to));
}
