import { eachOf } from '../../parts/check-input';
import type { Finding } from '../../../findings';
import { parameterWithRole, settableOver } from '../../../profile';
import { SUCTION_MARGIN_m } from '../../../hydraulics';
import { fig, type Quantity } from '../../../units';
import {
  ceilings,
  flowAt_m3h,
  flowAtBottom_m3h,
  movesAbove_rpm,
  pressureBehind_bar,
  suctionHead_m,
} from '../effect/pump';
import type { TransferRole } from '../settings/roles';
import { PUMP_KIND_WORDS } from '../wire/duty';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** Speeds against lift, motor, pump and suction; the plate; the run-on. */
export function checkSpeeds(input: CheckInput): Finding[] {
  return eachOf(input, limits, least, most, suction, plate, runOn, relief);
}

/** ANY-10: the least above the greatest. */
function limits({ subject, settings, at }: CheckInput): Finding[] {
  const { least_rpm, most_rpm, cleaning, cleaning_rpm } = settings;
  if (least_rpm === null || most_rpm === null) return [];
  const values = { least: fig('speed', least_rpm), greatest: fig('speed', most_rpm) };
  if (least_rpm >= most_rpm)
    return [finding('ANY-10.limits', subject, values, [at('speed.least'), at('speed.greatest')])];
  if (cleaning !== 'used' || cleaning_rpm === null) return [];
  if (cleaning_rpm >= least_rpm && cleaning_rpm <= most_rpm) return [];
  const outside = { ...values, what: 'The speed for cleaning', value: fig('speed', cleaning_rpm) };
  return [finding('ANY-10.outside', subject, outside, [at('cleaning.speed')])];
}

function least({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const moves = movesAbove_rpm(pump);
  const { least_rpm } = settings;
  // exactly there it moves nothing yet
  if (least_rpm === null || least_rpm > moves + 1e-6) return [];
  return [
    finding(
      'LEV-01',
      subject,
      {
        set: fig('speed', least_rpm),
        lift: fig('length', pump.lift_m),
        moves: fig('speed', moves),
        needed: fig(
          'speed',
          settableOver(parameterWithRole(context.profile, 'speed.least'), 'speed', Math.ceil(moves) + 1),
        ),
      },
      [at('speed.least')],
    ),
  ];
}

function most({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  return fastest(settings).flatMap(([set_rpm, role]) =>
    ceilings(context, pump).flatMap(({ by, rpm }) => {
      if (by === 'suction' || by === 'curve' || set_rpm <= rpm + 0.5) return [];
      const values = { set: fig('speed', set_rpm), limit: fig('speed', Math.floor(rpm)) };
      return [finding(by === 'motor' ? 'LEV-01.most' : 'LEV-01.pump', subject, values, [at(role)])];
    }),
  );
}

/** The speeds that it may turn at upwards: its greatest, and the one for cleaning where that is faster still. */
function fastest({
  most_rpm,
  cleaning,
  cleaning_rpm,
}: CheckInput['settings']): (readonly [number, 'speed.greatest' | 'cleaning.speed'])[] {
  const washes = cleaning === 'used' && cleaning_rpm !== null && cleaning_rpm > (most_rpm ?? 0);
  return [
    ...(most_rpm === null ? [] : [[most_rpm, 'speed.greatest'] as const]),
    ...(washes ? [[cleaning_rpm, 'cleaning.speed'] as const] : []),
  ];
}

/** LEV-12: at the greatest speed, with the vessel's vacuum. */
function suction({ context, subject, settings, at }: CheckInput): Finding[] {
  const { npsh_m, rated_rpm } = context.duty.pump;
  const [speed_rpm, role] = fastest(settings).at(-1) ?? [];
  if (npsh_m === null || speed_rpm === undefined || role === undefined) return [];
  const there = suctionHead_m(context);
  const needed = npsh_m * (speed_rpm / rated_rpm) ** 2;
  if (there >= needed + SUCTION_MARGIN_m - 1e-6) return [];
  return [
    finding(
      'LEV-12',
      subject,
      {
        vacuum: fig('vacuum', context.duty.vessel.vacuum_kPa),
        there: fig('length', there),
        speed: fig('speed', speed_rpm),
        needed: fig('length', needed),
      },
      [at(role)],
    ),
  ];
}

/** What a display rounds a plate to. */
const NEAR = 0.03;

/** LEV-05. */
function plate({ context, subject, settings, at }: CheckInput): Finding[] {
  const { motor } = settings;
  const rows: readonly [string, TransferRole, Quantity, number | null, number | null][] = [
    ['voltage', 'motor.volts', 'voltage', motor.volts_V, context.plate.volts_V],
    ['current', 'motor.current', 'motorCurrent', motor.current_A, context.plate.current_A],
    ['speed', 'motor.speed', 'speed', motor.speed_rpm, context.plate.speed_rpm],
  ];
  return rows.flatMap(([what, role, q, set, stands]) =>
    set === null || stands === null || Math.abs(set - stands) <= NEAR * stands
      ? []
      : [finding('LEV-05', subject, { what, set: fig(q, set), plate: fig(q, stands) }, [at(role)])],
  );
}

/** LEV-09: by the flow that it has when the vessel is empty: even-flow may turn faster than its least speed there. */
function runOn({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const { runOn_s, least_rpm } = settings;
  if (runOn_s === null || least_rpm === null) return [];
  const flow = flowAtBottom_m3h(context.duty, pump, settings) ?? flowAt_m3h(pump, least_rpm);
  const drawn = (flow / 3.6) * runOn_s;
  const { outlet_L } = context.duty.pump;
  if (drawn <= outlet_L * (1 + 1e-9)) return [];
  return [
    finding(
      'LEV-09',
      subject,
      {
        runOn: fig('seconds', runOn_s),
        drawn: fig('volume', drawn),
        outlet: fig('volume', outlet_L),
        most: fig('seconds', Math.floor((outlet_L / flow) * 3.6)),
      },
      [at('run-on')],
      // one that displaces by a soft impeller has nothing but the liquid to run on
      context.duty.pumpKind === 'flexible' ? 'warn' : undefined,
    ),
  ];
}

/** LEV-14: one that displaces pushes on against a shut valve until something gives. */
function relief({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  if (pump.kind !== 'displaces') return [];
  const { relief, relief_bar } = context.duty.pump;
  const kind = PUMP_KIND_WORDS[context.duty.pumpKind];
  if (relief === undefined) return [finding('LEV-14.asked', subject, { kind })];
  if (!relief) return [finding('LEV-14', subject, { kind })];
  const [speed_rpm, role] = fastest(settings).at(-1) ?? [];
  if (relief_bar === undefined || speed_rpm === undefined || role === undefined) return [];
  const behind = pressureBehind_bar(pump, speed_rpm, context.duty.product.density_kgm3);
  if (behind < relief_bar - 1e-9) return [];
  const values = {
    opens: fig('pressure', relief_bar),
    behind: fig('pressure', behind),
    speed: fig('speed', speed_rpm),
  };
  return [finding('LEV-14.opens', subject, values, [at(role)])];
}
