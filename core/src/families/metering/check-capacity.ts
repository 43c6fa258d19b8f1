import { capacityMargin } from '../../dosing';
import { THRESHOLDS, type Finding } from '../../findings';
import { currentFor } from '../../signal';
import { fig } from '../../units';
import { addressesOf } from './address';
import type { CheckInput } from './checks';
import { capacity_lph, needed_lph } from './dose';
import { finding } from './finding';

/** MET-04: the duty, or the line, asks for more than the pump can do with these settings. */
export function checkCapacity({ context, subject, settings }: CheckInput): Finding[] {
  const capacity = capacity_lph(context, settings);
  if (capacity === null) return [];
  const { water, signal } = context.duty;
  const needed = needed_lph(context, water.greatest_m3h);
  const margin = capacityMargin(capacity, needed);
  const addresses = addressesOf(context, 'gear', 'stroke.length', 'rate.greatest');
  const shared = {
    needed: fig('pumpFlow', needed),
    water: fig('waterFlow', water.greatest_m3h),
    capacity: fig('pumpFlow', capacity),
  };
  if (margin < -1e-9) {
    const onset = fig('waterFlow', (water.greatest_m3h * capacity) / needed);
    // a small lack warns, a large one stops
    const severity = margin > -THRESHOLDS.capacityMargin ? 'warn' : 'stop';
    return [
      finding(
        'MET-04.short',
        subject,
        { ...shared, onset },
        addresses,
        subject === 'found' ? 'warn' : severity,
      ),
    ];
  }
  const top = settings.map ? Math.max(settings.map.y1, settings.map.y2) : 0;
  if (settings.mode === 'analog' && settings.map && top > settings.geared_spm + 0.5) {
    const current = currentFor(settings.map, settings.geared_spm);
    return [
      finding(
        'MET-04.geared',
        subject,
        {
          asked: fig('strokeRate', top),
          greatest: fig('strokeRate', settings.geared_spm),
          current: fig('current', current ?? 20),
        },
        addressesOf(context, 'signal.y2', 'gear'),
      ),
    ];
  }
  // on a span above the greatest flow the line itself is the margin
  const spare = signal.source === 'flow' ? margin : Infinity;
  if (spare < THRESHOLDS.capacityMargin - 1e-9) {
    const values = {
      ...shared,
      margin: fig('percent', margin * 100),
      limit: fig('percent', THRESHOLDS.capacityMargin * 100),
    };
    return [finding('MET-04.margin', subject, values, addresses)];
  }
  return [];
}
