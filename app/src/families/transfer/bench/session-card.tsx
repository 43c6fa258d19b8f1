import { SESSIONS, type Session } from '@barythm/core/families/transfer';
import { DaysChoice } from '../../../kit/bench';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import type { SessionDraft } from './session-draft';

/** The sessions that such a pump is run through: from eight to four, each day. */
export function SessionCard({
  draft,
  onChange,
}: {
  draft: SessionDraft;
  onChange: (draft: SessionDraft) => void;
}) {
  return (
    <Card title="Day and session" testID="bench-session">
      <DaysChoice days={draft.days} onChange={(days) => onChange({ ...draft, days })} />
      <Choice
        label="From eight to four"
        testID="bench-session-is"
        options={(Object.keys(SESSIONS) as Session[]).map((value) => ({
          value,
          label: SESSIONS[value].name,
        }))}
        value={draft.session}
        onChange={(session) => onChange({ ...draft, session: session as Session })}
      />
    </Card>
  );
}
