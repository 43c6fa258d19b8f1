import type { Finding } from '../../../findings';
import { headAt_m, velocity_ms } from '../../../hydraulics';
import { fig } from '../../../units';
import { atDuty_m, lineOf, LOUD_m, selfSpan, valveHead_m, varies, yearCost } from '../effect/line';
import { pumpOf, spare_m } from '../effect/pump';
import { carriesDuty, headFor_m, modesOffered, proposedMode, shareForDuty } from '../plan/propose';
import { CIRCULATOR_REASONS } from '../texts/reasons';
import { finding } from '../texts/texts';
import { MODE_WORDS, type Mode } from '../wire/behaviours';
import { THICKEST_mm2s } from '../wire/duty';
import { eachOf } from '../../parts/check-input';
import type { CheckInput } from './input';

/** Usual greatest velocities in heating pipes, m/s; small bores are louder. */
const FASTEST_MS = { steel: 1.5, copper: 1, plastic: 1.5 } as const;

/** What no setting cures: duty, liquid, valves, pipe, pressure at the inlet. */
export function checkDuty(input: CheckInput): Finding[] {
  return eachOf(input, carried, thick, shut, fast, standing);
}

/** CIR-12: the duty against the whole curve. */
function carried({ context, subject, pump, at }: CheckInput): Finding[] {
  const { duty } = context;
  if (spare_m(pump, duty) >= -1e-9) return [];
  const values = {
    flow: fig('waterFlow', pump.flow_m3h),
    head: fig('length', duty.index.head_m),
    gives: fig('length', headAt_m(pump.curve, pump.flow_m3h)),
  };
  // the other way of a twin may carry it: then no larger pump is needed
  const both = duty.twin && pump.runs === 'one' ? pumpOf(duty, 'on-demand') : null;
  return both && spare_m(both, duty) >= -1e-9
    ? [finding('CIR-12.way', subject, values, [at('twin.way')])]
    : [finding('CIR-12', subject, values)];
}

function thick({ context, subject }: CheckInput): Finding[] {
  const { carrier } = context.duty;
  if (carrier.kind !== 'mixture' || carrier.viscosity_mm2s <= THICKEST_mm2s) return [];
  return [
    finding('CIR-12.thick', subject, {
      viscosity: `${carrier.viscosity_mm2s} mm²/s`,
      most: `${THICKEST_mm2s} mm²/s`,
    }),
  ];
}

/** CIR-15: a primary circuit keeps its flow only while something is open. */
function shut({ context, subject }: CheckInput): Finding[] {
  const { duty } = context;
  const { allMayShut, leastFlow_m3h } = duty.valves;
  const keeps = leastFlow_m3h !== null && leastFlow_m3h !== 0;
  return (varies(duty) || duty.system === 'primary') && allMayShut && !keeps
    ? [finding('CIR-15', subject, {})]
    : [];
}

function fast({ context, subject, pump }: CheckInput): Finding[] {
  const { pipe } = context.duty;
  if (!pipe) return [];
  const velocity = velocity_ms(pump.flow_m3h, pipe.bore_mm);
  const most = FASTEST_MS[pipe.material];
  return velocity > most
    ? [finding('CIR-18.speed', subject, { velocity: fig('velocity', velocity), most: fig('velocity', most) })]
    : [];
}

/** CIR-20: at the inlet less than its plate asks for. */
function standing({ context, subject }: CheckInput): Finding[] {
  const { plate, inlet_bar } = context;
  return inlet_bar !== null && plate.inlet_bar !== null && inlet_bar < plate.inlet_bar
    ? [
        finding('CIR-20', subject, {
          present: fig('pressure', inlet_bar),
          needed: fig('pressure', plate.inlet_bar),
        }),
      ]
    : [];
}

/** Less than this short of the duty is rounding. */
const SHORT_SHARE = 0.02;

/** What the settings hold over the year: too low, a mode that does not fit, valves that whistle, a range that is wrong. */
export function checkHead(input: CheckInput): Finding[] {
  const { mode, source } = input.settings;
  // a voltage asks for its speed from moment to moment: no line of its own to judge
  if (mode === null || source === 'volts') return eachOf(input, unpurged);
  return eachOf(input, unpurged, selfLow, low, whistling, sense, fitting);
}

function unpurged({ context, subject, settings, at }: CheckInput): Finding[] {
  return settings.mode === 'self' && context.purged !== true
    ? [finding('CIR-03', subject, {}, [at('mode')])]
    : [];
}

/** CIR-12: what it adjusts itself within ends under the duty. */
function selfLow({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const { duty } = context;
  const highest = settings.mode === 'self' ? selfSpan(context)?.[1] : undefined;
  if (
    !highest ||
    spare_m(pump, duty) < -1e-9 ||
    atDuty_m(pump, highest) >= duty.index.head_m * (1 - SHORT_SHARE)
  )
    return [];
  return [
    finding(
      'CIR-12.self',
      subject,
      { highest: fig('length', atDuty_m(pump, highest)), head: fig('length', duty.index.head_m) },
      [at('mode')],
    ),
  ];
}

/** CIR-12: what is set gives less than the duty. */
function low({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const { duty } = context;
  const { mode } = settings;
  const line = lineOf(context, pump, settings);
  if (mode === null || line === null) return [];
  const gives = atDuty_m(pump, line);
  const outside = spare_m(pump, duty) < -1e-9;
  if (outside || gives >= duty.index.head_m * (1 - SHORT_SHARE)) return [];
  const byHead = mode === 'constant' || mode === 'proportional';
  const cannot = byHead && !carriesDuty(context, mode);
  return [
    finding(
      cannot ? 'CIR-12.mode' : 'CIR-12.set',
      subject,
      {
        mode: MODE_WORDS[mode],
        flow: fig('waterFlow', pump.flow_m3h),
        gives: fig('length', gives),
        head: fig('length', duty.index.head_m),
        needed:
          mode !== 'constant' && mode !== 'proportional'
            ? fig('percent', shareForDuty(context, pump) * 100)
            : fig('length', headFor_m(context, pump, mode) ?? duty.index.head_m),
      },
      [at(cannot ? 'mode' : byHead ? 'head' : 'speed')],
    ),
  ];
}

/** CIR-18: valves that whistle as they close. */
function whistling({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const line = lineOf(context, pump, settings);
  if (line === null || !varies(context.duty)) return [];
  const whistles = valveHead_m(context.duty, pump, line);
  return whistles > LOUD_m
    ? [
        finding('CIR-18.valves', subject, { head: fig('length', whistles), most: fig('length', LOUD_m) }, [
          at('mode'),
          at('head'),
        ]),
      ]
    : [];
}

function sense({ context, subject, settings, at }: CheckInput): Finding[] {
  if (settings.mode !== 'temperature') return [];
  const turned = context.duty.system === 'cooling' ? 'heating' : 'cooling';
  return settings.sense === turned
    ? [finding('CIR-11.sense', subject, { set: turned }, [at('temperature.sense')])]
    : [];
}

/** CIR-11: another mode fits this system better. */
function fitting({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const { duty } = context;
  const { mode } = settings;
  const fits = proposedMode(context);
  if (mode === null || mode === fits || duty.choices.mode === mode) return [];
  const line = lineOf(context, pump, settings);
  const offered = modesOffered(context, pump);
  const energyOf = (of: Mode) => offered.find((one) => one.mode === of)?.energy_kWh[1] ?? null;
  const [now, best] = [
    line === null ? energyOf(mode) : yearCost(context, pump, line) / (duty.price_kWh || 1),
    energyOf(fits),
  ];
  const more = now === null || best === null ? 0 : Math.max(0, (now - best) * duty.price_kWh);
  return [
    finding(
      'CIR-11',
      subject,
      {
        mode: MODE_WORDS[mode],
        fits: MODE_WORDS[fits],
        why: CIRCULATOR_REASONS[`mode.${duty.system}`],
        more: `${more.toFixed(2)} ${duty.currency}`,
      },
      [at('mode')],
    ),
  ];
}
