import { lastRecord } from '@barythm/core/job';
import { Button } from '../../../ui/button';
import { FindingList } from '../../findings/finding-list';
import { Heading, Words } from '../../../ui/words';
import { useJobScope } from '../job-context';
import { StageFrame } from '../stage-frame';
import { CalibrationCard } from '../calibration-card';
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
  const counted = view.rows.filter((row) => row.found).length;
  return (
    <StageFrame
      stage="as-found"
      action={<Button grow kind="main" testID="to-plan" label="On to the plan" onPress={() => go('plan')} />}
      aside={
        counted > 0 && (
          <>
            <Heading>Findings on what was found</Heading>
            {view.context ? (
              <FindingList
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
      <MakeSafeCard />
      <IdentifyCard key={lastRecord(document, 'identify')?.id ?? 'new'} />
      <FoundSheet />
      <ReadingsNowCard />
      {document.profile.behaviours.hasClock && <ClockCard />}
      <MessagesCard />
      <ResetsCard />
      <ServicedCard />
      <CalibrationCard />
    </StageFrame>
  );
}
