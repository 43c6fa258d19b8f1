import type { PumpResource } from '@barythm/contract/resources';
import type { FamilyContext } from '@barythm/core/families';
import { bareContext, checkColumn, leavingFindings, reportedSince, viewJob } from '@barythm/core/job';
import { inOrderOfWork, type SettingValues } from '@barythm/core/profile';
import { addDays, dateInWords, siteTime } from '@barythm/core/time';
import { useReader } from '../../ui/reader';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { Linking, StyleSheet, View } from 'react-native';
import { addressOfFile } from '../../api/client';
import { newId, outbox } from '../../api/device';
import { usePump } from '../../api/queries';
import { Button } from '../../ui/button';
import { Card, LinkCard } from '../../ui/card';
import { useWide } from '../../ui/screen/layout';
import { Screen } from '../../ui/screen/screen';
import { Empty, Failed, Loading } from '../../ui/screen/states';
import { SPACE } from '../../ui/theme';
import { TriadSign } from '../../ui/words/triad';
import { Heading, Words } from '../../ui/words/words';
import { screensOf } from '../../families/registry';
import { FindingList } from '../findings/finding-list';
import { useLastStage } from '../job/stage/last-stage';
import { STATE_WORDS } from '../job/stage/state-words';
import { ValueText } from '../job/value/value-text';
import { HistoryCards } from './history-cards';

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

interface Known {
  readonly context: FamilyContext | null;
  readonly values: SettingValues;
  readonly from: string;
  readonly reported: boolean;
}

/** What is believed to be in the controller, and where that comes from. */
function known(pump: PumpResource): Known {
  const reported = reportedSince(pump.latest, pump.reported);
  if (pump.latest && !reported) {
    const view = viewJob(pump.latest, pump.today);
    const values = view.context?.inForce ?? {};
    const state = pump.latest.handover ? 'As left' : 'As known from the job';
    return {
      context: view.context,
      values,
      from: `${state} of ${dateInWords(pump.latest.job.plannedFor)}`,
      reported: false,
    };
  }
  const values = reported?.values ?? {};
  const { duty, profile, unit, today, zone, signalFrom } = pump;
  const context =
    duty && bareContext({ duty, profile, plate: unit.plate, today, zone, inForce: values, signalFrom });
  const from = reported
    ? `Reported by the site on ${dateInWords(reported.date)}, not seen by a technician`
    : 'Nobody has recorded them yet';
  return { context, values, from, reported: true };
}

function PumpBody({ pump }: { pump: PumpResource }) {
  const reader = useReader();
  const router = useRouter();
  const state = useMemo(() => known(pump), [pump]);
  const findings = useMemo(() => {
    if (pump.latest && !state.reported && pump.latest.job.state !== 'planned') {
      return leavingFindings(viewJob(pump.latest, pump.today));
    }
    return state.context ? checkColumn(state.context, 'found', state.values) : [];
  }, [pump, state]);
  const { dutyLines, Day, Stock } = screensOf(pump.profile.family).pump;
  const open = pump.jobs.find((job) => job.state === 'open' || job.state === 'planned');

  const lastStage = useLastStage(open?.id ?? '');

  const start = (date: string, stage: 'as-found' | 'plan') => {
    const jobId = newId();
    void outbox
      .add({ kind: 'job.start', jobId, pumpId: pump.id, visitId: newId(), date }, 0)
      .then(() => router.navigate(`/job/${jobId}/${stage}`));
  };

  const settings = inOrderOfWork(pump.profile);
  const [all, setAll] = useState(settings.length <= LONG_SHEET);
  const shown = all ? settings : settings.slice(0, LONG_SHEET / 2);
  const wide = useWide();
  const found = (
    <>
      <Heading>Findings</Heading>
      <FindingList folds findings={findings} profile={pump.profile} none="Nothing is open on this pump." />
    </>
  );

  return (
    <Screen
      title={pump.tag}
      over={`${pump.siteName}, ${pump.place}`}
      action={
        open ? (
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
        <Words colour="quiet">
          {pump.unit.model}, serial {pump.unit.serial}
          {pump.unit.plateReadOn ? `; plate read ${dateInWords(pump.unit.plateReadOn)}` : ''}
        </Words>
        <Words colour="quiet">{pump.profile.name}</Words>
        <View style={styles.links}>
          <Button
            kind="quiet"
            label={`All pumps of ${pump.siteName}`}
            testID="to-site"
            onPress={() => router.navigate(`/site/${pump.siteId}`)}
          />
        </View>
      </View>
      {pump.note !== '' && (
        <Card title="Said by the site">
          <Words>{pump.note}</Words>
        </Card>
      )}
      {state.context && <Day context={state.context} nowShare={pump.nowShare} />}
      {!wide && found}
      {Stock && state.context && <Stock context={state.context} values={state.values} />}
      <Card title="Settings">
        <Words size="small" colour="quiet">
          {state.from}
        </Words>
        {shown.map((parameter) => {
          const value = state.values[parameter.key];
          return (
            <View key={parameter.key} style={styles.row}>
              <View style={styles.name}>
                <TriadSign column={state.reported ? 'found' : 'left'} />
                <Words style={styles.grow}>{parameter.label}</Words>
              </View>
              <ValueText bold parameter={parameter} value={value} missing="not known" />
            </View>
          );
        })}
        {!all && (
          <Button
            kind="quiet"
            label={`All ${settings.length} settings`}
            testID="settings-all"
            onPress={() => setAll(true)}
          />
        )}
      </Card>
      <Card title="Duty">
        {pump.duty ? (
          dutyLines(pump.duty, reader).map(([name, words]) => (
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
      <Card title="Bench and label">
        <Button
          label="Run it on the bench"
          testID="to-bench"
          onPress={() => router.navigate(`/bench/${pump.id}`)}
        />
        <Words>
          Code on its label:{' '}
          <Words figures bold size="large" testID="label-code">
            {pump.code}
          </Words>
        </Words>
        <Button
          label="Label to print (PDF)"
          testID="label-pdf"
          onPress={() => void Linking.openURL(addressOfFile(`/labels.pdf?pump=${pump.id}`))}
        />
      </Card>
      <HistoryCards pumpId={pump.id} />
      <Heading>Jobs on this pump</Heading>
      {pump.jobs.length === 0 && (
        <Empty title="Never visited" todo="Start a job: record what is there before anything is touched." />
      )}
      {pump.jobs.map((job) => (
        <LinkCard
          key={job.id}
          label={`Job of ${job.date}`}
          testID={`visit-${job.date}`}
          onPress={() =>
            router.navigate(`/job/${job.id}/${job.state === 'handed-over' ? 'hand-over' : 'as-found'}`)
          }
        >
          <View style={styles.row}>
            <Words bold>
              {dateInWords(job.date)}
              {pump.jobs.filter(({ date }) => date === job.date).length > 1
                ? `, begun at ${siteTime(job.startedAt, pump.zone)}`
                : ''}
            </Words>
            <Words bold colour={job.state === 'handed-over' ? 'moss' : 'ember'} size="small">
              {STATE_WORDS[job.state]}
            </Words>
          </View>
          <Words size="small" colour="quiet">
            {job.actor}
          </Words>
        </LinkCard>
      ))}
    </Screen>
  );
}

/** A sheet longer than this is folded on the pump's page. */
const LONG_SHEET = 20;

const styles = StyleSheet.create({
  tight: { gap: 2 },
  links: { alignItems: 'flex-start', marginLeft: -SPACE.l },
  row: { flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.m, alignItems: 'center' },
  name: { flexDirection: 'row', gap: SPACE.s, alignItems: 'center', flex: 1 },
  grow: { flex: 1 },
});
