import { gateOfHandover, leavingFindings, summarise } from '@barythm/core/job';
import { LONGEST_NAME, nameFault } from '@barythm/core/print';
import { addMonths, parseDate } from '@barythm/core/time';
import { NO_NAME } from '@barythm/core/words';
import { useMemo, useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import { DateField } from '../../../ui/fields/date-field';
import { Field } from '../../../ui/fields/field';
import { goToFirstError } from '../../../ui/pad/next-field';
import { Heading, Words } from '../../../ui/words/words';
import { FindingList } from '../../../kit/findings';
import { DecisionAction, ForOwnerCard, useJobScope, StageFrame } from '../../../kit/job';
import { GateCard } from '../gate-card';
import { CancelCard, LookedAtCard } from '../close-cards';
import { BlockCards } from './blocks/block-cards';
import { Downloads } from './downloads';
import { EMPTY_SIGNATURE, SignaturePad, type Drawn } from './signature-pad';
import { ProvedCard } from './proved-card';
import { useDay } from './use-day';

/** For whom it is received; nobody has said so at first. */
type Receiver = 'site' | 'workshop' | 'nobody';
const RECEIVERS: readonly { value: Receiver; label: string; words: string }[] = [
  { value: 'site', label: 'The site', words: 'for the site' },
  { value: 'workshop', label: 'The workshop', words: 'for the workshop' },
  { value: 'nobody', label: 'Nobody was there', words: 'nobody' },
];

interface Draft {
  readonly receiver: Receiver | null;
  /** of who receives it, as it shall stand on the paper */
  readonly name?: string;
  readonly nextDue: string;
  readonly drawn: Drawn;
}
/** Visits are mostly agreed for one of these. */
const OFTEN_months = [3, 6, 12] as const;
const EMPTY: Draft = { receiver: null, nextDue: '', drawn: EMPTY_SIGNATURE };

/** Hand over: what changed, what was proved, what is open and who acts; signed, frozen, and out as files. */
export function HandOverStage() {
  const { view, jobId, write } = useJobScope();
  const { document } = view;
  const summary = useMemo(() => document.handover?.summary ?? summarise(view), [document.handover, view]);
  const day = useDay(view);
  const [draft, setDraft] = useDraftOf<Draft>(`handover:${jobId}`, EMPTY);
  const [error, setError] = useState<{ field: 'date' | 'signature' | 'job'; words: string } | null>(null);
  const gate = document.handover ? [] : gateOfHandover(view);
  const findings = leavingFindings(view);

  const alone = draft.receiver === 'nobody';
  const name = alone ? '' : (draft.name ?? '').trim();
  const forWhom = RECEIVERS.find(({ value }) => value === draft.receiver)?.words;

  const handOver = () => {
    const nextDue = parseDate(draft.nextDue);
    if (draft.nextDue.trim() !== '' && nextDue === null) {
      setError({ field: 'date', words: 'A date is written 31.5.2027 or 2027-05-31.' });
      return;
    }
    if (nameFault(name) !== null) {
      // told at its field already, which may be out of sight
      goToFirstError();
      return;
    }
    if (!alone && draft.drawn.paths.length === 0) {
      setError({ field: 'signature', words: 'Nobody has signed yet. If nobody was there, say so above.' });
      return;
    }
    const refused = write({
      kind: 'job.hand-over',
      jobId,
      handoverId: newId(),
      signedAs: [name, forWhom].filter(Boolean).join(', ') || NO_NAME,
      signature: alone ? null : draft.drawn,
      nextDue,
    });
    if (refused === null) setDraft(null);
    else setError({ field: 'job', words: refused });
  };

  return (
    <StageFrame
      stage="hand-over"
      action={
        document.handover ? undefined : (
          <Button
            grow
            kind="main"
            testID="hand-over"
            label="Hand over"
            disabled={gate.length > 0}
            onPress={handOver}
          />
        )
      }
    >
      {document.handover && <Downloads document={document} handover={document.handover} />}
      {gate.length > 0 && <GateCard title="Not ready to hand over" reasons={gate} />}
      <LookedAtCard />
      <ProvedCard summary={summary} />
      <BlockCards blocks={day ? [...summary.blocks.first, day] : summary.blocks.first} />
      <BlockCards blocks={summary.blocks.behind} />
      <BlockCards blocks={summary.blocks.tried} />
      {!document.handover && (
        <>
          <Heading>What is open, and who acts</Heading>
          <FindingList
            findings={findings}
            profile={document.profile}
            none="Nothing is open."
            actions={(finding) => <DecisionAction finding={finding} />}
          />
          <ForOwnerCard />
          <Card title="Next due and signature" testID="sign">
            <DateField
              label="Next due"
              testID="next-due"
              value={draft.nextDue}
              hint="e.g. 31.5.2027; optional"
              error={error?.field === 'date' ? error.words : null}
              often={OFTEN_months.map((months) => ({
                label: months === 12 ? 'In a year' : `In ${months} months`,
                date: addMonths(view.today, months),
              }))}
              onChange={(nextDue) => {
                setDraft({ ...draft, nextDue });
                setError(null);
              }}
            />
            <Choice
              label="Received by"
              testID="signed-as"
              options={RECEIVERS}
              value={draft.receiver ?? null}
              onChange={(receiver) => {
                setDraft({ ...draft, receiver });
                setError(null);
              }}
            />
            {!alone && (
              <>
                <Field
                  words
                  label="Name to print"
                  testID="signed-name"
                  value={draft.name ?? ''}
                  error={nameFault(draft.name ?? '')}
                  hint={`Up to ${LONGEST_NAME} characters; optional`}
                  onChange={(typed) => setDraft({ ...draft, name: typed })}
                />
                <SignaturePad
                  drawn={draft.drawn}
                  error={error?.field === 'signature' ? error.words : null}
                  onChange={(drawn) => {
                    setDraft({ ...draft, drawn });
                    setError(null);
                  }}
                />
              </>
            )}
            {alone && (
              <Words>The hand-over says so. Leave the report where the site finds it, or send it.</Words>
            )}
            {error?.field === 'job' && (
              <Words bold colour="rust" role="alert">
                {error.words}
              </Words>
            )}
          </Card>
        </>
      )}
      <CancelCard />
      {document.handover && (
        <Card title="What was open at hand-over">
          {summary.open.length === 0 && <Words>Nothing.</Words>}
          {summary.accepted.map((finding, i) => (
            <Words key={`accepted-${i}`} testID="accepted-in-writing">
              <Words bold>Accepted in writing: {finding.title}.</Words> {finding.so} {finding.will} Because:{' '}
              {finding.reason ?? ''}
            </Words>
          ))}
          {summary.open.map((finding, i) => (
            <Words key={i}>
              <Words bold>{finding.title}.</Words> {finding.so} {finding.todo}
            </Words>
          ))}
        </Card>
      )}
    </StageFrame>
  );
}
