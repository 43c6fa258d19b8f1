import { capacityMargin } from '../../../dosing';
import { THRESHOLDS, type Finding, type Severity } from '../../../findings';
import { currentFor } from '../../../signal';
import { fig } from '../../../units';
import { addressesOf } from '../settings/address';
import type { CheckInput } from './input';
import { capacity_lph, mostAsked } from '../effect/dose';
import { finding } from '../texts/finding';

/** MET-04: the duty, or the line, asks for more than the pump can do with these settings. */
export function checkCapacity(input: CheckInput): Finding[] {
  const { context, subject, settings } = input;
  const capacity = capacity_lph(context, settings);
  // a batch that is not done in time is MET-19
  if (capacity === null || context.duty.mode === 'batch') return [];
  const { flow_lph: needed, water_m3h } = mostAsked(context);
  const margin = capacityMargin(capacity, needed);
  const addresses = addressesOf(context, 'gear', 'stroke.length', 'rate.greatest');
  const shared = { needed: fig('pumpFlow', needed), capacity: fig('pumpFlow', capacity) };
  // a small lack warns, a large one stops
  const lack: Severity = subject === 'found' || margin > -THRESHOLDS.capacityMargin ? 'warn' : 'stop';
  if (water_m3h === null) {
    return margin < -1e-9 ? [finding('MET-04.feed', subject, shared, addresses, lack)] : [];
  }
  const water = fig('waterFlow', water_m3h);
  if (margin < -1e-9) {
    const onset = fig('waterFlow', (water_m3h * capacity) / needed);
    return [finding('MET-04.short', subject, { ...shared, water, onset }, addresses, lack)];
  }
  const beyond = pointBeyond(input);
  if (beyond) return [beyond];
  // on a span above the greatest flow the line itself is the margin
  const { signal } = context.duty;
  if (signal.source !== 'flow' || margin >= THRESHOLDS.capacityMargin - 1e-9) return [];
  return [
    finding(
      'MET-04.margin',
      subject,
      {
        ...shared,
        water,
        margin: fig('percent', margin * 100),
        limit: fig('percent', THRESHOLDS.capacityMargin * 100),
      },
      addresses,
    ),
  ];
}

/** A point of the line above what the gear can do. */
function pointBeyond({ context, subject, settings }: CheckInput): Finding | null {
  const top = settings.map ? Math.max(settings.map.y1, settings.map.y2) : 0;
  if (settings.mode !== 'analog' || !settings.map || top <= settings.geared_spm + 0.5) return null;
  const current = currentFor(settings.map, settings.geared_spm);
  return finding(
    'MET-04.geared',
    subject,
    {
      asked: fig('strokeRate', top),
      greatest: fig('strokeRate', settings.geared_spm),
      current: fig('current', current ?? 20),
    },
    addressesOf(context, 'signal.y2', 'gear'),
  );
}
