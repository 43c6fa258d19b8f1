import { THRESHOLDS } from '../../../findings';
import { addDays, dateInWords } from '../../../time';
import type { DueItem } from '../../family';
import { stockOf } from '../effect/stock';
import type { MeteringView } from '../kind';
import { measuredHistory, standingCalibration } from '../proof/calibration';
import type { MeteringContext } from '../settings/context';
import { understand } from '../settings/understand';

/**
 * What falls due at a metering pump: its drawdown, its tank, its service by strokes. The words are kept for the round and read by
 * whoever comes, in whatever units: they name no figure that has a unit; the pump’s own page does.
 */
export function due({ document, context }: MeteringView, agreedOn: string): DueItem[] {
  return [...calibration(document), ...(context ? stock(context, agreedOn) : [])];
}

function calibration(document: MeteringView['document']): DueItem[] {
  const standing = standingCalibration(measuredHistory(document));
  if (!standing) return [];
  if (standing.servicedSince)
    return [{ key: 'calibration', stage: 'prove', words: 'Draw down again: serviced since.', date: null }];
  return [
    {
      key: 'calibration',
      stage: 'prove',
      words: `Draw down again: last on ${dateInWords(standing.date)}.`,
      date: addDays(standing.date, THRESHOLDS.calibrationAge_days),
    },
  ];
}

function stock(context: MeteringContext, agreedOn: string): DueItem[] {
  const held = stockOf(context, understand(context.profile, context.plate, context.inForce));
  if (!held) return [];
  const after = (days: number) => addDays(agreedOn, Math.floor(days));
  const { service } = context.duty;
  return [
    ...(held.warn_days === null
      ? []
      : [
          {
            key: 'tank',
            stage: 'plan' as const,
            words: held.atMost
              ? 'Look at the tank: at the maximum feed it is down to its warn level.'
              : 'Fill the tank: it is down to its warn level.',
            date: after(held.warn_days),
          },
        ]),
    ...(held.service_days === null || !service
      ? []
      : [
          {
            key: 'service',
            stage: 'as-found' as const,
            words: `${service.what}: ${Math.round(service.everyStrokes / 1000)} thousand strokes reached.`,
            date: after(held.service_days),
          },
        ]),
  ];
}
