import { attempt, Unanswered } from '../../../describe';
import type { SettingValues } from '../../../profile';
import type { PoolContext } from './context';
import type { Circuit } from '../wire/circuits';
import type { PoolDuty } from '../wire/duty';
import { understand, type PoolSettings } from './understand';

/** The circuits that move water. */
export function waterCircuits({ circuits }: PoolDuty): Circuit[] {
  return circuits.filter(({ kind }) => kind !== 'no-water');
}

/** Places in the panel of what it times without water: lights, an outlet. */
export function dryPlaces({ circuits }: PoolDuty): ReadonlySet<number> {
  return new Set(
    circuits.flatMap(({ kind, place }) => (kind === 'no-water' && place !== null ? [place] : [])),
  );
}

/** Settings without the timers and circuits that move no water: they are left alone and say nothing of the pump. */
export function pumpingOf(duty: PoolDuty, settings: PoolSettings): PoolSettings {
  const dry = attempt(() => dryPlaces(duty));
  // which of them move water is not known: what hangs on that waits, and nothing else
  if (dry instanceof Unanswered) return withoutRuns(settings, dry);
  if (dry.size === 0) return settings;
  return {
    ...settings,
    programs: settings.programs.filter(({ circuit }) => circuit === null || !dry.has(circuit)),
    circuits: settings.circuits.filter(({ place }) => !dry.has(place)),
  };
}

/** Settings of which programs and circuits wait for an answer. */
function withoutRuns({ programs: _, circuits: __, ...rest }: PoolSettings, waits: Unanswered): PoolSettings {
  const wait = (): never => {
    throw waits;
  };
  return Object.defineProperties(rest, {
    programs: { get: wait, enumerable: true },
    circuits: { get: wait, enumerable: true },
  }) as PoolSettings;
}

/** A column of the sheet in the field's terms, as far as it concerns the pump. */
export function settingsOf({ duty, profile, plate }: PoolContext, values: SettingValues): PoolSettings {
  return pumpingOf(duty, understand(profile, plate, values));
}
