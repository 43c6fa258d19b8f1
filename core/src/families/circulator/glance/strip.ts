import { orElse } from '../../../input';
import type { Strip } from '../../family';
import { benchSheet, plainDay } from '../bench/bench';
import { circulatorPlant } from '../bench/plant';
import type { CirculatorContext } from '../settings/context';
import { understand } from '../settings/understand';

const HOURS = 24;

/** Its speed by the hour of a winter day, in per cent; null where too little is known. */
export function stripOf(context: CirculatorContext): Strip | null {
  return orElse(() => {
    const settings = understand(context.profile, context.plate, context.inForce);
    if (!circulatorPlant(context, settings).known) return null;
    const run = benchSheet(context, context.inForce, plainDay());
    const speed = run.traces.find(({ key }) => key === 'speed');
    if (!speed) return null;
    const each = speed.mean.length / HOURS;
    const rates = Array.from({ length: HOURS }, (_, hour) => speed.mean[Math.floor((hour + 0.5) * each)]);
    return { unit: '%', rates, greatest: 100 };
  }, null);
}
