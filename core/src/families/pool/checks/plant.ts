import { THRESHOLDS, type Finding } from '../../../findings';
import { SOLAR_GAP_LEAST_K } from '../../../heat';
import { fig } from '../../../units';
import type { CheckInput } from './checks';
import { poolChoices, type Circuit } from '../wire/duty';
import { leastSpeed_rpm } from '../effect/hydraulics';
import { CLEANER_WAITS_min, FROST_GUARD_C } from '../plan/guards';
import { SENSOR_NAMES, SENSOR_TOLERANCE_K, sensorsInUse, shownTooMuch_K } from '../effect/sensors';
import { finding } from '../texts/texts';
import { chlorinatorHours, chlorineOfDay_g } from '../effect/treatment';
import { primes_min } from '../effect/week';

/** POO-10, 11, 13 to 17, 19 and 20: priming, frost, heat, cleaner, chlorinator, sensors and the kind of pump. */
export function checkPlant(input: CheckInput): Finding[] {
  return [
    ...priming(input),
    ...frost(input),
    ...heat(input),
    ...solar(input),
    ...cleaner(input),
    ...chlorinator(input),
    ...chlorineShort(input),
    ...sensors(input),
    ...kind(input),
  ];
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

/** Water so much under what was agreed is felt, K. */
const COOLER_K = 1;

function heat({ settings, context, subject, at }: CheckInput): Finding[] {
  const { heat: wanted } = context.duty;
  const { source, pool_C, tub_C, body, afterRun_min } = settings.heat;
  if (!wanted) return [];
  if (source === 'off')
    return wanted.source === 'off'
      ? []
      : [finding('POO-14.off', subject, { wanted: fig('temperature', wanted.pool_C) }, [at('heat.source')])];
  const found: Finding[] = [];
  for (const [water, set_C, wish_C] of [
    ['pool', pool_C, wanted.pool_C],
    ['tub', tub_C, wanted.tub_C],
  ] as const) {
    if (set_C === null || wish_C === null || set_C >= wish_C - COOLER_K) continue;
    const values = { water, set: fig('temperature', set_C), wanted: fig('temperature', wish_C) };
    found.push(finding('POO-14.cool', subject, values, [at(`heat.${water}`)]));
  }
  const fired = source === 'heater' || source === 'solar-first' || source === 'heat-pump';
  if (fired && afterRun_min !== null && afterRun_min < wanted.afterRun_min) {
    found.push(
      finding(
        'POO-13',
        subject,
        { time: fig('minutes', afterRun_min), wanted: fig('minutes', wanted.afterRun_min) },
        [at('heat.after-run')],
      ),
    );
  }
  const names = { pool: 'pool', tub: 'tub' } as const;
  if (body !== null) {
    const idle = body === 'pool' ? 'tub' : 'pool';
    const setIdle = body === 'pool' ? tub_C : pool_C;
    const wish = body === 'pool' ? wanted.tub_C : wanted.pool_C;
    const own = body === 'pool' ? pool_C : tub_C;
    const ownWish = body === 'pool' ? wanted.pool_C : wanted.tub_C;
    // the wanted temperature went into the water that is not selected, while the selected one stands elsewhere
    if (
      setIdle !== null &&
      wish !== null &&
      own !== null &&
      ownWish !== null &&
      Math.abs(own - ownWish) > THRESHOLDS.setPoint_K &&
      Math.abs(setIdle - ownWish) <= THRESHOLDS.setPoint_K
    ) {
      found.push(
        finding('POO-14.body', subject, { idle: names[idle], selected: names[body] }, [
          at(`heat.${idle}`),
          at('heat.body'),
        ]),
      );
    }
  }
  for (const [water, set] of [
    ['pool', pool_C],
    ['tub', tub_C],
  ] as const) {
    if (set === null || set <= wanted.warmest_C) continue;
    found.push(
      finding(
        'POO-14.warm',
        subject,
        { body: names[water], set: fig('temperature', set), warmest: fig('temperature', wanted.warmest_C) },
        [at(`heat.${water}`)],
      ),
    );
  }
  return found;
}

function solar({ settings, subject, at }: CheckInput): Finding[] {
  const { start_K, stop_K } = settings.solar;
  const { source } = settings.heat;
  if (start_K === null || stop_K === null || source === 'off' || source === 'heater') return [];
  if (start_K - stop_K >= SOLAR_GAP_LEAST_K) return [];
  return [
    finding(
      'POO-15',
      subject,
      {
        start: fig('difference', start_K),
        stop: fig('difference', stop_K),
        gap: fig('difference', SOLAR_GAP_LEAST_K),
      },
      [at('solar.start'), at('solar.stop')],
    ),
  ];
}

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
  if (wait >= wanted) return [];
  return [
    finding('POO-16', subject, { wait: fig('minutes', wait), wanted: fig('minutes', wanted) }, [
      at('delay.cleaner'),
    ]),
  ];

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

/** A chlorinator set to less than this share of what is needed is short; the need itself is no better known. */
const CHLORINE_ENOUGH = 0.95;
/** What sun and bathers take varies by less than this: beyond it the water has too much. */
const CHLORINE_MUCH = 1.5;

/** What is set makes too little in the hours in which its own circuit has its flow. */
function chlorineShort({ settings, context, subject, at }: CheckInput): Finding[] {
  const { chlorinator: wanted } = context.duty;
  const made_g = chlorineOfDay_g(context, settings);
  const hours = chlorinatorHours(context, settings);
  if (wanted && settings.chlorinator.output_pct === 0)
    return [
      finding('PRO-02.off', subject, { needed: fig('mass', wanted.needed_gpd) }, [at('chlorinator.output')]),
    ];
  if (!wanted || made_g === null || hours === null || made_g === 0) return [];
  if (made_g > wanted.needed_gpd * CHLORINE_MUCH)
    return [
      finding(
        'PRO-02.much',
        subject,
        { needed: fig('mass', wanted.needed_gpd), made: fig('mass', made_g), hours: fig('hours', hours) },
        [at('chlorinator.output')],
      ),
    ];
  if (made_g >= wanted.needed_gpd * CHLORINE_ENOUGH) return [];
  return [
    finding(
      'PRO-02.set',
      subject,
      {
        needed: fig('mass', wanted.needed_gpd),
        made: fig('mass', made_g),
        hours: fig('hours', hours),
        output: fig('percent', settings.chlorinator.output_pct ?? 0),
      },
      [at('chlorinator.output')],
    ),
  ];
}

function chlorinator({ settings, context, subject, at }: CheckInput): Finding[] {
  const { chlorinator: wanted, water_C } = context.duty;
  const { output_pct, cold_C } = settings.chlorinator;
  if (!wanted || output_pct === null || output_pct === 0 || water_C === null || water_C >= wanted.cold_C)
    return [];
  if (cold_C !== null && cold_C >= wanted.cold_C) return [];
  return [
    finding(
      'POO-17',
      subject,
      {
        water: fig('temperature', water_C),
        cold: fig('temperature', wanted.cold_C),
        set: cold_C === null ? 'not known' : fig('temperature', cold_C),
      },
      [at('chlorinator.cold'), at('chlorinator.output')],
    ),
  ];
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
