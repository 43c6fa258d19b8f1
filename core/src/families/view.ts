import type { Finding } from '../findings';
import type { Parameter, SettingValues } from '../profile';
import type { Pattern } from '../proof';
import type { SheetRow } from '../sheet';
import type { JobOf, JudgedCheck } from '../visit';
import type { FamilyKind } from './kind';

/** What follows from a job's document for a pump of one family: worked out anew each time, stored nowhere. */
export interface ViewOf<K extends FamilyKind> {
  readonly family: K['duty']['family'];
  readonly profile: K['profile'];
  readonly plate: K['plate'];
  readonly duty: K['duty'] | null;
  readonly context: K['context'] | null;
  /** what settings are judged by: the same, else what is known of the duty while it is not whole; null where neither is */
  readonly judging: K['context'] | null;
  readonly settings: K['settings'];
  readonly document: JobOf<K>;
  readonly today: string;
  readonly parameters: readonly Parameter[];
  readonly rows: readonly SheetRow[];
  readonly values: {
    readonly found: SettingValues;
    readonly planned: SettingValues;
    readonly force: SettingValues;
  };
  readonly findings: {
    readonly found: readonly Finding[];
    readonly target: readonly Finding[];
    readonly left: readonly Finding[];
    readonly job: readonly Finding[];
  };
  /** readings that prove a signal; none on a family that is given none */
  readonly readings: readonly K['reading'][];
  readonly checks: readonly JudgedCheck[];
  readonly patterns: readonly Pattern[];
}
