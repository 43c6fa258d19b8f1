import { words } from '../../parts/proof-checks';
import { addressOf, parameterWithRole } from '../../../profile';
import { slip, stateCheck, wrong, type ProofCheck } from '../../../proof';
import { daysInWords, spanInWords, timeOfDay } from '../../../time';
import type { PoolContext } from '../settings/context';
import { leastSpeed_rpm, pumpOf } from '../effect/hydraulics';
import { pumpingOf, waterCircuits } from '../settings/pumping';
import { knownPrograms, type PoolSettings } from '../settings/understand';
import { SENSOR_NAMES, sensorKey, sensorsInUse, SENSOR_TOLERANCE_K, type Sensor } from '../effect/sensors';
import { handSpeed_rpm, storedTimedRuns } from '../effect/timed-runs';
import { heldBy, resolvedWeek } from '../effect/week';
import { beside } from './beside';
import { dryPrime, frostStart, lockedStop, powerCut } from './guards';

/** A power read from a drive or a clamp may be off by this, with the fit's own error in it. */
export const POWER_TOLERANCE = 0.1;
/** A flow read from a pool's float meter is no better. */
export const FLOW_TOLERANCE = 0.1;

/** The checks that this pump with these settings needs, in the order of work. */
export function proofChecks(context: PoolContext, given: PoolSettings): ProofCheck[] {
  const settings = pumpingOf(context.duty, given);
  return [
    ...sensors(context, settings),
    ...prime(settings),
    ...powers(context, settings),
    ...flows(context, settings),
    ...limit(settings),
    ...starts(context, settings),
    ...timed(context, settings),
    ...hold(context, settings),
    ...beside(context, settings),
    ...dryPrime(context, settings),
    ...frostStart(context, settings),
    ...lockedStop(settings),
    ...powerCut(settings),
    ...linked(context),
  ];
}

function sensors({ duty, profile }: PoolContext, settings: PoolSettings): ProofCheck[] {
  return sensorsInUse(duty, settings).map((sensor) => ({
    key: sensorKey(sensor),
    about: { kind: 'sensor' },
    title: `${SENSOR_NAMES[sensor]} against a reference`,
    method: `Hold a reference thermometer beside the ${sensor} sensor until it is steady, and read both.`,
    expected: 'both show the same',
    tolerance: words('difference', SENSOR_TOLERANCE_K),
    caution:
      sensor === 'roof' ? 'A roof is worked on with a second person and secured; its collector burns.' : null,
    pumps: false,
    voidedBy: offsetsOf(profile, sensor),
    ask: {
      kind: 'compare',
      shown: { key: 'shown_C', label: 'The controller shows', quantity: 'temperature' },
      reference: { key: 'reference_C', label: 'The reference shows', quantity: 'temperature' },
      within: SENSOR_TOLERANCE_K,
    },
  }));
}

/** A sensor does not change when a setting does: only its own offset voids what it was compared with. */
function offsetsOf(profile: PoolContext['profile'], sensor: Sensor): string[] {
  const parameter = parameterWithRole(profile, `sensor.${sensor}`);
  return parameter ? [addressOf(parameter)] : [];
}

function prime(settings: PoolSettings): ProofCheck[] {
  const { way, time_min } = settings.prime;
  if (way === null || way === 'off' || time_min === null) return [];
  return [
    {
      key: 'prime',
      title: 'Prime',
      method:
        'Fill the strainer pot, lid on, valves open. Start from rest and time it until the lid runs clear of air.',
      expected: `water within ${words('minutes', time_min)}`,
      tolerance: 'none',
      caution: 'Isolate and lock off before the lid is opened; close the valves of a flooded suction first.',
      pumps: false,
      wait: {
        words: 'Time the prime',
        lasts_s: time_min * 60,
        harm: 'Without water the seal runs dry.',
        takes: { figure: 'minutes', in: 'minutes' },
      },
      ask: {
        kind: 'figure',
        figure: { key: 'minutes', label: 'Clear of air after', quantity: 'minutes' },
        least: 0,
        greatest: time_min,
        off: slip(
          'POO-10',
          'standing',
          'Does not prime in its time',
          'Look for air at lid, union and suction valve before the time is made longer.',
        ),
      },
    },
  ];
}

/** The speeds that its programs truly run at, the slowest first: what never gets the pump is not in use. */
function speedsInUse(context: PoolContext, settings: PoolSettings): number[] {
  const speeds = resolvedWeek(context, settings).flatMap(({ program }) =>
    program ? [Math.round(program.speed)] : [],
  );
  return [...new Set(speeds)].sort((a, b) => a - b);
}

function powers(context: PoolContext, settings: PoolSettings): ProofCheck[] {
  const pump = pumpOf(context.duty);
  return speedsInUse(context, settings).map((speed) => {
    const expected = pump.power_W(speed);
    return {
      key: `power-${speed}`,
      about: { kind: 'power', at: speed },
      title: `Power at ${words('speed', speed)}`,
      method:
        'Let it settle for two minutes, and read the power: on an independent meter, or on its display.',
      expected: `${words('power', expected)}, by the fitted curve`,
      tolerance: `${words('percent', POWER_TOLERANCE * 100)}: the fit and the meter together`,
      caution: 'A clamp meter on live parts is for a licensed electrician.',
      pumps: false,
      ask: {
        kind: 'figure',
        figure: { key: 'power_W', label: 'Power', quantity: 'power' },
        least: expected * (1 - POWER_TOLERANCE),
        greatest: expected * (1 + POWER_TOLERANCE),
      },
    };
  });
}

/** The key of a circuit's check: its name without what a key cannot carry. */
function slug(name: string): string {
  return name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40);
}

function flows(context: PoolContext, settings: PoolSettings): ProofCheck[] {
  const { duty, profile } = context;
  const pump = pumpOf(duty);
  const range = profile.behaviours.speed;
  return waterCircuits(duty).map((circuit) => {
    const own = settings.circuits.find(({ place }) => place === circuit.place)?.speed_rpm;
    const [slowest] = speedsInUse(context, settings);
    const base = circuit.kind === 'filter' ? slowest : undefined;
    const speed = own ?? base ?? Math.max(range.least_rpm, leastSpeed_rpm(pump, circuit, range.step_rpm));
    const expected = pump.flow_m3h(speed, circuit.static_m);
    const least = Math.max(circuit.leastFlow_m3h, expected * (1 - FLOW_TOLERANCE));
    return {
      key: `flow-${slug(circuit.name)}`,
      about: { kind: 'flow' },
      title: `Flow of ${circuit.name} at ${words('speed', speed)}`,
      method: 'Read the flow meter, or time the fall of a known level; the filter as it is now.',
      expected:
        circuit.leastFlow_m3h > 0
          ? `${words('waterFlow', expected)}, ${words('waterFlow', circuit.leastFlow_m3h)} at least`
          : words('waterFlow', expected),
      tolerance: `${words('percent', FLOW_TOLERANCE * 100)}; more is allowed up to the clean filter`,
      caution: null,
      pumps: false,
      ask: {
        kind: 'figure',
        figure: { key: 'flow_m3h', label: 'Flow', quantity: 'waterFlow' },
        least,
        greatest: (expected / duty.beforeWash) * (1 + FLOW_TOLERANCE),
      },
    };
  });
}

function limit(settings: PoolSettings): ProofCheck[] {
  if (settings.limit_rpm === null) return [];
  const speed = words('speed', settings.limit_rpm);
  return [
    stateCheck(
      {
        key: 'limit',
        title: 'The maximum speed holds',
        method: `Ask by hand for more than ${speed}.`,
        expected: `it does not pass ${speed}`,
      },
      {
        held: 'Held',
        passed: wrong(
          'Goes faster',
          'POO-08',
          'speed',
          'The limit does not hold',
          'Runs by hand are not capped on this controller, or the limit was not stored.',
        ),
      },
      'held',
    ),
  ];
}

function starts(context: PoolContext, settings: PoolSettings): ProofCheck[] {
  if (heldBy(context, settings) === 'relay' || heldBy(context, settings) === 'link') return [];
  return knownPrograms(settings)
    .filter(({ enabled, start, stop }) => enabled && start !== stop)
    .map(({ slot, days, start, speed }) =>
      stateCheck(
        {
          key: `start-${slot}`,
          about: { kind: 'start' },
          title: `Program ${slot} starts by itself`,
          method: `Let it come to ${timeOfDay(start)}, ${daysInWords(days)}; or set the clock a minute before, watch, and set it back.`,
          expected: `it starts, and settles at ${words('speed', speed)}`,
          caution: 'The pump starts by itself: keep hands out.',
        },
        {
          starts: 'Starts',
          'other-speed': wrong(
            'Starts, other speed',
            'POO-02',
            'speed',
            'Another program has the pump',
            'A program that overlaps wins here, or a limit holds the speed.',
          ),
          stands: wrong(
            'It stands',
            'POO-01',
            'standing',
            'Does not start',
            'Its own enable is off, it stands in manual or on hold, or the clock is off. Look at them in that order.',
          ),
        },
        'starts',
      ),
    );
}

function timed({ profile }: PoolContext, settings: PoolSettings): ProofCheck[] {
  return storedTimedRuns(settings).map(({ slot, speed_rpm, minutes }) =>
    stateCheck(
      {
        key: slot === null ? 'timed-boost' : `timed-${slot}`,
        about: { kind: 'timed' },
        title: slot === null ? 'The boost run ends by itself' : `The timed run of key ${slot} ends by itself`,
        method: `Start it by hand, see it run at ${words('speed', handSpeed_rpm(profile, settings, speed_rpm))}, and be there when its time is up.`,
        expected: `it ends after ${words('minutes', minutes)}, and the program of this hour takes over`,
        wait: { words: 'Wait for its end', lasts_s: minutes * 60 },
      },
      {
        ends: 'It ends, programs take over',
        'goes-on': wrong(
          'Carries on',
          'POO-06',
          'manual',
          'Does not end by itself',
          'The key starts its slot and not a timed run, or its time was not stored.',
        ),
        stands: wrong(
          'It ends, and nothing runs',
          'POO-24',
          'manual',
          'Nothing takes over',
          'It stands in manual or on hold once the run is over: put it in automatic, and try again.',
        ),
      },
      'ends',
    ),
  );
}

function hold({ profile }: PoolContext, { hold_min }: PoolSettings): ProofCheck[] {
  const { service, timed } = profile.behaviours.holds;
  if (!service && !timed) return [];
  const byItself =
    timed && hold_min !== null ? `; a timed hold lets go by itself after ${spanInWords(hold_min)}` : '';
  return [
    stateCheck(
      {
        key: 'hold',
        title: 'The hold lets go',
        method: 'Put programs on hold, release it, and watch that the program of this hour takes over.',
        expected: `the program takes over${byItself}`,
        caution: 'A hold is not an isolation.',
        ...(timed && hold_min !== null
          ? { wait: { words: 'Wait for the timed hold', lasts_s: hold_min * 60 } }
          : {}),
      },
      {
        'takes-over': 'Takes over',
        stays: wrong(
          'It stays held',
          'POO-24',
          'manual',
          'It stays held',
          'It stands in another state: look at its display, and put it in automatic.',
        ),
      },
      'takes-over',
    ),
  ];
}

/** The key of the check of a linked device. */
export function linkedKey(index: number): string {
  return `linked-${index + 1}`;
}

function linked({ duty }: PoolContext): ProofCheck[] {
  return duty.linked.map(({ name }, i) =>
    stateCheck(
      {
        key: linkedKey(i),
        about: { kind: 'linked' },
        title: `${name} against the new schedule`,
        method: 'Compare its times, its flow switch and its interlock with the schedule as it runs now.',
        expected: 'it works only while the water moves',
        caution: 'A chemical dosed into still water hurts the next bather.',
      },
      {
        fits: 'It fits',
        apart: wrong(
          'It works without flow',
          'POO-26',
          'clock',
          'It works while the water stands',
          'Set its times to the new schedule, and see that its flow switch stops it.',
        ),
      },
      'fits',
    ),
  );
}
