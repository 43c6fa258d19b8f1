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
import type { CheckInput } from './input';

/** Usual greatest velocities in heating pipes, m/s; small bores are louder. */
const FASTEST_MS = { steel: 1.5, copper: 1, plastic: 1.5 } as const;

/** What no setting cures: duty, liquid, valves, pipe, pressure at the inlet. */
export function checkDuty({ context, subject, pump, at }: CheckInput): Finding[] {
  const { duty, plate, inlet_bar } = context;
  const found: Finding[] = [];
  // the other way of a twin may carry it: then no larger pump is needed
  const both = duty.twin && pump.runs === 'one' ? pumpOf(duty, 'on-demand') : null;
  if (spare_m(pump, duty) < -1e-9 && both && spare_m(both, duty) >= -1e-9)
    found.push(
      finding(
        'CIR-12.way',
        subject,
        {
          flow: fig('waterFlow', pump.flow_m3h),
          head: fig('length', duty.index.head_m),
          gives: fig('length', headAt_m(pump.curve, pump.flow_m3h)),
        },
        [at('twin.way')],
      ),
    );
  else if (spare_m(pump, duty) < -1e-9)
    found.push(
      finding('CIR-12', subject, {
        flow: fig('waterFlow', pump.flow_m3h),
        head: fig('length', duty.index.head_m),
        gives: fig('length', headAt_m(pump.curve, pump.flow_m3h)),
      }),
    );
  if (duty.carrier.kind === 'mixture' && duty.carrier.viscosity_mm2s > THICKEST_mm2s)
    found.push(
      finding('CIR-12.thick', subject, {
        viscosity: `${duty.carrier.viscosity_mm2s} mm²/s`,
        most: `${THICKEST_mm2s} mm²/s`,
      }),
    );
  const { allMayShut, leastFlow_m3h } = duty.valves;
  // a primary circuit keeps its flow only while something is open
  if (
    (varies(duty) || duty.system === 'primary') &&
    allMayShut &&
    (leastFlow_m3h === null || leastFlow_m3h === 0)
  )
    found.push(finding('CIR-15', subject, {}));
  if (duty.pipe) {
    const velocity = velocity_ms(pump.flow_m3h, duty.pipe.bore_mm);
    const most = FASTEST_MS[duty.pipe.material];
    if (velocity > most)
      found.push(
        finding('CIR-18.speed', subject, {
          velocity: fig('velocity', velocity),
          most: fig('velocity', most),
        }),
      );
  }
  if (inlet_bar !== null && plate.inlet_bar !== null && inlet_bar < plate.inlet_bar)
    found.push(
      finding('CIR-20', subject, {
        present: fig('pressure', inlet_bar),
        needed: fig('pressure', plate.inlet_bar),
      }),
    );
  return found;
}

/** Less than this short of the duty is rounding. */
const SHORT_SHARE = 0.02;

/** What the settings hold over the year: too low, a mode that does not fit, valves that whistle, a range that is wrong. */
export function checkHead({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const { duty } = context;
  const found: Finding[] = [];
  const { mode } = settings;
  if (mode === 'self' && context.purged !== true) found.push(finding('CIR-03', subject, {}, [at('mode')]));
  // a voltage asks for its speed from moment to moment: no line of its own to judge
  if (mode === null || settings.source === 'volts') return found;
  const line = lineOf(context, pump, settings);
  if (mode === 'self') {
    const highest = selfSpan(context)?.[1];
    if (
      highest &&
      spare_m(pump, duty) >= -1e-9 &&
      atDuty_m(pump, highest) < duty.index.head_m * (1 - SHORT_SHARE)
    )
      found.push(
        finding(
          'CIR-12.self',
          subject,
          { highest: fig('length', atDuty_m(pump, highest)), head: fig('length', duty.index.head_m) },
          [at('mode')],
        ),
      );
  }
  if (line !== null) {
    const gives = atDuty_m(pump, line);
    const outside = spare_m(pump, duty) < -1e-9;
    const byHead = mode === 'constant' || mode === 'proportional';
    const cannot = byHead && !carriesDuty(context, mode);
    if (!outside && gives < duty.index.head_m * (1 - SHORT_SHARE))
      found.push(
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
      );
    const whistles = valveHead_m(duty, pump, line);
    if (varies(duty) && whistles > LOUD_m)
      found.push(
        finding('CIR-18.valves', subject, { head: fig('length', whistles), most: fig('length', LOUD_m) }, [
          at('mode'),
          at('head'),
        ]),
      );
  }
  const turned = duty.system === 'cooling' ? 'heating' : 'cooling';
  if (mode === 'temperature' && settings.sense === turned)
    found.push(finding('CIR-11.sense', subject, { set: turned }, [at('temperature.sense')]));
  const fits = proposedMode(context);
  if (mode !== fits && duty.choices.mode !== mode) {
    const offered = modesOffered(context, pump);
    const energyOf = (of: Mode) => offered.find((one) => one.mode === of)?.energy_kWh[1] ?? null;
    const [now, best] = [
      line === null ? energyOf(mode) : yearCost(context, pump, line) / (duty.price_kWh || 1),
      energyOf(fits),
    ];
    const more = now === null || best === null ? 0 : Math.max(0, (now - best) * duty.price_kWh);
    found.push(
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
    );
  }
  return found;
}
