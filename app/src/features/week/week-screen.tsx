import type { Round } from '@barythm/contract/resources';
import { addDays, dateInWords, daysInWords, weekday } from '@barythm/core/time';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useRound } from '../../api/queries';
import { Button, ButtonRow } from '../../ui/button';
import { Card } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { useWide } from '../../ui/screen/layout';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { SPACE, usePalette } from '../../ui/theme';
import { Heading, Words } from '../../ui/words/words';
import { Chip } from './chip';
import { onDay, weekOf, type WeekDue, type WeekJob } from './week-plan';
import { useWeek } from './use-week';

/** The visits of a week, and what falls due and is not planned: put on a day by a drag, by the arrow keys, or by choosing it. */
export function WeekScreen() {
  const round = useRound();
  return (
    <Screen whole title="Week" over="Round" back="/">
      {round.isLoading && <Loading what="the visits" />}
      {round.error && <Failed error={round.error} onRetry={() => void round.refetch()} />}
      {round.data && <Week round={round.data} />}
    </Screen>
  );
}

const WEEK_days = 7;

function Week({ round }: { round: Round }) {
  const wide = useWide();
  const [monday, setMonday] = useState(weekOf(round.date)[0]);
  const days = weekOf(monday);
  const week = useWeek(round);
  const late = week.jobs.filter(({ date, state }) => date < days[0] && state === 'planned');
  return (
    <>
      <Words bold size="large" testID="week-of">
        {dateInWords(days[0])} to {dateInWords(days[WEEK_days - 1])}
      </Words>
      <ButtonRow>
        <Button
          again
          label="Earlier"
          testID="week-earlier"
          disabled={days[0] <= round.date}
          onPress={() => setMonday(addDays(monday, -WEEK_days))}
        />
        <Button
          again
          label="Later"
          testID="week-later"
          onPress={() => setMonday(addDays(monday, WEEK_days))}
        />
        {week.last && (
          <Button kind="quiet" label={`Undo: ${week.last.tag}`} testID="week-undo" onPress={week.undo} />
        )}
      </ButtonRow>
      {week.fault !== null && (
        <Words bold colour="rust" role="alert" testID="week-fault">
          {week.fault}
        </Words>
      )}
      {late.length > 0 && (
        <Words testID="week-late">
          Planned for an earlier day and not begun: {late.map(({ tag }) => tag).join(', ')}.
        </Words>
      )}
      {wide && (
        <Words size="small" colour="quiet">
          Drag a visit across the days, or move it by the arrow keys; a tap opens it. What was begun stays on
          its day.
        </Words>
      )}
      {wide ? <Grid round={round} days={days} week={week} /> : <List round={round} days={days} week={week} />}
    </>
  );
}

interface WeekProps {
  readonly round: Round;
  readonly days: readonly string[];
  readonly week: ReturnType<typeof useWeek>;
}

const dayName = (date: string) => daysInWords(String(weekday(date)));
const dayNumber = (date: string) => Number(date.slice(8));
const isFree = ({ state }: WeekJob) => state === 'planned';

/** Eight columns: what is due, and the days. */
function Grid({ round, days, week }: WeekProps) {
  const router = useRouter();
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const [held, setHeld] = useState<string | null>(null);
  const day_px = width / (days.length + 1);
  return (
    <View
      style={styles.grid}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      testID="week-grid"
    >
      <View style={styles.column} testID="week-due">
        <Heading level={3}>Due</Heading>
        {week.due.map((due) => (
          <Chip
            key={due.pumpId}
            tag={due.tag}
            lines={[due.siteName, due.words, whenDue(due)]}
            testID={`week-due-${due.tag}`}
            label={`${due.tag}, ${due.siteName}: ${due.words} Arrow right plans it.`}
            day_px={day_px}
            // the first day of the week is one column away, whatever day today is
            onShift={(columns) => {
              const date = days[columns - 1];
              if (columns <= 0 || !date) return;
              setHeld(due.tag);
              week.plan(due, date < round.date && columns === 1 ? round.date : date);
            }}
            onOpen={() => router.navigate(`/pump/${due.pumpId}`)}
          />
        ))}
        {week.due.length === 0 && <Words size="small">Nothing that is not planned.</Words>}
      </View>
      {days.map((date) => (
        <View
          key={date}
          testID={`week-${date}`}
          style={[
            styles.column,
            styles.day,
            { borderColor: date === round.date ? palette.petrol : palette.line },
          ]}
        >
          <Heading level={3}>
            {dayName(date)} {dayNumber(date)}
          </Heading>
          {onDay(week.jobs, date).map((job) => (
            <Chip
              key={job.id}
              tag={job.tag}
              lines={[job.siteName]}
              testID={`week-job-${job.tag}`}
              label={`${job.tag}, ${job.siteName}, ${dateInWords(date)}${isFree(job) ? '. Arrows move it by a day.' : ''}`}
              day_px={day_px}
              held={held === job.tag}
              onShift={
                isFree(job)
                  ? (by) => {
                      setHeld(job.tag);
                      week.move(job, addDays(date, by));
                    }
                  : undefined
              }
              onOpen={() => router.navigate(`/job/${job.id}/${isFree(job) ? 'plan' : 'as-found'}`)}
            />
          ))}
        </View>
      ))}
    </View>
  );
}

const whenDue = ({ date }: WeekDue) => (date === null ? 'due now' : `due ${dateInWords(date)}`);

/** On a phone day by day; each visit is put on another day by choosing it. */
function List({ round, days, week }: WeekProps) {
  return (
    <>
      {days
        .filter((date) => date >= round.date || onDay(week.jobs, date).length > 0)
        .map((date) => (
          <View key={date} style={styles.group} testID={`week-${date}`}>
            <Heading level={3}>
              {dayName(date)} {dateInWords(date)}
            </Heading>
            {onDay(week.jobs, date).length === 0 && <Words colour="quiet">No visit.</Words>}
            {onDay(week.jobs, date).map((job) => (
              <Put
                key={job.id}
                name={`week-job-${job.tag}`}
                title={`${job.tag}, ${job.siteName}`}
                words={job.pumpName}
                days={days}
                today={round.date}
                chosen={date}
                onDay={isFree(job) ? (to) => week.move(job, to) : undefined}
                href={`/job/${job.id}/${isFree(job) ? 'plan' : 'as-found'}`}
              />
            ))}
          </View>
        ))}
      <Heading>Due, not planned</Heading>
      {week.due.length === 0 && <Words colour="quiet">Nothing.</Words>}
      {week.due.map((due) => (
        <Put
          key={due.pumpId}
          name={`week-due-${due.tag}`}
          title={`${due.tag}, ${due.siteName}`}
          words={due.words}
          days={days}
          today={round.date}
          chosen={null}
          onDay={(to) => week.plan(due, to)}
          href={`/pump/${due.pumpId}`}
        />
      ))}
    </>
  );
}

interface PutProps {
  readonly name: string;
  readonly title: string;
  readonly words: string;
  readonly days: readonly string[];
  readonly today: string;
  readonly chosen: string | null;
  /** left out where it stays on its day */
  readonly onDay?: (date: string) => void;
  readonly href: string;
}

function Put({ name, title, words, days, today, chosen, onDay: put, href }: PutProps) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const free = days.filter((date) => date >= today);
  return (
    <Card testID={name}>
      <Words bold>{title}</Words>
      <Words size="small">{words}</Words>
      <ButtonRow>
        <Button
          kind="quiet"
          label="Open"
          testID={`${name}-open`}
          onPress={() => router.navigate(href as '/')}
        />
        {put && (
          <Button
            kind="quiet"
            label={chosen === null ? 'Plan' : 'Another day'}
            testID={`${name}-put`}
            onPress={() => setOpen(!open)}
          />
        )}
      </ButtonRow>
      {open && put && (
        <Choice
          label="Day"
          hideLabel
          testID={`${name}-day`}
          options={free.map((date) => ({ value: date, label: `${dayName(date)} ${dayNumber(date)}` }))}
          value={chosen}
          onChange={(date) => {
            setOpen(false);
            put(date);
          }}
        />
      )}
    </Card>
  );
}

const styles = StyleSheet.create({
  grid: { flexDirection: 'row', alignItems: 'stretch' },
  column: { flex: 1, flexBasis: 0, gap: SPACE.s, padding: SPACE.xs, minHeight: 320 },
  day: { borderLeftWidth: 2 },
  group: { gap: SPACE.s },
});
