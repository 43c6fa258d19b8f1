import { leftAsFound } from '@barythm/core/job';
import { isSmall, lastRecord } from '@barythm/core/visit';
import { screensOf } from '../../../families/registry';
import { FindingList } from '../../../kit/findings';
import { Heading, Words } from '../../../ui/words/words';
import { PowerBackCard, useJobScope, StageFrame } from '../../../kit/job';
import { CancelCard } from '../close-cards';
import { ForwardButton } from '../stage/forward-button';
import { FirstCard } from './first-card';
import { ClockCard } from './clock-card';
import { LockOffCard, MakeSafeCard } from './make-safe-card';
import { PlateCard } from './plate-card';
import { MessagesCard } from './messages-card';
import { FoundSheet } from './found-sheet';
import { LaterCards } from './later-cards';
import { ReadingsCard } from './readings-card';

/** As found: make safe, read the plate, write down every setting and reading before anything is touched. */
export function AsFoundStage() {
  const { view, go } = useJobScope();
  const { document } = view;
  const { Before, Opened, After, Work } = screensOf(view.family).found ?? {};
  const identified = lastRecord(document, 'identify')?.id ?? 'new';
  const small = isSmall(document);
  const counted = view.rows.filter((row) => row.found).length;
  return (
    <StageFrame
      stage="as-found"
      action={
        <ForwardButton
          // the few settings of a small job were chosen before
          to={small ? 'Set' : 'the plan'}
          left={document.handover ? 0 : leftAsFound(view)}
          still="still to record"
          testID={small ? 'to-set' : 'to-plan'}
          onPress={() => go(small ? 'set' : 'plan')}
        />
      }
      aside={
        counted > 0 && (
          <>
            <Heading>Findings on what was found</Heading>
            {view.context ? (
              <FindingList
                folds
                profile={document.profile}
                findings={view.findings.found}
                none="Nothing is wrong with what is recorded so far."
              />
            ) : (
              <Words colour="quiet">They come with the duty, under Plan.</Words>
            )}
          </>
        )
      }
    >
      {/* what takes a running pump and its power is read before it is locked off */}
      {!small && <ReadingsCard />}
      <MakeSafeCard />
      <PlateCard key={identified} />
      {Before && !small && <Before />}
      <FoundSheet />
      {!small && (
        <>
          {document.profile.behaviours.hasClock && <ClockCard />}
          <MessagesCard />
          {After && <After />}
          <FirstCard />
        </>
      )}
      {/* from here displays are dead, and what needs hands or an open cabinet is done */}
      <LockOffCard />
      {!small && (
        <>
          {Opened && <Opened />}
          {Work && <Work />}
          <LaterCards />
        </>
      )}
      <PowerBackCard />
      <CancelCard />
    </StageFrame>
  );
}
