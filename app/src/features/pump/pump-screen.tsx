import type { PumpResource } from '@barythm/contract/resources';
import { notOnTheHandover } from '@barythm/core/job';
import { linesOf } from '@barythm/core/describe';
import { ALL_TEXTS, familyOf } from '@barythm/core/families';
import { grouped, renderFinding } from '@barythm/core/findings';
import { addDays, dateInWords, siteDate } from '@barythm/core/time';
import { useReader } from '../../ui/reader';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { newId, outbox } from '../../api/device';
import { usePump } from '../../api/queries';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { useWide } from '../../ui/screen/layout';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { SPACE } from '../../ui/theme';
import { Heading, Words } from '../../ui/words/words';
import { screensOf } from '../../families/registry';
import { Decided } from '../findings/decided';
import { FindingList } from '../../kit/findings';
import { useLastStage } from '../job/stage/last-stage';
import { HistoryCards } from './history-cards';
import { known } from './known';
import { ReplacedCard } from './replaced-card';
import { JobsOfPump, LabelCard, SettingsCard } from './pump-cards';

/** One pump: what it is, its duty, its settings, its day, what is wrong with it, its visits. */
export function PumpScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const pump = usePump(id);
  if (pump.isLoading) {
    return (
      <Screen title="Pump">
        <Loading what="the pump" />
      </Screen>
    );
  }
  if (!pump.data) {
    return (
      <Screen title="Pump">
        <Failed error={pump.error ?? new Error('No answer.')} onRetry={() => void pump.refetch()} />
      </Screen>
    );
  }
  return <PumpBody pump={pump.data} />;
}

function PumpBody({ pump }: { pump: PumpResource }) {
  const reader = useReader();
  const router = useRouter();
  const state = useMemo(() => known(pump), [pump]);
  const { findings } = state;
  const unsaid = useMemo(
    () => (pump.latest ? notOnTheHandover(pump.latest, pump.today) : []),
    [pump.latest, pump.today],
  );
  const decisions = [...(pump.before?.decisions ?? []), ...(pump.latest?.decisions ?? [])];
  const { Day, Stock } = screensOf(pump.profile.family).pump;
  const open = pump.jobs.find((job) => job.state === 'open' || job.state === 'planned');

  // a page that was kept from before it was asked has none
  const retired = pump.retiredOn ?? null;
  const lastStage = useLastStage(open?.id ?? '');

  const start = (date: string, stage: 'as-found' | 'plan', small?: true) => {
    const jobId = newId();
    const whole = { kind: 'job.start', jobId, pumpId: pump.id, visitId: newId(), date } as const;
    void outbox
      .add(small ? { ...whole, small } : whole, 0)
      .then(() => router.navigate(`/job/${jobId}/${stage}`));
  };

  const wide = useWide();
  const found = (
    <>
      <Heading>Findings</Heading>
      {!state.judged && (
        <Words testID="not-judged">
          {pump.latest || state.believed
            ? 'Not judged: no duty is recorded yet, so nothing is known to be wrong or right.'
            : 'Never looked at: nothing is known of it yet, good or bad.'}
        </Words>
      )}
      {(state.judged || findings.length > 0) && (
        <FindingList
          folds
          findings={findings}
          profile={pump.profile}
          none="Nothing is open on this pump."
          actions={(finding) => <Decided finding={finding} decisions={decisions} />}
        />
      )}
      {unsaid.length > 0 && pump.latest && (
        <Card title="Not on the last hand-over" testID="unsaid">
          <Words>
            {`What was signed on ${dateInWords(pump.latest.job.plannedFor)} does not hold whole: it names nothing of this, since those settings were not read then.`}
          </Words>
          {grouped(unsaid).map(([first]) => (
            <Words key={first.text}>{renderFinding(first, ALL_TEXTS, reader).title}</Words>
          ))}
        </Card>
      )}
    </>
  );

  return (
    <Screen
      title={pump.tag}
      over={pump.siteName}
      back={`/site/${pump.siteId}`}
      action={
        retired ? undefined : open ? (
          <Button
            grow
            kind="main"
            testID="go-on"
            label="Go on with the job"
            onPress={() =>
              router.navigate(`/job/${open.id}/${open.state === 'planned' ? 'plan' : lastStage}`)
            }
          />
        ) : (
          <>
            <Button
              grow
              label="Plan for tomorrow"
              testID="plan-tomorrow"
              onPress={() => start(addDays(pump.today, 1), 'plan')}
            />
            <Button
              grow
              kind="main"
              testID="start-job"
              label="Start a job"
              onPress={() => start(pump.today, 'as-found')}
            />
          </>
        )
      }
      aside={wide && found}
    >
      <View style={styles.tight}>
        <Words bold size="large">
          {pump.name}
        </Words>
        <Words colour="quiet">{[pump.place, pump.profile.name].filter(Boolean).join(' · ')}</Words>
        <Words colour="quiet">{unitInWords(pump)}</Words>
        <View style={styles.links}>
          {!retired && !open && (
            <Button
              kind="quiet"
              label="Change settings"
              testID="change-settings"
              onPress={() => start(pump.today, 'plan', true)}
            />
          )}
          <Button
            kind="quiet"
            label="Run it on the bench"
            testID="to-bench"
            onPress={() => router.navigate(`/bench/${pump.id}`)}
          />
          <Button
            kind="quiet"
            label="Its controller"
            testID="to-profile"
            onPress={() => router.navigate(`/library/profile/${pump.profile.id}`)}
          />
          <Button
            kind="quiet"
            label="Edit"
            testID="to-edit"
            onPress={() => router.navigate(`/register/pump/${pump.id}`)}
          />
        </View>
      </View>
      {retired && (
        <Card edge="ochre" testID="retired">
          <Words>
            Retired on {dateInWords(retired)}. Its visits and papers are kept; under Edit it is put back in
            use.
          </Words>
        </Card>
      )}
      <ReplacedCard pump={pump} />
      {pump.note !== '' && (
        <Card title="Reported by the site">
          <Words>{pump.note}</Words>
        </Card>
      )}
      {state.context && <Day context={state.context} nowShare={pump.nowShare} />}
      {!wide && found}
      {Stock && state.context && (
        <Stock context={state.context} values={state.values} agreedOn={agreedOn(pump)} />
      )}
      <SettingsCard pump={pump} state={state} />
      <Card title="Duty">
        {pump.duty ? (
          linesOf(familyOf(pump.profile.family).forms.duty, pump.duty, reader).map(([name, words]) => (
            <View key={name}>
              <Words size="small" colour="quiet">
                {name}
              </Words>
              <Words>{words}</Words>
            </View>
          ))
        ) : (
          <Words>No duty is recorded yet; it is entered under Plan.</Words>
        )}
      </Card>
      <LabelCard pump={pump} />
      <HistoryCards pumpId={pump.id} />
      <JobsOfPump pump={pump} />
    </Screen>
  );
}

/** Which unit stands there, as far as it is known. */
function unitInWords({ unit }: PumpResource): string {
  const known = [
    unit.model,
    unit.serial && `serial ${unit.serial}`,
    unit.plateReadOn && `plate read ${dateInWords(unit.plateReadOn)}`,
  ].filter(Boolean);
  return known.length > 0 ? known.join(', ') : 'Model and serial unknown';
}

/** When tank and counter were written down: with the plan that was agreed last. */
function agreedOn({ latest, zone, today }: PumpResource): string {
  const plan = latest?.plans.at(-1);
  return plan ? siteDate(plan.recordedAt, zone) : today;
}

const styles = StyleSheet.create({
  tight: { gap: 2 },
  links: { flexDirection: 'row', flexWrap: 'wrap', marginLeft: -SPACE.l },
});
