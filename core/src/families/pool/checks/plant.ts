import { eachOf } from '../../parts/check-input';
import { THRESHOLDS, type Finding } from '../../../findings';
import { DAY_MIN } from '../../../time';
import { fig } from '../../../units';
import type { CheckInput } from './input';
import { poolChoices } from '../wire/duty';
import { type Circuit } from '../wire/circuits';
import { leastSpeed_rpm } from '../effect/hydraulics';
import { CLEANER_WAITS_min, FROST_GUARD_C } from '../plan/guards';
import { SENSOR_NAMES, SENSOR_TOLERANCE_K, sensorsInUse, shownTooMuch_K } from '../effect/sensors';
import { finding } from '../texts/texts';
import { checkChlorine } from './chlorine';
import { checkHeat } from './heat';
import { primes_min } from '../effect/week';

/** POO-10, 11, 13 to 17, 19 and 20: priming, frost, heat, cleaner, chlorinator, sensors and the kind of pump. */
export function checkPlant(input: CheckInput): Finding[] {
  return eachOf(input, priming, frost, checkHeat, cleaner, checkChlorine, sensors, kind);
}

function priming({ settings, context, subject, at }: CheckInput): Finding[] {
  const { way, time_min } = settings.prime;
  const addresses = [at('prime.mode'), at('prime.time')];
  if (way === 'off' || time_min === 0) {
    return poolChoices(context.duty).priming === 'off' ? [] : [finding('POO-10.off', subject, {}, addresses)];
  }
  if (time_min === null || way === null) return [];
  const time = fig('minutes', time_min);
  if (time_min < THRESHOLDS.primeLeast_min) {
    return [
      finding('POO-10.short', subject, { time, limit: fig('minutes', THRESHOLDS.primeLeast_min) }, addresses),
    ];
  }
  if (time_min > THRESHOLDS.primeMost_min) {
    return [
      finding('POO-10.long', subject, { time, limit: fig('minutes', THRESHOLDS.primeMost_min) }, addresses),
    ];
  }
  return [];
}

/** Nearer to freezing than this a pipe in the wind is ahead of the sensor on its wall, °C. */
const FROST_LATE_C = 1.5;
/** Above this it runs in weather that freezes nothing, °C. */
const FROST_OFTEN_C = 7;

function frost({ settings, context, pump, subject, at }: CheckInput): Finding[] {
  const { duty, profile } = context;
  const exposed = duty.circuits.filter((circuit) => circuit.exposed);
  const wish = poolChoices(duty).frost;
  if (duty.winter === null || duty.winter === 'none' || exposed.length === 0 || wish === 'drain') return [];
  const circuits = exposed.map(({ name }) => name).join(', ');
  const found: Finding[] = [];
  if (settings.frost.on === false) {
    found.push(finding('POO-11.off', subject, { circuits }, [at('frost.guard')]));
  } else if (settings.frost.on && profile.behaviours.frost?.protects === 'drive') {
    if (wish !== 'drive-only')
      found.push(finding('POO-11.drive', subject, { circuits }, [at('frost.guard')]));
  } else if (settings.frost.on) {
    const left = exposed.filter(({ place }) =>
      settings.circuits.some((circuit) => circuit.place === place && circuit.frost === false),
    );
    if (left.length > 0) {
      found.push(
        finding(
          'POO-11.circuit',
          subject,
          { circuits: left.map(({ name }) => name).join(', ') },
          left.map(({ place }) => at('circuit.frost', place ?? 1)),
        ),
      );
    }
  }
  found.push(...frostTooSlow(exposed), ...frostAt());
  if (duty.winter === 'hard' && settings.frost.on)
    found.push(finding('POO-11.hard', subject, {}, [at('frost.guard')]));
  return found;

  /** Where it starts: sensor and pipe differ, and the rest is cost. */
  function frostAt(): Finding[] {
    const { below_C, on } = settings.frost;
    if (!on || below_C === null) return [];
    const values = { set: fig('temperature', below_C), wanted: fig('temperature', FROST_GUARD_C) };
    if (below_C < FROST_LATE_C) return [finding('POO-11.late', subject, values, [at('frost.temperature')])];
    return below_C > FROST_OFTEN_C
      ? [finding('POO-11.often', subject, values, [at('frost.temperature')])]
      : [];
  }

  /** A guard that lifts nothing over a roof guards nothing there. */
  function frostTooSlow(circuits: readonly Circuit[]): Finding[] {
    const { speed_rpm, on } = settings.frost;
    const moves = profile.behaviours.frost !== null && profile.behaviours.frost.protects !== 'drive';
    if (!on || speed_rpm === null || !moves) return [];
    const speed = Math.min(speed_rpm, settings.greatest_rpm);
    return circuits
      .filter(({ static_m }) => static_m > 0)
      .flatMap((circuit) => {
        const flow = pump.flow_m3h(speed, circuit.static_m);
        if (flow >= circuit.leastFlow_m3h * (1 - THRESHOLDS.volumeDust)) return [];
        return [
          finding(
            'POO-11.slow',
            subject,
            {
              circuit: circuit.name,
              speed: fig('speed', speed),
              flow: fig('waterFlow', flow),
              least: fig('waterFlow', circuit.leastFlow_m3h),
              needed: fig('speed', leastSpeed_rpm(pump, circuit, profile.behaviours.speed.step_rpm)),
            },
            [at('frost.speed')],
          ),
        ];
      });
  }
}

/** A cleaner that waits for more than this share of its run cleans less than was agreed. */
const CLEANER_LOSES = 0.2;

/** The cleaner's booster must not start before the main pump has primed and settled. */
function cleaner({ settings, context, week, subject, at }: CheckInput): Finding[] {
  const circuit = context.duty.circuits.find(({ kind: what }) => what === 'cleaner');
  if (!circuit || circuit.place === null || !week) return [];
  const delay = settings.delays.cleaner_min;
  const starts = week.flatMap((stretch, i) => {
    const before = week[(i + week.length - 1) % week.length];
    const runs = stretch.program?.circuit === circuit.place;
    const fresh = before.program?.circuit !== circuit.place || before.speed_rpm === 0;
    if (!runs || !fresh || stretch.speed_rpm === 0) return [];
    return [before.speed_rpm === 0 ? 0 : runningFor_min(i)];
  });
  if (starts.length === 0) return [];
  const wait = Math.min(...starts) + (delay ?? 0);
  const wanted = Math.max(CLEANER_WAITS_min, primes_min(settings));
  if (wait >= wanted) return late(delay ?? 0, wanted);
  return [
    finding('POO-16', subject, { wait: fig('minutes', wait), wanted: fig('minutes', wanted) }, [
      at('delay.cleaner'),
    ]),
  ];

  /** What it waits is taken from its own run. */
  function late(waits: number, enough: number): Finding[] {
    const runs = settings.programs
      .filter(({ circuit: place, enabled }) => place === circuit!.place && enabled !== false)
      .flatMap(({ start, stop }) =>
        start === null || stop === null ? [] : [(stop - start + DAY_MIN) % DAY_MIN],
      );
    const run = Math.min(...runs);
    if (waits <= enough || waits <= run * CLEANER_LOSES) return [];
    const values = {
      wait: fig('minutes', waits),
      run: fig('minutes', run),
      wanted: fig('minutes', enough),
    };
    return [finding('POO-16.late', subject, values, [at('delay.cleaner')])];
  }

  function runningFor_min(i: number): number {
    let minutes = 0;
    for (let k = 1; k < week!.length; k++) {
      const stretch = week![(i + week!.length - k) % week!.length];
      if (stretch.speed_rpm === 0) break;
      minutes += stretch.to - stretch.from;
    }
    return minutes;
  }
}

/** A sensor that was compared, and whose offset does not put right what it is off by. */
function sensors({ settings, context, subject, at }: CheckInput): Finding[] {
  return sensorsInUse(context.duty, settings).flatMap((sensor) => {
    const off_K = shownTooMuch_K(context.sensorErrors, settings, sensor);
    if (off_K === null || Math.abs(off_K) <= SENSOR_TOLERANCE_K) return [];
    return [
      finding(
        'POO-19.off',
        subject,
        {
          sensor: SENSOR_NAMES[sensor],
          off: fig('difference', Math.abs(off_K)),
          way: off_K < 0 ? 'too little' : 'too much',
          offset: fig('difference', settings.sensors[sensor] - off_K),
        },
        [at(`sensor.${sensor}`)],
      ),
    ];
  });
}

function kind({ settings, context, subject, at }: CheckInput): Finding[] {
  const { plate } = context;
  if (settings.kind === null || plate.kind === null || settings.kind === plate.kind) return [];
  return [finding('POO-20', subject, { set: settings.kind, plate: plate.kind }, [at('pump.kind')])];
}
