import type { Due, JobRow, Round } from '@barythm/contract/resources';
import { dateInWords, siteTime } from '@barythm/core/time';
import { formatNumber } from '@barythm/core/units';
import { counted } from '@barythm/core/words';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useRound } from '../../api/queries';
import { OpenTable } from './open-table';
import { More } from './more';
import { ReminderCard } from './reminder-card';
import { BeatStripView } from '../../charts/beat-strip-view';
import { Button } from '../../ui/button';
import { LinkCard } from '../../ui/card';
import { useReader } from '../../ui/reader';
import { useWide } from '../../ui/screen/layout';
import { Screen } from '../../ui/screen/screen';
import { SEVERITY_COLOUR, SeverityTag, type SeverityName } from '../../ui/words/severity';
import { Empty, Failed, Loading } from '../../ui/screen/states';
import { SPACE } from '../../ui/theme';
import { Heading, Words } from '../../ui/words/words';
import { useLastStage } from '../job/stage/last-stage';
import { STATE_WORDS } from '../job/stage/state-words';
import { dueByPump, visitsBySite } from './round-order';

/** Visits, what is due, and the pumps with something open. */
export function RoundScreen() {
  const round = useRound();
  const wide = useWide();
  return (
    <Screen whole title="Round" over={round.data && dateInWords(round.data.date)}>
      {round.isLoading && <Loading what="today’s round" />}
      {round.error && <Failed error={round.error} onRetry={() => void round.refetch()} />}
      {round.data && !wide && (
        <>
          <Visits round={round.data} />
          <ReminderCard />
          <DueList round={round.data} />
          <OpenPumps round={round.data} />
        </>
      )}
      {round.data && wide && (
        <>
          <View style={styles.columns}>
            <View style={styles.column}>
              <Visits round={round.data} />
              <ReminderCard />
            </View>
            <View style={styles.column}>
              <DueList round={round.data} />
            </View>
          </View>
          <OpenTable round={round.data} />
        </>
      )}
    </Screen>
  );
}

const GOES_ON: ReadonlySet<JobRow['state']> = new Set(['planned', 'open', 'part-changed', 'put-back']);

function Visits({ round }: { round: Round }) {
  const groups = visitsBySite(round);
  const router = useRouter();
  return (
    <>
      <View style={styles.line}>
        <Heading>Visits</Heading>
        <Button kind="quiet" label="Week" testID="to-week" onPress={() => router.navigate('/week')} />
      </View>
      {!groups.some(({ date }) => date === round.date) && (
        <Empty
          title="No visit yet today"
          todo="Pick a pump below or in the register, and start a job on it."
        />
      )}
      {groups.map(({ key, date, siteName, zone, jobs }) => (
        <View key={key} style={styles.group}>
          <Words bold colour="quiet">
            {siteName}
            {date > round.date ? `, planned for ${dateInWords(date)}` : ''}
            {date < round.date ? `, unfinished since ${dateInWords(date)}` : ''}
          </Words>
          {jobs
            .filter(({ state }) => GOES_ON.has(state))
            .map((job) => (
              <JobCard key={job.id} job={job} zone={zone} twice={isTwice(job, jobs)} />
            ))}
          <Done jobs={jobs.filter(({ state }) => !GOES_ON.has(state))} zone={zone} />
        </View>
      ))}
    </>
  );
}

const isTwice = (job: JobRow, jobs: readonly JobRow[]) =>
  jobs.filter(({ pumpId }) => pumpId === job.pumpId).length > 1;

/** What is done today takes a line, so that what is due stays in sight. */
function Done({ jobs, zone }: { jobs: readonly JobRow[]; zone: string }) {
  const [shown, setShown] = useState(false);
  if (jobs.length === 0) return null;
  return (
    <>
      <Button
        kind="quiet"
        testID={`done-${jobs[0].id}`}
        label={`${shown ? 'Hide' : 'Show'} ${counted(jobs.length, 'finished job')}: ${jobs.map(({ tag }) => tag).join(', ')}`}
        onPress={() => setShown(!shown)}
      />
      {shown && jobs.map((job) => <JobCard key={job.id} job={job} zone={zone} twice={isTwice(job, jobs)} />)}
    </>
  );
}

function DueList({ round }: { round: Round }) {
  if (round.due.length === 0 && round.dueTotal === 0) return null;
  return (
    <>
      <Heading>Due</Heading>
      {dueByPump(round.due).map((dues) => (
        <DueCard key={dues[0].pumpId} dues={dues} />
      ))}
      <More shown={round.due.length} total={round.dueTotal} what="due" testID="due-more" />
    </>
  );
}

function OpenPumps({ round }: { round: Round }) {
  return (
    <>
      <Heading>Pumps with open findings</Heading>
      {round.pumps.length === 0 && (
        <Empty title="Nothing is open" todo="Every pump that was looked at is as it should be." />
      )}
      {round.pumps.map((pump) => (
        <PumpCard key={pump.id} pump={pump} />
      ))}
      <More
        shown={round.pumps.length}
        total={round.pumpsTotal}
        what="with something open"
        testID="pumps-more"
      />
    </>
  );
}

function JobCard({ job, zone, twice }: { job: JobRow; zone: string; twice: boolean }) {
  const router = useRouter();
  const last = useLastStage(job.id);
  const stage = { 'handed-over': 'hand-over', planned: 'plan' }[job.state as string] ?? last;
  const begun = twice ? `, begun at ${siteTime(job.startedAt, zone)}` : '';
  return (
    <LinkCard testID={`job-${job.tag}`} onPress={() => router.navigate(`/job/${job.id}/${stage}`)}>
      <View style={styles.line}>
        <Words bold size="large">
          {job.tag}
        </Words>
        <Words bold size="small" colour={job.state === 'handed-over' ? 'moss' : 'ember'}>
          {STATE_WORDS[job.state]}
        </Words>
      </View>
      <Words>
        {job.pumpName}
        {begun}
      </Words>
    </LinkCard>
  );
}

/** All that is due at one pump, the most pressing first: it leads to where that is done. */
function DueCard({ dues }: { dues: readonly Due[] }) {
  const router = useRouter();
  const [{ pumpId, tag, pumpName, siteName, openJobId, stage }] = dues;
  const late = dues.some(({ overdue, date }) => overdue || date === null);
  return (
    <LinkCard
      testID={`due-${tag}`}
      edge={late ? 'ochre' : undefined}
      onPress={() => router.navigate(openJobId ? `/job/${openJobId}/${stage}` : `/pump/${pumpId}`)}
    >
      <Named tag={tag} name={pumpName} site={siteName} />
      {dues.map((due) => (
        <View key={due.key} style={styles.line} testID={`due-${tag}-${due.key}`}>
          <Words style={styles.grow}>{due.words}</Words>
          <Words bold size="small" colour={due.overdue || due.date === null ? 'ochre' : 'quiet'}>
            {whenDue(due)}
          </Words>
        </View>
      ))}
    </LinkCard>
  );
}

function whenDue({ date, overdue }: Due): string {
  return date === null ? 'now' : `${overdue ? 'since ' : ''}${dateInWords(date)}`;
}

/** Which pump it is, and where. */
function Named({ tag, name, site }: { tag: string; name: string; site: string }) {
  return (
    <View style={styles.named}>
      <Words bold size="large">
        {tag}
      </Words>
      <Words size="small" colour="quiet">
        {name}, {site}
      </Words>
    </View>
  );
}

function PumpCard({ pump }: { pump: Round['pumps'][number] }) {
  const router = useRouter();
  const reader = useReader();
  const worst: SeverityName = pump.counts.stop > 0 ? 'stop' : pump.counts.warn > 0 ? 'warn' : 'note';
  return (
    <LinkCard
      testID={`pump-${pump.tag}`}
      edge={SEVERITY_COLOUR[worst]}
      onPress={() => router.navigate(`/pump/${pump.id}`)}
    >
      <View style={styles.line}>
        <Named tag={pump.tag} name={pump.name} site={`${pump.siteName}, ${pump.place}`} />
        <View style={styles.tags}>
          {(['stop', 'warn', 'note'] as const).map(
            (severity) =>
              pump.counts[severity] > 0 && (
                <SeverityTag key={severity} severity={severity} count={pump.counts[severity]} />
              ),
          )}
        </View>
      </View>
      <Words bold colour={SEVERITY_COLOUR[worst]}>
        {pump.worst}
      </Words>
      {pump.strip && (
        <View>
          <BeatStripView {...pump.strip} now={pump.nowShare} />
          <Words size="small" colour="quiet">
            0 to 24 h; full height {formatNumber(pump.strip.greatest, 1, reader.decimal)} {pump.strip.unit}
          </Words>
        </View>
      )}
    </LinkCard>
  );
}

const styles = StyleSheet.create({
  columns: { flexDirection: 'row', gap: SPACE.xl, alignItems: 'flex-start' },
  column: { flex: 1, minWidth: 0, gap: SPACE.l },
  group: { gap: SPACE.s },
  line: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'center',
    flexWrap: 'wrap',
    gap: SPACE.s,
  },
  grow: { flexShrink: 1 },
  // a long name takes a second line, never the edge of the card
  named: { flexShrink: 1, minWidth: 0 },
  tags: { flexDirection: 'row', gap: SPACE.m },
});
