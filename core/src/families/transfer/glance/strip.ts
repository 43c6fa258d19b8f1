import { orElse } from '../../../input';
import type { Strip } from '../../family';
import { benchSheet, plainDay } from '../bench/bench';
import type { TransferContext } from '../settings/context';
import { understand } from '../settings/understand';

const SLOTS = 96;

/** Its flow over a day with a session, m³/h; null where its speeds are not known. */
export function stripOf(context: TransferContext): Strip | null {
  return orElse(() => {
    const settings = understand(context.profile, context.plate, context.inForce);
    if (settings.least_rpm === null || settings.most_rpm === null) return null;
    const run = benchSheet(context, context.inForce, plainDay(context));
    const flow = run.traces.find(({ key }) => key === 'flow');
    if (!flow) return null;
    const each = flow.mean.length / SLOTS;
    const rates = Array.from({ length: SLOTS }, (_, slot) => {
      const part = flow.mean.slice(Math.floor(slot * each), Math.floor((slot + 1) * each));
      return part.reduce((sum, one) => sum + one, 0) / Math.max(1, part.length);
    });
    return { unit: 'm³/h', rates, greatest: Math.max(0.01, ...rates) };
  }, null);
}
