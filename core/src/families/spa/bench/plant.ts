import { DAY_MIN } from '../../../time';
import { inWindow } from '../../../schedule';
import { circulates, cleanUpsOf, filterFlow_m3h, minutesOf, runsOf } from '../effect/cycles';
import type { BoardState, PumpState } from '../../../electric';
import { ampsOf, heatsInBath, jetsOf } from '../effect/load';
import { rowOf } from '../effect/match';
import { circulatingHeat_W, bodyOf, coveredLoss_WK, heaterFlows, held_C } from '../effect/tub';
import type { SpaContext } from '../settings/context';
import type { SpaSettings } from '../settings/understand';
import { MOST_PUMPS, speedsOf, type TableRow } from '../wire/table';

/** Everything that the loop needs, worked out once: it uses + − × ÷ and comparisons only. */
export interface SpaPlant {
  readonly held_WhK: number;
  readonly covered_WK: number;
  readonly open_WK: number;
  /** what is held, and what one bathes in; NaN where it is not known: then it does not heat */
  readonly held_C: number;
  readonly wanted_C: number;
  readonly heater_W: number;
  readonly circulating_W: number;
  readonly jets_W: number;
  readonly flow_m3h: number;
  /** it heats at any minute, else in its cycles alone */
  readonly anyTime: boolean;
  readonly heatsInBath: boolean;
  /** minutes of its own clock that filter; minutes of the day that clean up, that bathe */
  readonly cycles: Uint8Array;
  readonly cleans: Uint8Array;
  readonly baths: Uint8Array;
  readonly prices: Float64Array;
  /** it circulates all the time */
  readonly always: boolean;
  /** the pump that circulates has an output and is there */
  readonly moves: boolean;
  /** there is flow enough for the heater */
  readonly flows: boolean;
  /** A by phase of what always runs, of the pump that circulates, of the jets, of the heater */
  readonly base: readonly number[];
  readonly low: readonly number[];
  readonly jets: readonly number[];
  readonly heat: readonly number[];
  readonly other_W: number;
  readonly breaker_A: number;
  readonly guardBelow_C: number;
  readonly resumes: boolean;
  readonly keepsClock: boolean;
  readonly litres: number;
  readonly known: boolean;
}

const NONE = [0, 0, 0];
const minus = (a: readonly number[], b: readonly number[]) => a.map((one, i) => one - b[i]);

/** What the bench takes for granted, in words. */
export function unknownToBench({ duty, table, profile }: SpaContext, settings: SpaSettings): string[] {
  const row = rowOf(table, settings.number);
  return [
    ...(settings.number === null
      ? ['The number is not known: nothing runs.']
      : row
        ? []
        : [`Number ${settings.number} stands in no row: nothing runs.`]),
    ...(runsOf(settings) === null ? ['Its cycles are not known: it runs none.'] : []),
    ...(settings.set_C === null && settings.heating !== 'low'
      ? ['What it holds is not known: it does not heat.']
      : []),
    ...(settings.heating === null ? ['Its heating mode is not known: it is taken to heat at any time.'] : []),
    ...(duty.tub.open_WK === null
      ? ['The loss without the cover is not known: that under it is taken for it.']
      : []),
    ...(profile.behaviours.afterPowerCut === 'unknown'
      ? ['What it does after a power cut is not known: it is taken to go on.']
      : []),
  ];
}

/** How the pump that circulates runs. */
function circulating(row: TableRow): BoardState {
  const pumps = Array.from({ length: MOST_PUMPS }, (_, i): PumpState => {
    if (i > 0 || row.circulation || speedsOf(row, 1) === 0) return 'off';
    return speedsOf(row, 1) === 2 ? 'low' : 'high';
  });
  return { heater: false, pumps, blower: false };
}

export function spaPlant(context: SpaContext, settings: SpaSettings): SpaPlant {
  const { duty, table, profile } = context;
  const row = rowOf(table, settings.number);
  const body = bodyOf(duty);
  const still: BoardState = { heater: false, pumps: ['off', 'off', 'off', 'off'], blower: false };
  const amps = (state: BoardState) => (row ? ampsOf(duty, row, state) : NONE);
  const base = amps(still);
  const jets = row ? jetsOf(duty, row) : still;
  const own = row && (row.circulation ? duty.circulation !== null : speedsOf(row, 1) > 0);
  const runs = runsOf(settings) ?? [];
  const { frost, afterPowerCut, clockAfterCut } = profile.behaviours;
  const guards = frost?.runs.some((output) => output === 'circulation' || output === 'pump-1') ?? false;
  return {
    held_WhK: body.held_WhK,
    covered_WK: body.loss_WK,
    open_WK: duty.tub.open_WK ?? coveredLoss_WK(duty),
    held_C: held_C(context, settings) ?? NaN,
    wanted_C: Math.min(duty.wanted.temperature_C, duty.wanted.limit_C),
    heater_W: duty.heater.power_kW * 1000,
    circulating_W: circulatingHeat_W(duty),
    jets_W: duty.pumps.reduce((sum, { high }, i) => sum + (jets.pumps[i] === 'high' ? high.power_W : 0), 0),
    flow_m3h: filterFlow_m3h(duty) ?? 0,
    anyTime: settings.heating === 'always' || settings.heating === null,
    heatsInBath: row !== null && heatsInBath(duty, row),
    cycles: minutesOf(runs),
    cleans: minutesOf(cleanUpsOf(duty, settings.cleanUp_min)),
    baths: minutesOf(duty.baths),
    prices: Float64Array.from(
      { length: DAY_MIN },
      (_, minute) => duty.prices.find(({ from, to }) => inWindow(minute, from, to))?.price ?? 0,
    ),
    always: circulates(context, row),
    moves: own === true,
    flows: heaterFlows(duty) !== false,
    base,
    low: row ? minus(amps(circulating(row)), base) : NONE,
    jets: minus(amps(jets), base),
    heat: minus(amps({ ...still, heater: true }), base),
    other_W: row?.ozone && duty.ozone ? duty.ozone.power_W : 0,
    breaker_A: duty.supply.breaker_A,
    guardBelow_C: frost && guards ? frost.below_C : -Infinity,
    resumes: afterPowerCut !== 'wait',
    keepsClock: clockAfterCut === 'kept',
    litres: duty.tub.volume_L,
    known: row !== null,
  };
}
