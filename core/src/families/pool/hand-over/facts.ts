import { lastRecord, type HandoverFact } from '../../../visit';
import { arrivalFacts } from '../../arrival-facts';
import type { PoolView } from '../kind';

/** The readings on arrival, those that could not be read among them. */
export function factsOf({ document }: PoolView): HandoverFact[] {
  const read = lastRecord(document, 'pool-now')?.body ?? null;
  return arrivalFacts(
    read,
    read
      ? [
          ['speed_rpm', 'speed', 'speed', read.speed_rpm],
          ['power_W', 'power', 'power', read.power_W],
          ['flow_m3h', 'flow', 'waterFlow', read.flow_m3h],
          ['filter_bar', 'filter', 'pressure', read.filter_bar],
          ['water_C', 'water', 'temperature', read.water_C],
        ]
      : [],
  );
}
