import { SECONDS_PER_DAY, type Scenario } from '@barythm/core/bench';
import { sessionDay, type Session, type TransferContext } from '@barythm/core/families/transfer';
import type { BenchDraft } from '../../../kit/bench';

/** A day or week of sessions as it is being put together; kept on the device. */
export interface SessionDraft extends BenchDraft {
  readonly session: Session;
}

export const START: SessionDraft = { days: 1, session: 'regular', events: [] };

export function scenarioOf({ days, session, events }: SessionDraft, context: TransferContext): Scenario {
  return {
    ...sessionDay(context, session),
    days,
    events: events.filter((event) => event.at_s < days * SECONDS_PER_DAY),
  };
}
