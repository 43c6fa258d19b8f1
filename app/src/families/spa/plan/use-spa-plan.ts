import {
  rowOf,
  spaFamily,
  understand,
  type SpaDuty,
  type SpaKind,
  type SpaSettings,
  type SpaView,
  type TableRow,
} from '@barythm/core/families/spa';
import { useMemo } from 'react';
import { usePlanned, type ByHand, type Planned } from '../../../features/job/plan/use-planned';

/** What a duty leads to, with the settings before and after in the field's terms. */
export interface SpaWork extends Planned<SpaKind> {
  readonly settings: SpaSettings;
  /** the row that it will stand at; null where there is none */
  readonly row: TableRow | null;
  /** as found, or as left last time; null where nothing was read */
  readonly found: SpaSettings | null;
}

/** The plan for the duty as it is typed; nothing while the duty is not complete or cannot be computed with. */
export function useSpaPlan(view: SpaView, duty: SpaDuty | null, byHand: ByHand) {
  const { work, fault } = usePlanned(spaFamily, view, duty, byHand);
  const full = useMemo((): SpaWork | null => {
    if (!work) return null;
    const { context, before, values } = work;
    const settings = understand(context.profile, context.plate, values);
    return {
      ...work,
      settings,
      row: rowOf(context.table, settings.number),
      found: before && understand(context.profile, context.plate, before),
    };
  }, [work]);
  return { work: full, fault };
}
