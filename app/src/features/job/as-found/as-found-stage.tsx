import { leftAsFound } from '@barythm/core/job';
import { lastRecord } from '@barythm/core/visit';
import { FindingList } from '../../findings/finding-list';
import { Heading, Words } from '../../../ui/words';
import { PoolIdentifyCard } from '../../pool/found/pool-identify-card';
import { PoolNowCard } from '../../pool/found/pool-now-card';
import { SaltCard } from '../../pool/found/salt-card';
import { ValvesCard } from '../../pool/found/valves-card';
import { WeekFoundCard } from '../../pool/found/week-found-card';
import { useJobScope } from '../job-context';
import { CancelCard } from '../close-cards';
import { ForwardButton } from '../forward-button';
import { StageFrame } from '../stage-frame';
import { CalibrationCard } from '../calibration-card';
import { ChecksCard } from '../prove/checks-card';
import { ServicedCard } from './serviced-card';
import { ClockCard } from './clock-card';
import { IdentifyCard } from './identify-card';
import { MakeSafeCard } from './make-safe-card';
import { MessagesCard } from './messages-card';
import { ReadingsNowCard } from './readings-now-card';
import { ResetsCard } from './resets-card';
import { FoundSheet } from './found-sheet';

/** As found: make safe, read the plate, write down every setting and reading before anything is touched. */
export function AsFoundStage() {
  const { view, go } = useJobScope();
  const { document } = view;
  const pool = view.family === 'pool';
  const identified = lastRecord(document, 'identify')?.id ?? 'new';
  const counted = view.rows.filter((row) => row.found).length;
  return (
    <StageFrame
      stage="as-found"
      action={
        <ForwardButton
          to="the plan"
          left={document.handover ? 0 : leftAsFound(view)}
          still="still to record"
          testID="to-plan"
          onPress={() => go('plan')}
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
      {pool ? <PoolNowCard /> : <ReadingsNowCard />}
      <MakeSafeCard />
      {pool ? <PoolIdentifyCard key={identified} /> : <IdentifyCard key={identified} />}
      {pool && <WeekFoundCard />}
      <FoundSheet />
      {pool && <ChecksCard title="Sensors against a reference" testID="sensors" only="sensor-" />}
      {document.profile.behaviours.hasClock && <ClockCard />}
      <MessagesCard />
      <ResetsCard />
      {pool ? (
        <>
          <SaltCard />
          <ValvesCard />
        </>
      ) : (
        <>
          <ServicedCard />
          <CalibrationCard />
        </>
      )}
      <CancelCard />
    </StageFrame>
  );
}
