import type { Pattern } from '../../../proof';
import { type BrokenWireWatch, type TwoPointMap } from '../../../signal';
import { responseAt } from '../../../strokes';
import type { MeteringContext } from '../settings/context';
import { lineInForce } from '../effect/dose';
import { judge, rateOf, toleranceAt } from './readings';
import { gearsOf } from '../wire/plate';
import { pointsOfRange, readLow_mA, type MeteringSettings } from '../settings/understand';
import type { SignalReading } from '../../../visit';

/** Shown and injected current that differ by more than this point to the loop and not to the settings. */
const LOOP_FAULT_mA = 0.3;

/**
 * Names the slips that fit a failing set of readings: each slip's own line is laid through them, and it fits when it
 * explains every counted reading within tolerance. Two readings are the least that can name one. Empty when all
 * readings pass, or nothing known fits.
 */
export function patternsIn(
  context: MeteringContext,
  settings: MeteringSettings,
  readings: readonly SignalReading[],
): Pattern[] {
  const map = lineInForce(settings);
  const counted = readings.filter((reading) => rateOf(reading) !== null);
  if (!map || settings.mode !== 'analog' || counted.length < 2) return [];
  const failing = counted.filter((reading) => judge(context, settings, reading)?.rateOk === false);
  if (failing.length === 0) return [];
  const watch = settings.watch;
  const explains = (slip: TwoPointMap, slipWatch: BrokenWireWatch | null, current = injected) =>
    counted.every((reading) => {
      const expected = responseAt(slip, slipWatch, settings.limits, current(reading)).rate_spm;
      return withinTolerance(slip, reading, expected);
    });

  const wiring = wiringPattern(counted, explains, map, watch);
  if (wiring) return [wiring];
  const patterns: Pattern[] = [];
  const range = otherRange(settings, map);
  if (range && explains(range.map, null)) patterns.push(range.pattern);
  patterns.push(...gearPatterns(context, settings, counted));
  if (explains({ ...map, y1: map.y2, y2: map.y1 }, watch)) {
    patterns.push({
      code: 'MET-07',
      kind: 'swapped',
      title: 'Points swapped',
      words: 'The rate falls where it should rise. Compare both points, and the direction of action.',
    });
  }
  const rates = counted.map((reading) => rateOf(reading) ?? 0);
  const distinct = new Set(counted.map((reading) => Math.round(injected(reading)))).size;
  if (distinct > 1 && rates.every((rate) => rate === 0)) {
    patterns.push({
      code: 'ANY-03',
      kind: 'standing',
      title: 'The pump stands still at every signal',
      words:
        'The pump is stopped, on hold, or its stop input is open. Look at its display before anything else.',
    });
  } else if (distinct > 1 && Math.max(...rates) - Math.min(...rates) <= 2) {
    patterns.push({
      code: 'ANY-03',
      kind: 'manual',
      title: 'One rate at every signal',
      words: 'The pump does not listen to the signal: it is in manual mode, or priming.',
    });
  }
  return patterns;
}

function injected(reading: SignalReading): number {
  return reading.injected_mA;
}

function withinTolerance(map: TwoPointMap, reading: SignalReading, expected: number): boolean {
  const rate = rateOf(reading) ?? 0;
  return Math.abs(rate - expected) <= toleranceAt(map, reading.seconds ?? 60).spm;
}

/** The current shown is not the one injected, and the strokes follow the one shown: the loop, not the settings. */
function wiringPattern(
  counted: readonly SignalReading[],
  explains: (
    map: TwoPointMap,
    watch: BrokenWireWatch | null,
    current: (r: SignalReading) => number,
  ) => boolean,
  map: TwoPointMap,
  watch: BrokenWireWatch | null,
): Pattern | null {
  const shown = counted.filter((reading) => reading.shown_mA !== null);
  const off = shown.filter((r) => Math.abs((r.shown_mA ?? 0) - r.injected_mA) > LOOP_FAULT_mA + 1e-9);
  if (off.length === 0 || shown.length !== counted.length) return null;
  if (!explains(map, watch, (reading) => reading.shown_mA ?? reading.injected_mA)) return null;
  const worst = off.reduce((a, b) =>
    Math.abs((b.shown_mA ?? 0) - b.injected_mA) > Math.abs((a.shown_mA ?? 0) - a.injected_mA) ? b : a,
  );
  return {
    code: 'WIRING',
    kind: 'wiring',
    title: 'Wiring, not settings',
    words:
      `The pump shows ${worst.shown_mA} mA where ${worst.injected_mA} mA is injected, and strokes by what it shows. ` +
      'Look for a second load or a leak in the loop, a wrong terminal, or polarity.',
  };
}

function otherRange(
  settings: MeteringSettings,
  map: TwoPointMap,
): { map: TwoPointMap; pattern: Pattern } | null {
  const low = readLow_mA(settings);
  if (low === null) return null;
  const other = low === 4 ? 0 : 4;
  const slip =
    settings.range !== null
      ? lineOf(settings, other === 0 ? '0-20' : '4-20', map)
      : map.x1_mA < map.x2_mA
        ? { ...map, x1_mA: other }
        : { ...map, x2_mA: other };
  return {
    map: slip,
    pattern: {
      code: 'MET-01',
      kind: 'range',
      title: `Range mismatch: the pump reads ${other}–20 mA`,
      words:
        `The readings fit a pump that reads ${other}–20 mA, while the sheet says ${low}–20 mA. ` +
        'They agree at 20 mA and part towards low signal.',
    },
  };
}

function lineOf(settings: MeteringSettings, range: '0-20' | '4-20', map: TwoPointMap): TwoPointMap {
  const points = pointsOfRange(range, settings.geared_spm);
  return {
    x1_mA: points.x1_mA ?? 0,
    y1: points.y1_spm ?? 0,
    x2_mA: points.x2_mA ?? 20,
    y2: points.y2_spm ?? 0,
    below: map.below,
  };
}

/** On a plain range every rate scales with the gear: one constant ratio at every signal. */
function gearPatterns(
  context: MeteringContext,
  settings: MeteringSettings,
  counted: readonly SignalReading[],
): Pattern[] {
  const { map } = settings;
  if (!map || settings.range === null) return [];
  return gearsOf(context.profile)
    .filter((gear) => gear.name !== settings.gear)
    .filter((gear) => {
      const ratio = gear.greatest_spm / settings.geared_spm;
      const slip = { ...map, y1: map.y1 * ratio, y2: map.y2 * ratio };
      const limits = { ...settings.limits, greatest_spm: gear.greatest_spm };
      return counted.every((reading) =>
        withinTolerance(
          slip,
          reading,
          responseAt(slip, settings.watch, limits, reading.injected_mA).rate_spm,
        ),
      );
    })
    .map((gear) => ({
      code: 'MET-02',
      kind: 'gear' as const,
      title: `Wrong gear: the rates fit gear ${gear.name}`,
      words:
        `Every rate is ${((gear.greatest_spm / settings.geared_spm) * 100).toFixed(0)} % of the expected one, ` +
        `which is gear ${gear.name} (${gear.greatest_spm} strokes/min). Look at the gear mark on this pump.`,
    }));
}
