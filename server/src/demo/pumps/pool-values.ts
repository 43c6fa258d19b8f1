import { inOrderOfWork, keyAt } from '@barythm/core/profile';
import type { AnyProfile } from '@barythm/core/families';
import panel from '../../../../profiles/circuit-panel-eight.json' with { type: 'json' };
import fourSpeeds from '../../../../profiles/pool-drive-four-speeds.json' with { type: 'json' };
import link from '../../../../profiles/pool-drive-link.json' with { type: 'json' };
import tenSlots from '../../../../profiles/pool-drive-ten-slots.json' with { type: 'json' };
import { profileSchema } from '@barythm/core/families';

export const DEMO_POOL_PROFILES = {
  'pool-drive-ten-slots': profileSchema.parse(tenSlots),
  'pool-drive-four-speeds': profileSchema.parse(fourSpeeds),
  'pool-drive-link': profileSchema.parse(link),
  'circuit-panel-eight': profileSchema.parse(panel),
} as const satisfies Record<string, AnyProfile>;

type Value = string | number;
/** What was set on a controller apart from its defaults: programs by slot, the rest by its key. */
export type SetValues = Readonly<
  Record<string, Value | readonly ({ slot: number } & Record<string, Value>)[]>
>;

/** All that a controller holds: its defaults, and on top of them what someone set. */
export function heldBy(profile: keyof typeof DEMO_POOL_PROFILES, set: SetValues): Record<string, Value> {
  const values: Record<string, Value> = {};
  for (const parameter of inOrderOfWork(DEMO_POOL_PROFILES[profile])) {
    if (parameter.default !== undefined) values[parameter.key] = parameter.default;
  }
  for (const [key, value] of Object.entries(set)) {
    if (typeof value === 'string' || typeof value === 'number') values[key] = value;
    else {
      for (const { slot, ...program } of value) {
        for (const [name, held] of Object.entries(program)) values[keyAt(name, slot)] = held;
      }
    }
  }
  return values;
}
