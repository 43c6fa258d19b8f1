import { happensAtOnce, SECONDS_PER_DAY, type BenchEvent } from '@barythm/core/bench';
import { parseFigure } from '@barythm/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { Field } from '../../ui/fields/field';
import { SPACE, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { clockOf, secondsOfClock } from '../../kit/bench';
import { EVENT_WORDS } from '@barythm/core/families';

interface EventsCardProps {
  readonly kinds: readonly string[];
  readonly events: readonly BenchEvent[];
  readonly days: 1 | 7;
  readonly onChange: (events: readonly BenchEvent[]) => void;
}

/** What goes wrong in the day: listed, added with its time, taken away again. */
export function EventsCard({ kinds, events, days, onChange }: EventsCardProps) {
  const palette = usePalette();
  const [adding, setAdding] = useState(false);
  return (
    <Card title="What happens" testID="bench-events">
      {events.length === 0 && <Words colour="quiet">Nothing goes wrong.</Words>}
      {[...events]
        .sort((a, b) => a.at_s - b.at_s)
        .map((event) => (
          <View key={JSON.stringify(event)} style={[styles.row, { borderColor: palette.line }]}>
            <Words style={styles.grow}>
              <Words figures bold>
                {clockOf(event.at_s, days === 7)}
              </Words>{' '}
              {EVENT_WORDS[event.kind].name}
              {event.amount === null ? '' : `: ${event.amount} ${EVENT_WORDS[event.kind].amount ?? ''}`}
              {event.until_s === null ? '' : `, until ${clockOf(event.until_s, days === 7)}`}
            </Words>
            <Button
              kind="quiet"
              label="Remove"
              onPress={() => onChange(events.filter((other) => other !== event))}
            />
          </View>
        ))}
      {adding ? (
        <NewEvent
          kinds={kinds}
          days={days}
          onAdd={(event) => {
            onChange([...events, event]);
            setAdding(false);
          }}
          onCancel={() => setAdding(false)}
        />
      ) : (
        <Button label="Add an event" testID="event-add" onPress={() => setAdding(true)} />
      )}
    </Card>
  );
}

function NewEvent({
  kinds,
  days,
  onAdd,
  onCancel,
}: {
  kinds: readonly string[];
  days: 1 | 7;
  onAdd: (event: BenchEvent) => void;
  onCancel: () => void;
}) {
  const [kind, setKind] = useState<string>(kinds[0]);
  const [from, setFrom] = useState('6:00');
  const [until, setUntil] = useState('');
  const [amount, setAmount] = useState('');
  const [tried, setTried] = useState(false);
  const words = EVENT_WORDS[kind];
  const at_s = secondsOfClock(from);
  const until_s = until.trim() === '' ? null : secondsOfClock(until);
  const figure = parseFigure(amount, 'plain');
  const fromError =
    at_s === null || at_s >= days * SECONDS_PER_DAY
      ? `Enter a time, e.g. 6:30${days === 7 ? ', or 2.6:30 on the second day' : ''}.`
      : null;
  const untilError =
    until.trim() !== '' && (until_s === null || (at_s !== null && until_s <= at_s))
      ? 'A time after it began, or empty.'
      : null;
  const amountError =
    words.amount !== null && (!figure.ok || figure.value < 0) ? `A figure in ${words.amount}.` : null;
  const add = () => {
    setTried(true);
    if (fromError || untilError || amountError || at_s === null) return;
    onAdd({
      kind,
      at_s,
      until_s: happensAtOnce(EVENT_WORDS[kind]) ? null : until_s,
      amount: words.amount !== null && figure.ok ? figure.value : null,
    });
  };
  return (
    <View style={styles.add} testID="event-new">
      <Choice
        label="What"
        testID="event-kind"
        options={kinds.map((value) => ({ value, label: EVENT_WORDS[value].name }))}
        value={kind}
        onChange={setKind}
      />
      <View style={styles.pair}>
        <View style={styles.grow}>
          <Field
            words
            label="At"
            testID="event-at"
            value={from}
            error={tried ? fromError : null}
            onChange={setFrom}
          />
        </View>
        {!happensAtOnce(EVENT_WORDS[kind]) && (
          <View style={styles.grow}>
            <Field
              words
              label="Until"
              testID="event-until"
              value={until}
              hint="Empty: it stays"
              error={tried ? untilError : null}
              onChange={setUntil}
            />
          </View>
        )}
      </View>
      {words.amount !== null && (
        <Field
          label="How much"
          unit={words.amount}
          testID="event-amount"
          value={amount}
          error={tried ? amountError : null}
          onChange={setAmount}
        />
      )}
      <Button kind="main" label="Add" testID="event-save" onPress={add} />
      <Button kind="quiet" label="Not now" onPress={onCancel} />
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, borderTopWidth: 1 },
  grow: { flex: 1, minWidth: 0 },
  add: { gap: SPACE.m },
  pair: { flexDirection: 'row', gap: SPACE.m, alignItems: 'flex-start' },
});
