import { lastRecord } from '@barythm/core/visit';
import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { Button, ButtonRow } from '../../ui/button';
import { Card } from '../../ui/card';
import { Screen } from '../../ui/screen/screen';
import { Words } from '../../ui/words/words';
import { useJobScope } from './job-context';
import { Notes } from './notes';
import { StageRail } from './stage-rail';
import { STAGES, type StageKey } from '../stages';

interface StageFrameProps {
  readonly stage: StageKey;
  readonly children: ReactNode;
  readonly action?: ReactNode;
  readonly aside?: ReactNode;
}

/** A stage's screen: the pump's tag, the rail of five, the stage's work. */
export function StageFrame({ stage, children, action, aside }: StageFrameProps) {
  const { view, go } = useJobScope();
  const router = useRouter();
  const { pump, site, handover, job } = view.document;
  return (
    <Screen
      title={pump.tag}
      part={STAGES.find(({ key }) => key === stage)?.label}
      over={`${pump.name}, ${site.name}`}
      back={`/pump/${pump.id}`}
      rail={<StageRail view={view} current={stage} onGo={go} />}
      action={action}
      aside={aside}
    >
      {handover && stage !== 'hand-over' && (
        <Card edge="moss">
          <Words>
            This job is handed over. It can be read, not changed; start a new job to change anything.
          </Words>
        </Card>
      )}
      {job.state === 'cancelled' && (
        <Card edge="ochre" testID="job-cancelled">
          <Words>
            <Words bold>This job is cancelled.</Words> {lastRecord(view.document, 'cancelled')?.body.reason}{' '}
            It can be read, not changed; start a new job on the pump’s page.
          </Words>
        </Card>
      )}
      {children}
      <Notes about="" of="the job" />
      <ButtonRow>
        <Button
          kind="quiet"
          label={`Page of ${pump.tag}`}
          testID="to-pump"
          onPress={() => router.navigate(`/pump/${pump.id}`)}
        />
        <Button
          kind="quiet"
          label={site.name}
          testID="to-site"
          onPress={() => router.navigate(`/site/${site.id}`)}
        />
      </ButtonRow>
    </Screen>
  );
}
