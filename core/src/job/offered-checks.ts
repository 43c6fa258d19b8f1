import { proofChecks as meteringChecks } from '../families/metering';
import { proofChecks as poolChecks } from '../families/pool';
import { orElse } from '../input';
import type { ProofCheck } from '../proof';
import type { JobView } from './view';

/** What this pump needs tried with the settings in force; nothing before there is a duty. */
export function offeredChecks(view: JobView): ProofCheck[] {
  if (view.family === 'pool') {
    const { context, settings } = view;
    return context ? orElse(() => poolChecks(context, settings), []) : [];
  }
  return view.context ? meteringChecks(view.context, view.settings) : [];
}
