import { lengthsForFullRate, pumpFlow_lph, strokeVolume_mL, type Gear } from '../../../dosing';
import { parameterWithRole } from '../../../profile';
import { fig } from '../../../units';
import { needed_lph } from '../effect/dose';
import { currentSignal } from '../wire/duty';
import { demandLine, type SignalSource } from '../wire/signal-source';
import type { Draft } from './draft';
import { fastestToTry_spm, gearsToTry, namedGear, setGear } from './gear';
import { outsideWith, workingLengths } from './length';

interface Choice {
  readonly gear: Gear;
  readonly length_pct: number;
  /** (given − wanted)/wanted at full signal */
  readonly error: number;
  /** how far the dose leaves its band at the worst flow; 0 inside */
  readonly outside: number;
}

/**
 * A plain range: full rate is the gear's own, so gear and stroke length alone make the line. What gives the wanted flow at full
 * signal comes first; where rounding (or the working range) leaves the band with all of those, every other gear and length is
 * tried before the least wrong one is taken and said to be so.
 */
export function planPlainRange(draft: Draft): void {
  const { context } = draft;
  const { duty } = context;
  const signal = currentSignal(duty);
  const wanted = needed_lph(context, signal.source === 'flow' ? signal.span_m3h : duty.water.greatest_m3h);
  if (signal.source === 'controller' && !isPlain(signal))
    draft.problems.push({ kind: 'plain-line', ...demandLine(signal) });
  const best = bestChoice(draft, wanted);
  const most = pumpFlow_lph(duty.strokeVolume.full_mL, fastestToTry_spm(draft));
  if (best.outside > 0 && wanted > most) tooLittle(draft, wanted, most);
  else {
    setGear(draft, best.gear);
    takeLength(draft, best, wanted);
  }
}

/** A range from its low end to 20 mA with no feed at one of them: what a controller without points can follow. */
function isPlain(signal: Extract<SignalSource, { source: 'controller' }>): boolean {
  const { from_mA, to_mA, atFrom_lph, atTo_lph } = demandLine(signal);
  return from_mA === signal.low_mA && to_mA === 20 && Math.min(atFrom_lph, atTo_lph) === 0;
}

function bestChoice(draft: Draft, wanted_lph: number): Choice {
  const { duty, profile, plate } = draft.context;
  const full_mL = duty.strokeVolume.full_mL;
  const judged = (gear: Gear, length_pct: number): Choice => {
    const given = pumpFlow_lph(strokeVolume_mL(full_mL, length_pct), gear.greatest_spm);
    const error = given / wanted_lph - 1;
    return { gear, length_pct, error, outside: outside(draft, gear, length_pct, error) };
  };
  const exact = draft.has('stroke.length')
    ? lengthsForFullRate(
        gearsToTry(draft),
        namedGear(profile, plate, draft.values()),
        full_mL,
        wanted_lph,
        draft.stepOf('stroke.length'),
      ).map(({ gear, length_pct }) => judged(gear, length_pct))
    : [];
  const inBand = exact.find((choice) => choice.outside === 0);
  if (inBand) return inBand;
  const all = gearsToTry(draft).flatMap((gear) =>
    workingLengths(draft).map((length_pct) => judged(gear, length_pct)),
  );
  // in the order of trial: the fitted gear wins where it is no worse
  return all.reduce((a, b) =>
    b.outside < a.outside - 1e-9 ||
    (b.outside <= a.outside + 1e-9 && b.gear === a.gear && Math.abs(b.error) < Math.abs(a.error))
      ? b
      : a,
  );
}

/** A controller has no dose over the water: there the feed at full demand is held against the useful one. */
function outside(draft: Draft, gear: Gear, length_pct: number, error: number): number {
  if (draft.context.duty.signal.source === 'controller') return Math.abs(Math.log1p(Math.max(-0.999, error)));
  const key = (role: 'gear' | 'stroke.length') => parameterWithRole(draft.context.profile, role)?.key;
  const gearKey = key('gear');
  const lengthKey = key('stroke.length');
  return outsideWith(draft, {
    ...(gearKey ? { [gearKey]: gear.name } : {}),
    ...(lengthKey ? { [lengthKey]: length_pct } : {}),
  });
}

function takeLength(draft: Draft, { gear, length_pct, error }: Choice, wanted_lph: number): void {
  if (!draft.has('stroke.length')) return;
  const { duty } = draft.context;
  const signal = currentSignal(duty);
  const rate = fig('strokeRate', gear.greatest_spm);
  const flow = fig('pumpFlow', wanted_lph * (1 + error));
  draft.set(
    'stroke.length',
    length_pct,
    signal.source === 'flow'
      ? {
          text: 'length.full-rate',
          values: {
            rate,
            flow,
            wanted: fig('pumpFlow', wanted_lph),
            span: fig('waterFlow', signal.span_m3h),
            dose: fig('dose', duty.dose.wanted_mgl),
            error: fig('percent', error * 100),
          },
        }
      : { text: 'length.feed', values: { rate, flow, wanted: fig('pumpFlow', wanted_lph) } },
  );
}

/** Full rate at the span is out of reach: a shorter span would do, or the pump is too small. */
function tooLittle(draft: Draft, wanted_lph: number, most_lph: number): void {
  const { duty } = draft.context;
  const signal = currentSignal(duty);
  const atGreatest = needed_lph(draft.context, duty.water.greatest_m3h);
  if (signal.source === 'flow' && atGreatest <= most_lph) {
    draft.problems.push({ kind: 'change-span', span_m3h: (signal.span_m3h * most_lph) / wanted_lph });
  } else draft.tooSmall(atGreatest, fastestToTry_spm(draft));
}
