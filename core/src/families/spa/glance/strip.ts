import type { BeatCause } from '../../../beat';
import { DAY_MIN } from '../../../time';
import type { Strip } from '../../family';
import { circulates, cleanUpsOf, minutesOf, runsOf } from '../effect/cycles';
import { jetsOf } from '../effect/load';
import { rowOf } from '../effect/match';
import { circulatingHeat_W } from '../effect/tub';
import type { SpaContext } from '../settings/context';
import { understand } from '../settings/understand';

const SLOT_min = 15;

/** Its pumps' day in power: cycles and clean-up runs as programs, bathing by hand; null where its row or its cycles are not known. */
export function stripOf(context: SpaContext): Strip | null {
  const { duty, table } = context;
  const settings = understand(context.profile, context.plate, context.inForce);
  const row = rowOf(table, settings.number);
  const runs = runsOf(settings);
  if (!row || (runs === null && !circulates(context, row))) return null;
  const filters = circulates(context, row)
    ? new Uint8Array(DAY_MIN).fill(1)
    : minutesOf([...(runs ?? []), ...cleanUpsOf(duty, settings.cleanUp_min)]);
  const bathes = minutesOf(duty.baths);
  const jets = jetsOf(duty, row);
  const jets_W = duty.pumps.reduce(
    (sum, { high }, i) => sum + (jets.pumps[i] === 'high' ? high.power_W : 0),
    0,
  );
  const low_W = circulatingHeat_W(duty);
  const rates: number[] = [];
  const causes: BeatCause[] = [];
  for (let from = 0; from < DAY_MIN; from += SLOT_min) {
    const share = (of: Uint8Array) =>
      of.slice(from, from + SLOT_min).reduce((sum, one) => sum + one, 0) / SLOT_min;
    const [bath, filter] = [share(bathes), share(filters)];
    rates.push(bath > 0 ? Math.max(jets_W * bath, low_W * filter) : low_W * filter);
    causes.push(bath > 0 ? 'hand' : 'program');
  }
  return { unit: 'W', rates, greatest: Math.max(1, jets_W, low_W), causes };
}
