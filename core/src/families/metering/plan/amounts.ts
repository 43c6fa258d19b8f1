import { batchPicture, pumpFlow_lph, strokeVolume_mL } from '../../../dosing';
import { fig } from '../../../units';
import { needed_lph } from '../effect/dose';
import { gearsToTry, setGear } from './gear';
import { chooseLength, setLength, workingLengths } from './length';
import type { Draft } from './draft';

/** A batch is planned to be done in this share of the least time between triggers. */
const BATCH_SHARE = 0.5;
/** A timed run is planned at this share of the greatest rate: quick enough, and with room left. */
const TIMER_SHARE = 0.5;

/** Batch mode: strokes (or volume) of a batch, and a rate that is done well before the next trigger. */
export function planBatch(draft: Draft): void {
  const { duty, profile } = draft.context;
  if (!profile.behaviours.modes.includes('batch')) {
    draft.problems.push({ kind: 'no-mode', mode: 'batch' });
    return;
  }
  if (!duty.batch) return;
  const { volume_mL, spacing_s } = duty.batch;
  const full = duty.strokeVolume.full_mL;
  const fits = (greatest: number) => batchPicture(volume_mL, full, greatest, spacing_s).fits;
  const greatest = gearFor(draft, fits);
  // only lengths whose rounding to whole strokes keeps the batch as near as the dose's band is wide; all where none does
  const { low_mgl, wanted_mgl, high_mgl } = duty.dose;
  const picture = (candidate: number) =>
    batchPicture(volume_mL, strokeVolume_mL(full, candidate), greatest, spacing_s);
  const exact = ({ error }: { error: number }) =>
    1 + error <= high_mgl / wanted_mgl + 1e-9 && 1 + error >= low_mgl / wanted_mgl - 1e-9;
  const some = workingLengths(draft).some(
    (candidate) => picture(candidate).fits && exact(picture(candidate)),
  );
  const length = chooseLength(draft, (candidate) => {
    const batch = picture(candidate);
    return batch.fits && (!some || exact(batch)) ? {} : null;
  });
  const stroke = strokeVolume_mL(full, length.length_pct);
  const batch = batchPicture(volume_mL, stroke, greatest, spacing_s);
  setLength(draft, length.length_pct, length.reason);
  const values = {
    volume: fig('strokeVolume', volume_mL),
    stroke: fig('strokeVolume', stroke),
    error: fig('percent', batch.error * 100),
  };
  if (draft.has('batch.volume')) {
    draft.set('batch.volume', volume_mL, { text: 'batch.volume', values: { volume: values.volume } });
  } else draft.set('batch.strokes', batch.strokes, { text: 'batch.strokes', values });
  const calm = (batch.strokes * 60) / (spacing_s * BATCH_SHARE);
  draft.set('rate.manual', Math.min(greatest, Math.ceil(calm)), {
    text: 'batch.rate',
    values: { spacing: fig('seconds', spacing_s), strokes: fig('strokes', batch.strokes) },
  });
}

/** Greatest rate of the first gear (the fitted one first) that does, and puts a changed one into the plan; the fitted one's where none does. */
function gearFor(draft: Draft, does: (greatest_spm: number) => boolean): number {
  const share = draft.settings().suctionShare;
  const [first, ...others] = gearsToTry(draft);
  const gear = [first, ...others].find(({ greatest_spm }) => does(greatest_spm * share)) ?? first;
  if (gear !== first) setGear(draft, gear);
  return gear.greatest_spm * share;
}

/** Timer mode: a run of so many seconds every so many minutes, for the usual water flow. */
export function planTimer(draft: Draft): void {
  const { context } = draft;
  const { duty, profile } = context;
  if (!profile.behaviours.modes.includes('timer')) {
    draft.problems.push({ kind: 'no-mode', mode: 'timer' });
    return;
  }
  if (!duty.timer) return;
  const { every_min } = duty.timer;
  const wanted = needed_lph(context, duty.water.usual_m3h);
  const full = duty.strokeVolume.full_mL;
  const flowAt = (length_pct: number, rate: number) => pumpFlow_lph(strokeVolume_mL(full, length_pct), rate);
  const greatest = gearFor(draft, (rate) => wanted <= flowAt(100, rate));
  if (wanted > flowAt(100, greatest)) {
    draft.tooSmall(wanted, greatest);
    return;
  }
  const length = chooseLength(draft, (candidate) => (wanted <= flowAt(candidate, greatest) ? {} : null));
  setLength(draft, length.length_pct, length.reason);
  const rate = Math.max(1, Math.round(greatest * TIMER_SHARE));
  const used = wanted <= flowAt(length.length_pct, rate) ? rate : greatest;
  const run_s = (every_min * 60 * wanted) / flowAt(length.length_pct, used);
  const flow = fig('pumpFlow', wanted);
  draft.set('timer.every', every_min, { text: 'timer.every', values: {} });
  draft.set('timer.run', run_s, {
    text: duty.feed_lph === undefined ? 'timer.run' : 'timer.run-stated',
    values: { flow, water: fig('waterFlow', duty.water.usual_m3h), every: fig('minutes', every_min) },
  });
  const set_s = draft.settings().timer?.run_s ?? run_s;
  draft.set('rate.manual', used, { text: 'timer.rate', values: { run: fig('seconds', set_s) } });
}
