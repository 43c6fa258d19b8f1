import {
  after_C,
  balance_C,
  heldHeat_WhK,
  lossOfCoolDown_WK,
  standing_kWh,
  warmUp_h,
  type Body,
} from '../../../heat';
import { inWindow } from '../../../schedule';
import { DAY_MIN } from '../../../time';
import type { SpaContext } from '../settings/context';
import type { SpaSettings } from '../settings/understand';
import type { SpaDuty } from '../wire/duty';
import { circulates, cleanUpsOf, filterFlow_m3h, minutesOf, runsOf } from './cycles';
import { heatsInBath, jetsOf } from './load';
import { rowOf } from './match';

/** Water this much under what is wanted is felt. */
export const FELT_K = 0.5;

/** Loss of the tub under its cover, W/K: as stated, or from its own cool-down. */
export function coveredLoss_WK({ tub }: Pick<SpaDuty, 'tub'>): number {
  return tub.loss.kind === 'stated'
    ? tub.loss.covered_WK
    : lossOfCoolDown_WK(heldHeat_WhK(tub.volume_L), tub.loss);
}

/** The tub under its cover. */
export function bodyOf(duty: Pick<SpaDuty, 'tub'>): Body {
  return { held_WhK: heldHeat_WhK(duty.tub.volume_L), loss_WK: coveredLoss_WK(duty) };
}

/** Heat of the pump that runs while it heats, W: what it takes ends in the water. */
export function circulatingHeat_W({ circulation, pumps }: SpaDuty): number {
  return circulation?.power_W ?? (pumps[0].low ?? pumps[0].high).power_W;
}

/** Heat with heater and pump, W. */
export function heat_W(duty: SpaDuty): number {
  return duty.heater.power_kW * 1000 + circulatingHeat_W(duty);
}

/** Whether the flow that filters is enough for the heater; null while either is not known. */
export function heaterFlows(duty: SpaDuty): boolean | null {
  const [flow, least] = [filterFlow_m3h(duty), duty.heater.leastFlow_m3h];
  return flow === null || least === null ? null : flow >= least;
}

/** By how much the display is off the water with these settings, K: as it was read, and what its correction changed since. */
export function displayOffNow_K(
  { displayOff_K, offsetThen_K }: Pick<SpaContext, 'displayOff_K' | 'offsetThen_K'>,
  { offset_K }: Pick<SpaSettings, 'offset_K'>,
): number {
  return displayOff_K === null ? 0 : displayOff_K + ((offset_K ?? offsetThen_K) - offsetThen_K);
}

/**
 * What the water is really held at: the set point within its range, or what it stands at, less what the display is off the water; null
 * where that is not known.
 */
export function held_C(
  context: Pick<SpaContext, 'profile' | 'displayOff_K' | 'offsetThen_K'>,
  settings: SpaSettings,
): number | null {
  const { set_C, range, heating } = settings;
  const { ranges, standsLow_C } = context.profile.behaviours;
  const off_K = displayOffNow_K(context, settings);
  if (heating === 'low') return standsLow_C === null ? null : standsLow_C - off_K;
  if (set_C === null) return null;
  if (ranges === null || range === null) return set_C - off_K;
  const [least, most] = ranges[range];
  return Math.min(most, Math.max(least, set_C)) - off_K;
}

/** Time from the water as it is filled to what is wanted, with the heater on all the time, h, in the coldest air; null where it never is. */
export function ready_h(
  duty: SpaDuty,
  from_C = duty.wanted.from_C,
  to_C = duty.wanted.temperature_C,
): number | null {
  return warmUp_h(bodyOf(duty), heat_W(duty), duty.tub.coldest_C, from_C, to_C);
}

/** Heat that standing warm takes a day in the usual air, under the cover, kWh. */
export function standsWarm_kWh(duty: SpaDuty, held_C: number): number {
  return standing_kWh(coveredLoss_WK(duty), held_C, duty.tub.air_C);
}

/** When heating must begin at the latest to be warm for the first bath of the day, min from midnight, and how many days before. */
export function latestStart(
  { baths }: Pick<SpaDuty, 'baths'>,
  takes_h: number,
): { readonly at_min: number; readonly daysBefore: number } | null {
  if (baths.length === 0) return null;
  const first = Math.min(...baths.map(({ from }) => from));
  const at = first - Math.ceil(takes_h * 60);
  return { at_min: ((at % DAY_MIN) + DAY_MIN) % DAY_MIN, daysBefore: Math.max(0, Math.ceil(-at / DAY_MIN)) };
}

/** The warmest that it can be held at in an air, °C. */
export function warmest_C(duty: SpaDuty, air_C = duty.tub.coldest_C): number {
  return balance_C(air_C, heat_W(duty), coveredLoss_WK(duty));
}

/** What the covered water comes to in the usual air by the heat of the pump alone, over so many hours of running a day, °C. */
export function byPumpAlone_C(duty: SpaDuty, hours: number): number {
  return balance_C(duty.tub.air_C, (circulatingHeat_W(duty) * hours) / 24, coveredLoss_WK(duty));
}

/** What a day of the tub needs to be known by: which minutes filter, bathe, and may heat. */
export interface TubDay {
  readonly body: Body;
  readonly open_WK: number;
  readonly heats: Uint8Array;
  /** the same on a day on which nobody bathes */
  readonly calm: Uint8Array;
  readonly bathes: Uint8Array;
  readonly moves: Uint8Array;
  readonly heater_W: number;
  readonly circulating_W: number;
  readonly jets_W: number;
}

/** How far the water falls before it heats again, K. */
export const SWING_K = 0.3;

/** The day of a tub with settings; null where cycles that it hangs on are not known. */
export function tubDay(context: SpaContext, settings: SpaSettings): TubDay | null {
  const { duty, table } = context;
  const row = rowOf(table, settings.number);
  if (!row) return null;
  const runs = runsOf(settings);
  const bathes = minutesOf(duty.baths);
  const always = circulates(context, row);
  if (runs === null && !always) return null;
  const moves = always
    ? new Uint8Array(DAY_MIN).fill(1)
    : minutesOf([...(runs ?? []), ...cleanUpsOf(duty, settings.cleanUp_min), ...duty.baths]);
  const cycles = minutesOf(runs ?? []);
  const inBath = heatsInBath(duty, row);
  const anyTime = settings.heating === 'always' || settings.heating === null;
  // what its flow cuts out never heats
  const flows = heaterFlows(duty) !== false;
  const calm = Uint8Array.from(cycles, (cycle) => (flows && (anyTime || cycle === 1) ? 1 : 0));
  const heats = calm.map((may, minute) => (bathes[minute] === 1 ? (flows && inBath ? 1 : 0) : may));
  const jets = jetsOf(duty, row);
  return {
    body: bodyOf(duty),
    open_WK: duty.tub.open_WK ?? coveredLoss_WK(duty),
    heats,
    calm,
    bathes,
    moves,
    heater_W: duty.heater.power_kW * 1000,
    circulating_W: circulatingHeat_W(duty),
    jets_W: duty.pumps.reduce((sum, { high }, i) => sum + (jets.pumps[i] === 'high' ? high.power_W : 0), 0),
  };
}

/** Temperatures of the last day, minute by minute, and how much it heated, with what the water took up meanwhile. */
export interface TubCourse {
  readonly water_C: readonly number[];
  /** minutes in which it heated, of all days that were counted, with what that took: the pump too where it runs for it alone */
  readonly heated: readonly { readonly minute: number; readonly power_W: number }[];
  readonly counted_days: number;
  /** what the water is warmer by at the end of them, K */
  readonly warmer_K: number;
}

/** One minute of a tub: its next temperature, and whether it heats. */
export function tubMinute(
  day: TubDay,
  minute: number,
  at_C: number,
  heating: boolean,
  held_C: number,
  air_C: number,
): { water_C: number; heating: boolean } {
  const calls = heating ? at_C < held_C : at_C < held_C - SWING_K;
  const heats = calls && day.heats[minute] === 1;
  const bathes = day.bathes[minute] === 1;
  const moved_W = bathes ? day.jets_W : day.moves[minute] === 1 || heats ? day.circulating_W : 0;
  const body = bathes ? { ...day.body, loss_WK: day.open_WK } : day.body;
  return {
    water_C: after_C(body, at_C, (heats ? day.heater_W : 0) + moved_W, air_C, 1 / 60),
    heating: heats,
  };
}

const SETTLES_days = 3;

/**
 * A day in an air that comes again and again, once it has settled.
 *
 * @param held what is held in each minute, °C
 * @param counted_days days that are counted after it has settled: more of them even out when exactly it heats
 */
export function settledDay(
  day: TubDay,
  air_C: number,
  held: (minute: number) => number,
  counted_days = 1,
): TubCourse {
  let [water, heating] = [held(0), false];
  let begun = water;
  const water_C: number[] = [];
  const heated: { minute: number; power_W: number }[] = [];
  for (let at = 0; at < (SETTLES_days + counted_days) * DAY_MIN; at++) {
    if (at === SETTLES_days * DAY_MIN) begun = water;
    const minute = at % DAY_MIN;
    const next = tubMinute(day, minute, water, heating, held(minute), air_C);
    [water, heating] = [next.water_C, next.heating];
    if (at < SETTLES_days * DAY_MIN) continue;
    if (heating) {
      const pump_W = day.moves[minute] === 1 || day.bathes[minute] === 1 ? 0 : day.circulating_W;
      heated.push({ minute, power_W: day.heater_W + pump_W });
    }
    if (at >= (SETTLES_days + counted_days - 1) * DAY_MIN) water_C.push(water);
  }
  return { water_C, heated, counted_days, warmer_K: water - begun };
}

/** The coldest water in the times of bathing, and when; null without bathing. */
export function coldestBath(
  duty: SpaDuty,
  { water_C }: TubCourse,
): { at_min: number; water_C: number } | null {
  let worst: { at_min: number; water_C: number } | null = null;
  for (const { from } of duty.baths) {
    // as one steps in: jets and an open cover cool it afterwards whatever is set
    const water = water_C[(from + DAY_MIN - 1) % DAY_MIN];
    if (!worst || water < worst.water_C) worst = { at_min: from, water_C: water };
  }
  return worst;
}

const MOST_h = 14 * 24;

/** Warming up as the settings have it, in the coldest air and without bathing: by the half hour, and when it is there; null where never. */
export function warming(
  { duty }: SpaContext,
  day: TubDay,
  held: number,
  from_min = 0,
): { readonly water_C: readonly number[]; readonly ready_h: number | null } {
  const air = duty.tub.coldest_C;
  const alone: TubDay = { ...day, bathes: new Uint8Array(DAY_MIN), heats: day.calm };
  let [water, heating, ready]: [number, boolean, number | null] = [duty.wanted.from_C, true, null];
  const water_C: number[] = [water];
  for (let at = 0; at < MOST_h * 60; at++) {
    const next = tubMinute(alone, (from_min + at) % DAY_MIN, water, heating, held, air);
    [water, heating] = [next.water_C, next.heating];
    if ((at + 1) % 30 === 0) water_C.push(water);
    if (ready === null && water >= held - 1e-9) ready = (at + 1) / 60;
    if (ready !== null && at / 60 >= ready * 1.1 + 1) break;
    // what does not move any more never gets there
    if ((at + 1) % (2 * DAY_MIN) === 0 && water - water_C[Math.max(0, water_C.length - 1 - 96)] < 0.01) break;
  }
  return { water_C, ready_h: ready };
}

/** What never gets there goes on for weeks: two days of it are enough to see. */
const NEVER_h = 48;
const LONGER = 1.3;

/** How much of several courses is worth a picture, h: a little past the last that gets there. */
export function shownUntil_h(ready: readonly (number | null)[]): number {
  const there = ready.flatMap((one) => (one === null ? [] : [one]));
  return there.length === 0 ? NEVER_h : Math.max(1, Math.ceil(Math.max(...there) * LONGER));
}

/**
 * Energy and money of heating in a day, by the hours' prices: the heater, and the pump where it runs for it alone. What the water took up or
 * gave away meanwhile is put to its account: else a day on which it only cools would cost nothing.
 */
export function heatingCost(
  duty: SpaDuty,
  { heated, counted_days, warmer_K }: TubCourse,
): { kWh: number; cost: number } {
  const priceAt = (minute: number) =>
    duty.prices.find(({ from, to }) => inWindow(minute, from, to))?.price ?? 0;
  let [kWh, cost] = [0, 0];
  for (const { minute, power_W } of heated) {
    const each = power_W / 1000 / 60;
    kWh += each;
    cost += each * priceAt(minute);
  }
  const stored_kWh = (heldHeat_WhK(duty.tub.volume_L) * warmer_K) / 1000;
  const used_kWh = Math.max(0, kWh - stored_kWh);
  const price = kWh > 0 ? cost / kWh : 0;
  return { kWh: used_kWh / counted_days, cost: (used_kWh * price) / counted_days };
}
