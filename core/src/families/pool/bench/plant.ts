import { parameterWithRole } from '../../../profile';
import { surface_m2 } from '../../../hydraulics';
import { pricesOfWeek, resolveWeek } from '../../../schedule';
import { DAY_MIN, WEEK_MIN } from '../../../time';
import { monthOf, type PoolContext } from '../settings/context';
import { neededPerDay_m3, pumpOf, totalVolume_m3 } from '../effect/hydraulics';
import { shownTooMuch_K, type Sensor } from '../effect/sensors';
import { InputError } from '../../../input';
import { pumpingOf, waterCircuits } from '../settings/pumping';
import type { RunningProgram } from '../settings/understand';
import type { PoolProfile } from '../wire/job';
import { knownPrograms, refusesOverlap, rulesOf, weekKnown, type PoolSettings } from '../settings/understand';
import { handSpeed_rpm, storedTimedRuns } from '../effect/timed-runs';
import { heldBy } from '../effect/week';

/** Grain of the tables of flow and power, rev/min. */
export const TABLE_rpm = 10;
/** Heat that a m³ of water takes for 1 K, kWh. */
const HEAT_kWh = 1.163;
/** Heat that a surface loses to the air, kW for each m² and K: an open, sheltered pool. */
const LOSS_kW = 0.02;
/** Full sun on a roof collector, kW for each m² of it that reaches the water. */
const SUN_kW = 0.6;
/** Heater taken where the duty does not know it: warms all the water by 1 K in this many hours. */
const HEATER_HOURS_PER_K = 4;
/** What a bare collector gives off to the air by night, kW for each m² and K. */
const ROOF_LOSS_kWm2K = 0.02;
/** A coarse sensing takes foam for water at half of the pull; a fine one waits for the last air. */
const SENSE_SHARE = { fine: 1.5, usual: 1, coarse: 0.5 } as const;
/** Roof collector taken where the duty does not know it, as a share of the surface. */
const ROOF_SHARE = 0.5;

/**
 * One pool pump with its settings and its plant, as bare figures and tables for the stepping loop: everything that needs more
 * than + − × ÷ is worked out here, once.
 */
export interface PoolPlant {
  /** by minute of the controller's week: which program has the pump, -1 for none */
  readonly programAt: Int16Array;
  readonly speedOf: readonly number[];
  readonly circuitOf: readonly number[];
  /** by circuit, 0 for none, and speed in steps of `TABLE_rpm`: flow in m³/h */
  readonly flow: readonly Float64Array[];
  readonly power: Float64Array;
  /** by minute of the true week: price of a kWh */
  readonly price: Float64Array;
  readonly held: boolean;
  readonly least_rpm: number;
  readonly greatest_rpm: number;
  readonly fullSpeed_rpm: number;
  readonly capsHand: boolean;
  // clock
  readonly clockAhead_s: number;
  readonly keeps_s: number;
  readonly lostStands: boolean;
  readonly waitsAfterCut: boolean;
  // prime
  readonly prime_rpm: number;
  readonly prime_s: number;
  readonly senses: boolean;
  /** share of a sound pull after which it takes the prime for full */
  readonly senseShare: number;
  readonly hold_s: number;
  readonly dryAlarm: boolean;
  // hand runs and holds
  readonly handEndsWithProgram: boolean;
  /** minute of the day at which a run by hand ends with its own slot; -1 where none does */
  readonly handStop_min: number;
  readonly handWhileHeld: boolean;
  /** the run that ends by itself; no seconds where there is none */
  readonly timed_rpm: number;
  readonly timed_s: number;
  /** how long a timed hold lasts; 0 where it is not known */
  readonly timedHold_s: number;
  // frost
  readonly frostBelow_C: number;
  readonly frost_rpm: number;
  readonly frost_s: number;
  /** by circuit: 1 where its pipes stand in the frost */
  readonly exposed: readonly number[];
  /** by circuit: 1 where frost guard moves its water */
  readonly guarded: readonly number[];
  // heat
  /** speed that a panel raises the pump to while heater or roof call; 0 where none does */
  readonly heater_rpm: number;
  readonly roof_rpm: number;
  /** the roof's circuit, whose lift its water takes; 0 where no panel switches it */
  readonly roofCircuit: number;
  readonly fires: boolean;
  readonly solar: boolean;
  readonly solarFirst: boolean;
  readonly setPoint_C: number;
  readonly heater_kW: number;
  readonly heaterLeast_m3h: number;
  readonly afterRun_s: number;
  readonly heatNeeds_s: number;
  readonly start_K: number;
  readonly stop_K: number;
  readonly roof_kW: number;
  readonly cools: boolean;
  readonly coolAbove_C: number;
  /** what the roof gives off for each K that the water is warmer than it */
  readonly roofLoss_kWK: number;
  readonly roofLeast_m3h: number;
  readonly kWhPerK: number;
  readonly loss_kW: number;
  readonly water_C: number;
  // treatment
  readonly chlorine_gps: number;
  /** at full output, and how long a boost runs it so */
  readonly boost_gps: number;
  readonly boost_s: number;
  readonly chlorineLeast_m3h: number;
  readonly chlorineCold_C: number;
  readonly cutOut_C: number;
  readonly cleaner: number;
  readonly cleanerDelay_s: number;
  readonly cleanerNeeds_s: number;
  readonly needed_m3: number;
}

/** A cleaner's booster must have water this long before it starts, s. */
const CLEANER_NEEDS_s = 120;
const NEVER = 1e9;
const DUST_K = 1e-9;

/** Throws an InputError on `programs` where nobody can tell what runs: a program that was not read whole, or one that would be refused. */
function refuseUnknown({ profile }: PoolContext, settings: PoolSettings): void {
  if (!weekKnown(settings)) {
    throw new InputError('programs', 'Not every program was read whole: what the pump does is not known.');
  }
  if (refusesOverlap(profile, settings)) {
    throw new InputError(
      'programs',
      'Programs overlap, and this controller refuses that: which of them stands is not known. Read them again.',
    );
  }
}

/** A run by hand is of the first slot that is a key: it ends where that slot does. */
function ownStop_min({ behaviours }: PoolProfile, programs: readonly RunningProgram[]): number {
  const { keyed, timed } = behaviours.programs;
  const own = keyed.find((slot) => !timed.includes(slot));
  return programs.find(({ slot }) => slot === own)?.stop ?? -1;
}

/**
 * Tables and figures of a pool pump for the bench. Throws an InputError where what it runs is not known; what else was not read is
 * listed by `unknownToBench`.
 */
export function poolPlant(context: PoolContext, given: PoolSettings): PoolPlant {
  const { duty, profile } = context;
  const settings = pumpingOf(duty, given);
  const { behaviours } = profile;
  const pump = pumpOf(duty);
  refuseUnknown(context, settings);
  const programs = knownPrograms(settings);
  const places = Math.max(
    0,
    ...waterCircuits(duty).map(({ place }) => place ?? 0),
    ...programs.map(({ circuit }) => circuit ?? 0),
  );
  // one more than the greatest speed needs, for a figure between the last two
  const steps = Math.ceil(behaviours.speed.greatest_rpm / TABLE_rpm) + 2;
  // powers and roots differ in the last digit from engine to engine: rounded once, they are the same everywhere
  const table = (at: (speed: number) => number) =>
    Float64Array.from({ length: steps }, (_, i) => (i === 0 ? 0 : Number(at(i * TABLE_rpm).toPrecision(12))));
  const liftOf = (place: number) => duty.circuits.find((circuit) => circuit.place === place)?.static_m ?? 0;
  const clamps = behaviours.limitClamps;
  const prime = settings.prime.speed_rpm ?? settings.greatest_rpm;
  const surface = duty.bodies.reduce(
    (sum, body) => sum + body.shapes.reduce((m2, shape) => m2 + surface_m2(shape), 0),
    0,
  );
  const least = (kind: string) => duty.circuits.find((circuit) => circuit.kind === kind)?.leastFlow_m3h ?? 0;
  const exposed = duty.circuits.filter((circuit) => circuit.exposed);
  const { source } = settings.heat;
  const panelSpeed = (kind: 'heater' | 'solar') => {
    const place = duty.circuits.find((circuit) => circuit.kind === kind)?.place ?? null;
    if (behaviours.kind !== 'panel' || place === null) return 0;
    const speed = settings.circuits.find((circuit) => circuit.place === place)?.speed_rpm ?? 0;
    return Math.min(speed, settings.greatest_rpm);
  };
  const cold = duty.chlorinator?.cold_C ?? -NEVER;
  // a sensor that nobody compared is taken to be right
  const tooMuch_K = (sensor: Sensor) => shownTooMuch_K(context.sensorErrors, settings, sensor) ?? 0;
  const roofTooMuch_K = tooMuch_K('roof') - tooMuch_K('water');
  const [timed] = storedTimedRuns(settings);
  const marks = <T>(value: (place: number) => T) =>
    Array.from({ length: places + 1 }, (_, place) => value(place));
  return {
    programAt: programTable(context, settings),
    speedOf: programs.map(({ speed }) => speed),
    circuitOf: programs.map(({ circuit }) => circuit ?? 0),
    flow: marks((place) => table((speed) => pump.flow_m3h(speed, liftOf(place)))),
    power: table((speed) => pump.power_W(speed)),
    price: priceTable(context),
    held: heldBy(context, settings) !== null,
    least_rpm: settings.least_rpm,
    greatest_rpm: settings.greatest_rpm,
    fullSpeed_rpm: behaviours.speed.greatest_rpm,
    capsHand: clamps.includes('boost'),
    clockAhead_s: context.clockAhead_min * 60,
    keeps_s: behaviours.clock.keeps_h * 3600,
    lostStands: behaviours.clock.lost === 'stands',
    waitsAfterCut: settings.afterPowerCut === 'wait',
    prime_rpm: clamps.includes('prime') ? Math.min(prime, settings.greatest_rpm) : prime,
    prime_s: settings.prime.way === 'off' ? 0 : (settings.prime.time_min ?? 0) * 60,
    senses: settings.prime.way === 'sense',
    senseShare: SENSE_SHARE[settings.prime.senses ?? 'usual'],
    hold_s: settings.prime.hold_min * 60,
    dryAlarm: behaviours.priming.notPrimed === 'dry-alarm',
    handEndsWithProgram: behaviours.handRun === 'until-next-program',
    handStop_min: behaviours.handRun === 'own-stop' ? ownStop_min(profile, programs) : -1,
    handWhileHeld: behaviours.holds.handRunDuring,
    timed_rpm: timed ? handSpeed_rpm(profile, settings, timed.speed_rpm) : 0,
    timed_s: timed ? timed.minutes * 60 : 0,
    timedHold_s: (settings.hold_min ?? 0) * 60,
    frostBelow_C: settings.frost.on ? (settings.frost.below_C ?? 3) - tooMuch_K('air') : -NEVER,
    frost_rpm: settings.frost.speed_rpm ?? settings.least_rpm,
    frost_s: behaviours.frost?.hours == null ? 0 : behaviours.frost.hours * 3600,
    exposed: marks((place) =>
      place === 0
        ? Number(exposed.some((circuit) => circuit.place === null))
        : Number(exposed.some((circuit) => circuit.place === place)),
    ),
    guarded: marks((place) =>
      behaviours.frost?.protects === 'drive'
        ? 0
        : place === 0
          ? 1
          : Number(settings.circuits.find((circuit) => circuit.place === place)?.frost !== false),
    ),
    heater_rpm: panelSpeed('heater'),
    roof_rpm: panelSpeed('solar'),
    roofCircuit: duty.circuits.find(({ kind }) => kind === 'solar')?.place ?? 0,
    fires: source === 'heater' || source === 'heat-pump' || source === 'solar-first',
    solar: source === 'solar' || source === 'solar-first',
    solarFirst: source === 'solar-first',
    setPoint_C:
      ((settings.heat.body === 'tub' ? settings.heat.tub_C : settings.heat.pool_C) ?? -NEVER) -
      tooMuch_K('water'),
    heater_kW: duty.heat?.heater_kW ?? (HEAT_kWh * totalVolume_m3(duty)) / HEATER_HOURS_PER_K,
    heaterLeast_m3h: least('heater'),
    afterRun_s: (settings.heat.afterRun_min ?? 0) * 60,
    heatNeeds_s: (duty.heat?.afterRun_min ?? 0) * 60,
    // binary dust must not keep 29.2 − 25 from being 4.2
    start_K: (settings.solar.start_K ?? NEVER) - roofTooMuch_K - DUST_K,
    stop_K: (settings.solar.stop_K ?? NEVER) - roofTooMuch_K - DUST_K,
    roof_kW: SUN_kW * (duty.heat?.roof_m2 ?? surface * ROOF_SHARE),
    cools: settings.cooling.on === true && settings.cooling.above_C !== null,
    coolAbove_C: (settings.cooling.above_C ?? NEVER) - tooMuch_K('water'),
    roofLoss_kWK: ROOF_LOSS_kWm2K * (duty.heat?.roof_m2 ?? surface * ROOF_SHARE),
    roofLeast_m3h: least('solar'),
    kWhPerK: HEAT_kWh * totalVolume_m3(duty),
    // where nothing here heats it, something else keeps its temperature
    loss_kW: duty.heat ? LOSS_kW * surface : 0,
    water_C: duty.water_C ?? duty.heat?.pool_C ?? 20,
    chlorine_gps:
      ((duty.chlorinator?.rated_gph ?? 0) * ((settings.chlorinator.output_pct ?? 0) / 100)) / 3600,
    boost_gps: (duty.chlorinator?.rated_gph ?? 0) / 3600,
    boost_s: (behaviours.chlorinatorBoost_h ?? 0) * 3600,
    chlorineLeast_m3h: least('chlorinator'),
    chlorineCold_C: cold,
    cutOut_C: (settings.chlorinator.cold_C ?? -NEVER) - tooMuch_K('water'),
    cleaner: duty.circuits.find(({ kind }) => kind === 'cleaner')?.place ?? -1,
    cleanerDelay_s: (settings.delays.cleaner_min ?? 0) * 60,
    cleanerNeeds_s: CLEANER_NEEDS_s,
    needed_m3: neededPerDay_m3(duty),
  };
}

function programTable({ profile }: PoolContext, settings: PoolSettings): Int16Array {
  const programs = knownPrograms(settings);
  const table = new Int16Array(WEEK_MIN).fill(-1);
  for (const { from, to, program } of resolveWeek(programs, rulesOf(profile))) {
    if (program) table.fill(programs.indexOf(program), from, to);
  }
  return table;
}

function priceTable({ duty, today }: PoolContext): Float64Array {
  const table = new Float64Array(WEEK_MIN);
  pricesOfWeek(duty.tariff.windows, monthOf(today)).days.forEach((windows, day) => {
    for (const { from, to, price } of windows) table.fill(price, day * DAY_MIN + from, day * DAY_MIN + to);
  });
  return table;
}

/** What the bench takes for granted, since nobody read it: in words, for whoever looks at the run. */
export function unknownToBench({ duty, profile }: PoolContext, settings: PoolSettings): string[] {
  const { prime, frost, heat, solar, chlorinator } = settings;
  const heats = duty.heat !== null && duty.heat.source !== 'off';
  const sun = heat.source === 'solar' || heat.source === 'solar-first';
  const unread = (missing: boolean, words: string) => (missing ? [words] : []);
  return [
    ...unread(
      prime.way === null || (prime.way !== 'off' && prime.time_min === null),
      'The prime is not known: it is run without one.',
    ),
    ...unread(
      profile.behaviours.frost !== null && frost.on === null,
      'The frost guard is not known: it is run without one.',
    ),
    ...unread(
      frost.on === true && (frost.below_C === null || frost.speed_rpm === null),
      'Where the frost guard starts, or its speed, is not known: 3 °C, or its minimum speed, is taken.',
    ),
    ...unread(
      profile.behaviours.holds.timed &&
        settings.hold_min === null &&
        parameterWithRole(profile, 'hold.time') !== undefined,
      'How long a timed hold lasts is not known: one that is started ends at once.',
    ),
    ...unread(heats && heat.source === null, 'The source of heat is not known: nothing heats.'),
    ...unread(
      heats && heat.pool_C === null && heat.tub_C === null,
      'The set point is not known: nothing heats.',
    ),
    ...unread(
      heats && sun && (solar.start_K === null || solar.stop_K === null),
      'The differences of the roof are not known: it never runs over the roof.',
    ),
    ...unread(
      duty.chlorinator !== null && chlorinator.output_pct === null,
      'The output of the chlorinator is not known: it makes nothing.',
    ),
    ...unread(
      settings.afterPowerCut === null,
      'What it does after a power cut is not known: it is taken to go on.',
    ),
  ];
}
