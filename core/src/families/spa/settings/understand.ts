import type { SettingValues } from '../../../profile';
import { SettingsReader } from '../../parts/settings-reader';
import type { SpaProfile } from '../wire/job';
import type { Output } from '../wire/behaviours';
import type { SpaPlate } from '../wire/plate';
import { SPA_QUANTITIES, type SpaRole } from './roles';

export type Heating = 'always' | 'cycles' | 'low';

/** A pack's settings in the field's terms; null is not known, or not there. */
export interface SpaSettings {
  readonly number: number | null;
  /** of its bank, in order; null where one was not read */
  readonly switches: readonly (boolean | null)[];
  readonly links: readonly (boolean | null)[];
  readonly set_C: number | null;
  readonly range: 'low' | 'high' | null;
  readonly heating: Heating | null;
  readonly cycles: {
    /** minutes from midnight, place by place; null where one is not known or off */
    readonly starts: readonly (number | null)[];
    readonly lengths_min: readonly (number | null)[];
    /** where it repeats by itself through the day */
    readonly interval_min: number | null;
  };
  readonly cleanUp_min: number | null;
  readonly timeOut_min: number | null;
  /** what each panel key drives: as set, else as delivered */
  readonly keys: readonly (Output | null)[];
  readonly lock: 'on' | 'off' | null;
  readonly lockTemperature: 'on' | 'off' | null;
  readonly offset_K: number | null;
  readonly unit: 'C' | 'F' | null;
}

/** Reads a column of the sheet by the roles of its parameters. */
export function understand(profile: SpaProfile, _plate: SpaPlate, values: SettingValues): SpaSettings {
  const read = new SettingsReader<SpaRole>(profile, values, SPA_QUANTITIES);
  const all = <T>(role: SpaRole, of: (index: number) => T): T[] =>
    Array.from({ length: read.places(role) }, (_, i) => of(i + 1));
  const onOff = (role: SpaRole) => (index: number) => {
    const chosen = read.chosen<'on' | 'off'>(role, index);
    return chosen === null ? null : chosen === 'on';
  };
  const starts = all('cycle.start', (index) => read.figure('cycle.start', index));
  return {
    number: read.figure('number'),
    switches: all('switch', onOff('switch')),
    links: all('link', onOff('link')),
    set_C: read.figure('set'),
    range: read.chosen('range'),
    heating: read.chosen<Heating>('heating') ?? (read.has('heating') ? null : 'always'),
    cycles: {
      starts,
      lengths_min: starts.map(
        (_, i) => read.figure('cycle.length', i + 1) ?? (i > 0 ? read.figure('cycle.length') : null),
      ),
      interval_min: read.figure('cycle.interval'),
    },
    cleanUp_min: read.figure('clean-up'),
    timeOut_min: read.figure('jets.time-out'),
    keys: profile.behaviours.keys.map(({ drives }, i) => {
      const set = read.chosen<Output | 'none'>('key.function', i + 1);
      return set === null ? drives : set === 'none' ? null : set;
    }),
    lock: read.chosen('lock'),
    lockTemperature: read.chosen('lock.temperature'),
    offset_K: read.figure('sensor.offset'),
    unit: read.chosen('unit'),
  };
}
