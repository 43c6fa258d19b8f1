import { orElse } from '../../../input';
import { weekday } from '../../../time';
import type { Strip } from '../../family';
import { poolStrip } from '../effect/week';
import type { PoolContext } from '../settings/context';

/** Its day in rev/min; null where its week is not known whole. */
export function stripOf(context: PoolContext): Strip | null {
  return orElse(() => poolStrip(context, weekday(context.today) - 1), null);
}
