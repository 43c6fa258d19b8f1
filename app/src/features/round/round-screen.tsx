import type { Due, JobRow, Round } from '@barythm/contract/resources';
import { dateInWords } from '@barythm/core/time';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useRound } from '../../api/queries';
import { BeatStripView } from '../../charts/beat-strip-view';
import { LinkCard } from '../../ui/card';
import { Screen } from '../../ui/screen/screen';
import { SEVERITY_COLOUR, SeverityTag, type SeverityName } from '../../ui/words/severity';
import { Empty, Failed, Loading } from '../../ui/screen/states';
import { SPACE } from '../../ui/theme';
import { Heading, Words } from '../../ui/words/words';
import { useLastStage } from '../job/stage/last-stage';
import { STATE_WORDS } from '../job/stage/state-words';

/** Today's visits, and the pumps with something open. */
export function RoundScreen() {
  const round = useRound();
  return (
    <Screen title="Round" over={round.data && dateInWords(round.data.date)}>
      {round.isLoading && <Loading what="today’s round" />}
      {round.error && <Failed error={round.error} onRetry={() => void round.refetch()} />}
      {round.data && <RoundBody round={round.data} />}
    </Screen>
  );
}

function RoundBody({ round }: { round: Round }) {
  return (
    <>
      <Heading>Visits</Heading>
      {!round.visits.some((visit) => visit.date === round.date) && (
        <Empty
          title="No visit yet today"
          todo="Pick a pump below or in the register, and start a job on it."
        />
      )}
      {round.visits.map((visit) => (
        <View key={visit.id} style={styles.group}>
          <Words bold colour="quiet">
            {visit.siteName}
            {visit.date > round.date ? `, planned for ${dateInWords(visit.date)}` : ''}
            {visit.date < round.date ? `, unfinished since ${dateInWords(visit.date)}` : ''}
          </Words>
          {visit.jobs.map((job) => (
            <JobCard key={job.id} job={job} />
          ))}
        </View>
      ))}
      {round.due.length > 0 && <Heading>Due</Heading>}
      {round.due.map((due) => (
        <DueCard key={`${due.pumpId}${due.key}`} due={due} />
      ))}
      <More shown={round.due.length} total={round.dueTotal} what="due" testID="due-more" />
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

/** A list that is cut says so: nothing that is due drops out unseen. */
function More({
  shown,
  total,
  what,
  testID,
}: {
  shown: number;
  total: number;
  what: string;
  testID: string;
}) {
  if (total <= shown) return null;
  return (
    <Words bold colour="quiet" testID={testID}>
      And {total - shown} more {what}, less pressing than these. Each stands on its site’s page.
    </Words>
  );
}

function JobCard({ job }: { job: JobRow }) {
  const router = useRouter();
  const last = useLastStage(job.id);
  const stage = { 'handed-over': 'hand-over', planned: 'plan' }[job.state as string] ?? last;
  return (
    <LinkCard
      label={`${job.tag}, ${job.pumpName}`}
      testID={`job-${job.tag}`}
      onPress={() => router.navigate(`/job/${job.id}/${stage}`)}
    >
      <View style={styles.line}>
        <Words bold size="large">
          {job.tag}
        </Words>
        <Words bold size="small" colour={job.state === 'handed-over' ? 'moss' : 'ember'}>
          {STATE_WORDS[job.state]}
        </Words>
      </View>
      <Words>{job.pumpName}</Words>
    </LinkCard>
  );
}

function DueCard({ due }: { due: Due }) {
  const router = useRouter();
  const when = due.date === null ? 'now' : `${due.overdue ? 'since ' : ''}${dateInWords(due.date)}`;
  return (
    <LinkCard
      label={`${due.tag}: ${due.words}`}
      testID={`due-${due.tag}-${due.key}`}
      edge={due.overdue || due.date === null ? 'ochre' : undefined}
      onPress={() =>
        router.navigate(due.openJobId ? `/job/${due.openJobId}/${due.stage}` : `/pump/${due.pumpId}`)
      }
    >
      <View style={styles.line}>
        <Words bold size="large">
          {due.tag}
        </Words>
        <Words bold size="small" colour={due.overdue || due.date === null ? 'ochre' : 'quiet'}>
          {when}
        </Words>
      </View>
      <Words>{due.words}</Words>
    </LinkCard>
  );
}

function PumpCard({ pump }: { pump: Round['pumps'][number] }) {
  const router = useRouter();
  const worst: SeverityName = pump.counts.stop > 0 ? 'stop' : pump.counts.warn > 0 ? 'warn' : 'note';
  return (
    <LinkCard
      label={`${pump.tag}, ${pump.name}: ${pump.worst}`}
      testID={`pump-${pump.tag}`}
      edge={SEVERITY_COLOUR[worst]}
      onPress={() => router.navigate(`/pump/${pump.id}`)}
    >
      <View style={styles.line}>
        <Words bold size="large">
          {pump.tag}
        </Words>
        <View style={styles.tags}>
          {(['stop', 'warn', 'note'] as const).map(
            (severity) =>
              pump.counts[severity] > 0 && (
                <SeverityTag key={severity} severity={severity} count={pump.counts[severity]} />
              ),
          )}
        </View>
      </View>
      <Words>{pump.name}</Words>
      <Words bold colour={SEVERITY_COLOUR[worst]}>
        {pump.worst}
      </Words>
      {pump.strip && <BeatStripView {...pump.strip} now={pump.nowShare} />}
      <Words size="small" colour="quiet">
        {pump.siteName}, {pump.place}
      </Words>
    </LinkCard>
  );
}

const styles = StyleSheet.create({
  group: { gap: SPACE.s },
  line: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'center',
    flexWrap: 'wrap',
    gap: SPACE.s,
  },
  tags: { flexDirection: 'row', gap: SPACE.m },
});
