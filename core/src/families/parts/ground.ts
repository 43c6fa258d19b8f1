import type { SettingValues } from '../../profile';
import type { JobKind, JobOf, SignalFrom } from '../../visit';

/** What is known of a pump when its context is made: with the job that it stands in, or apart from any. */
export interface Ground<K extends JobKind> {
  readonly duty: K['duty'];
  readonly profile: K['profile'];
  readonly plate: K['plate'];
  /** the site's date */
  readonly today: string;
  /** the site's time zone */
  readonly zone: string;
  readonly inForce: SettingValues;
  /** what stood before the change of another setting put it back, and was not entered since */
  readonly putBack: SettingValues;
  /** what its signal cable comes from, as the register has it */
  readonly signalFrom: SignalFrom | null;
  readonly document: JobOf<K> | null;
}
