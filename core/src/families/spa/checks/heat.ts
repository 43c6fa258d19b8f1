import { eachOf } from '../../parts/check-input';
import type { Finding } from '../../../findings';
import { timeOfDay } from '../../../time';
import { fig } from '../../../units';
import { circulates, filterFlow_m3h, hoursOf, runsOf } from '../effect/cycles';
import { OUTPUT_WORDS } from '../wire/behaviours';
import {
  byPumpAlone_C,
  coldestBath,
  displayOffNow_K,
  FELT_K,
  heaterFlows,
  held_C,
  ready_h,
  settledDay,
  SWING_K,
  tubDay,
  warmest_C,
  warming,
} from '../effect/tub';
import { finding } from '../texts/texts';
import type { Output } from '../wire/behaviours';
import type { CheckInput } from './input';

/** Warm enough, in time, not too hot, and safe from frost; judged in the coldest air. */
export function checkHeat(input: CheckInput): Finding[] {
  return eachOf(input, limit, pumpAlone, reach, wantedHeld, frost, guards);
}

/** SPA-10: warm air and the pump's own heat, whatever is set. */
function pumpAlone({ context, subject, settings, row }: CheckInput): Finding[] {
  const { duty } = context;
  const runs = runsOf(settings);
  const hours = circulates(context, row) ? 24 : runs && hoursOf(runs);
  if (hours === null) return [];
  const water = byPumpAlone_C(duty, hours);
  if (water <= duty.wanted.limit_C + FELT_K) return [];
  return [
    finding('SPA-10.pump', subject, {
      air: fig('temperature', duty.tub.air_C),
      water: fig('temperature', water),
      limit: fig('temperature', duty.wanted.limit_C),
    }),
  ];
}

/** A thermometer and a display are together no better than this, K. */
const NEAR_K = 0.2;

/** SPA-10. */
function limit({ context, subject, settings, at }: CheckInput): Finding[] {
  const { limit_C } = context.duty.wanted;
  if (settings.set_C === null) return [];
  const limit = fig('temperature', limit_C);
  if (settings.set_C > limit_C + 1e-9)
    return [finding('SPA-10', subject, { set: fig('temperature', settings.set_C), limit }, [at('set')])];
  // what the range holds, and what the thermometer says of the display, count as much as what is set
  const held = held_C(context, settings);
  if (held === null || held <= limit_C + NEAR_K) return [];
  const off_K = displayOffNow_K(context, settings);
  const byDisplay = held + off_K <= limit_C + 1e-9;
  return [
    finding(
      byDisplay ? 'SPA-10.display' : 'SPA-10.range',
      subject,
      {
        set: fig('temperature', settings.set_C),
        water: fig('temperature', held),
        off: fig('difference', Math.abs(off_K)),
        limit,
      },
      byDisplay ? [at('set'), at('sensor.offset')] : [at('range'), at('set')],
    ),
  ];
}

/** What is to be held: no more than the local limit. */
function wanted_C({ duty }: CheckInput['context']): number {
  return Math.min(duty.wanted.temperature_C, duty.wanted.limit_C);
}

/** SPA-08: whether heater and cover can do it at all, and in time. */
function reach({ context, subject, settings, at }: CheckInput): Finding[] {
  const { duty } = context;
  const wanted = wanted_C(context);
  const air = fig('temperature', duty.tub.coldest_C);
  if (heaterFlows(duty) === false)
    return [
      finding('SPA-08.flow', subject, {
        flow: fig('waterFlow', filterFlow_m3h(duty) ?? 0),
        least: fig('waterFlow', duty.heater.leastFlow_m3h ?? 0),
      }),
    ];
  // with the heater on at any time it may be possible, and with the cycles that are set not
  const always = ready_h(duty, duty.wanted.from_C, wanted);
  const takes =
    always === null || settings.heating !== 'cycles' ? always : byCycles_h(context, settings, wanted, always);
  if (always === null)
    return [
      finding(
        'SPA-08',
        subject,
        { air, end: fig('temperature', warmest_C(duty)), wanted: fig('temperature', wanted) },
        [at('set')],
      ),
    ];
  const { within_h, from_C } = duty.wanted;
  if (takes === null)
    return [
      finding(
        'SPA-08.cycles',
        subject,
        { air, from: fig('temperature', from_C), wanted: fig('temperature', wanted) },
        [at('heating'), at('cycle.length')],
      ),
    ];
  if (within_h === null || takes <= within_h) return [];
  return [
    finding('SPA-08.time', subject, {
      from: fig('temperature', from_C),
      wanted: fig('temperature', wanted),
      takes: fig('hours', takes),
      within: fig('hours', within_h),
      air,
    }),
  ];
}

/** Time to warm up in the cycles that are set, h; as with the heater always on where the cycles are not known, null where never. */
function byCycles_h(
  context: CheckInput['context'],
  settings: CheckInput['settings'],
  wanted: number,
  always: number,
): number | null {
  const day = tubDay(context, settings);
  return day ? warming(context, day, wanted).ready_h : always;
}

/** SPA-12: heats when it is needed, in the coldest air. */
function wantedHeld({ context, subject, settings, at }: CheckInput): Finding[] {
  const { duty, profile } = context;
  const wanted = wanted_C(context);
  const wantedFig = fig('temperature', wanted);
  const held = held_C(context, settings);
  if (settings.heating === 'low') {
    const low = profile.behaviours.standsLow_C;
    // wanted low is meant so
    if (duty.choices.heating === 'low' || low === null || low >= wanted - FELT_K) return [];
    return [
      finding('SPA-12.low', subject, { held: fig('temperature', low), wanted: wantedFig }, [at('heating')]),
    ];
  }
  // as in the limit: what the thermometer says of the display counts as much as what its range ends at
  const off_K = displayOffNow_K(context, settings);
  if (held !== null && held < wanted - FELT_K && held + off_K >= wanted - FELT_K)
    return [
      finding(
        'SPA-12.display',
        subject,
        { held: fig('temperature', held), wanted: wantedFig, off: fig('difference', Math.abs(off_K)) },
        [at('set'), at('sensor.offset')],
      ),
    ];
  if (settings.set_C !== null && held !== null && held < settings.set_C - 1e-9 && held < wanted - FELT_K)
    return [
      finding('SPA-12.range', subject, { held: fig('temperature', held), wanted: wantedFig }, [at('range')]),
    ];
  if (settings.set_C !== null && settings.set_C < wanted - FELT_K)
    return [
      finding('SPA-12.set', subject, { set: fig('temperature', settings.set_C), wanted: wantedFig }, [
        at('set'),
      ]),
    ];
  if (settings.heating !== 'cycles' || held === null || warmest_C(duty) <= held) return [];
  const day = tubDay(context, settings);
  if (!day) return [];
  const worst = coldestBath(
    duty,
    settledDay(day, duty.tub.coldest_C, () => held),
  );
  if (!worst || worst.water_C >= held - SWING_K - FELT_K) return [];
  return [
    finding(
      'SPA-12',
      subject,
      {
        air: fig('temperature', duty.tub.coldest_C),
        water: fig('temperature', worst.water_C),
        at: timeOfDay(worst.at_min),
        wanted: wantedFig,
      },
      [at('heating')],
    ),
  ];
}

/** SPA-13. */
function frost({ context, subject, settings, at }: CheckInput): Finding[] {
  const { duty, profile } = context;
  const { coldest_C } = duty.tub;
  if (coldest_C >= 0) return [];
  const coldest = fig('temperature', coldest_C);
  const guard = profile.behaviours.frost;
  if (!guard) return [finding('SPA-13', subject, { coldest })];
  const lines: Output[] = [
    ...duty.pumps.map((_, i): Output => `pump-${i + 1}` as Output),
    ...(duty.circulation ? (['circulation'] as const) : []),
  ];
  const open = lines.filter((output) => !guard.runs.includes(output));
  const words = (outputs: readonly Output[]) => outputs.map((output) => OUTPUT_WORDS[output]).join(', ');
  const found: Finding[] = [];
  if (open.length > 0)
    found.push(
      finding('SPA-13.trusted', subject, {
        coldest,
        runs: guard.runs.length > 0 ? words(guard.runs) : 'nothing',
        below: fig('temperature', guard.below_C),
        open: words(open),
      }),
    );
  if (settings.heating === 'low') found.push(finding('SPA-13.off', subject, { coldest }, [at('heating')]));
  return found;
}

/** Who may turn it, and what a cut does. */
function guards({ context, subject, settings, at }: CheckInput): Finding[] {
  const found: Finding[] = [];
  if (context.duty.code && settings.lock === 'off')
    found.push(finding('ANY-11.spa', subject, {}, [at('lock')]));
  if (context.profile.behaviours.afterPowerCut === 'unknown') found.push(finding('ANY-12.spa', subject, {}));
  return found;
}
