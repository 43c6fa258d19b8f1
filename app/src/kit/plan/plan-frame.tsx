import type { ReactNode } from 'react';
import { Button } from '../../ui/button';
import { useWide } from '../../ui/screen/layout';
import { goToFirstError } from '../../ui/pad/next-field';
import { Heading } from '../../ui/words/words';
import { FindingList } from '../findings';
import { DecisionAction } from '../job';
import { useJobScope } from '../job';
import { StageFrame } from '../job';
import { BenchLink, WorkOrderLink } from '../job';

type Findings = Parameters<typeof FindingList>[0]['findings'];

/** The frame of a plan, the same for every family: targets and findings beside it where there is room for them. */
export function PlanFrame({
  aside,
  planned,
  ready,
  missing,
  onMissing,
  onAgree,
  children,
}: {
  aside: ReactNode;
  /** there is a plan to look at */
  planned: boolean;
  /** the duty is complete, and nothing of it only offered: there is something to agree */
  ready: boolean;
  /** how many answers of the duty are missing or wrong */
  missing: number;
  /** from now on every place says what is missing in it */
  onMissing: () => void;
  onAgree: () => void;
  children: ReactNode;
}) {
  const { document } = useJobScope().view;
  const wide = useWide();
  return (
    <StageFrame
      stage="plan"
      aside={wide && planned && aside}
      action={
        ready || document.handover ? (
          <Button
            grow={!wide}
            kind="main"
            testID="agree-plan"
            label={document.plans.length > 0 ? 'Accept the plan again' : 'Accept plan'}
            disabled={document.handover !== null}
            onPress={onAgree}
          />
        ) : (
          <Button
            grow={!wide}
            testID="plan-missing"
            label={missing === 0 ? 'Show what is wrong' : `Show what is missing: ${missing}`}
            onPress={() => {
              onMissing();
              goToFirstError();
            }}
          />
        )
      }
    >
      {children}
      {planned && <BenchLink />}
      {!document.handover && <WorkOrderLink />}
    </StageFrame>
  );
}

/** What is wrong with the target, and with what is there. */
export function PlanFindings({ target, found }: { target: Findings; found: Findings | null }) {
  return (
    <>
      <Heading>Findings on the target</Heading>
      <FindingList
        findings={target}
        none="Nothing is wrong with the target."
        actions={(finding) => <DecisionAction finding={finding} />}
      />
      {found && (
        <>
          <Heading>Findings on what is there</Heading>
          <FindingList folds findings={found} none="Nothing is wrong with what is there." />
        </>
      )}
    </>
  );
}
