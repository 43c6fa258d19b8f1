import { isExtrapolated, pumpOf, type PoolContext } from '@barythm/core/families/pool';
import { orElse } from '@barythm/core/input';
import { lastRecord, type RecordBody } from '@barythm/core/visit';
import { fig, figureWithUnit, type Quantity } from '@barythm/core/units';
import { useState } from 'react';
import { View } from 'react-native';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { useReader } from '../../../ui/reader';
import { SPACE } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { optionalFigure } from '../../../features/job/value/figure';
import { usePool } from '../use-pool';

type Now = Extract<RecordBody, { kind: 'pool-now' }>;

const FIELDS: readonly { key: keyof Now & string; label: string; quantity: Quantity }[] = [
  { key: 'speed_rpm', label: 'Speed it shows', quantity: 'speed' },
  { key: 'power_W', label: 'Power', quantity: 'power' },
  { key: 'flow_m3h', label: 'Flow', quantity: 'waterFlow' },
  { key: 'filter_bar', label: 'Pressure before the filter', quantity: 'pressure' },
  { key: 'water_C', label: 'Water', quantity: 'temperature' },
];
const STATES: readonly { value: Now['state']; label: string }[] = [
  { value: 'program', label: 'A program runs' },
  { value: 'hand', label: 'By hand' },
  { value: 'hold', label: 'On hold' },
  { value: 'stopped', label: 'Stopped' },
  { value: 'alarm', label: 'In alarm' },
];

interface Draft {
  readonly texts: Readonly<Record<string, string>>;
  readonly why: string;
  readonly state: Now['state'] | null;
}
const EMPTY: Draft = { texts: {}, why: '', state: null };

/** What a pool pump was doing before anything was touched. */
export function PoolNowCard() {
  const reader = useReader();
  const { view, jobId, write } = usePool();
  const recorded = lastRecord(view.document, 'pool-now');
  const [draft, setDraft] = useDraftOf<Draft>(`now:${jobId}`, EMPTY);
  const [again, setAgain] = useState(false);
  const [error, setError] = useState<string | null>(null);
  if (recorded && !again) {
    const { body } = recorded;
    return (
      <Card title="Readings on arrival" edge="moss" testID="readings-now">
        <Words bold>{STATES.find(({ value }) => value === body.state)?.label}</Words>
        {FIELDS.map(({ key, label, quantity }) => {
          const value = body[key] as number | null;
          const why = body.unreadable[key];
          if (value === null && !why) return null;
          return (
            <Words key={key}>
              {label}:{' '}
              <Words bold figures>
                {value === null ? `not read: ${why}` : figureWithUnit(fig(quantity, value), reader)}
              </Words>
            </Words>
          );
        })}
        {view.context && <PowerVerdict context={view.context} now={body} />}
        {!view.document.handover && <Button label="Read again" onPress={() => setAgain(true)} />}
      </Card>
    );
  }
  const read = FIELDS.map(({ key, quantity }) => optionalFigure(draft.texts[key] ?? '', quantity));
  const missing = FIELDS.filter((_, i) => read[i].value === null);
  const save = () => {
    if (read.some((figure) => figure.error)) return setError('Put the marked figure right first.');
    if (draft.state === null) return setError('Say what it was doing.');
    if (missing.length === FIELDS.length && draft.why.trim() === '') {
      return setError('Enter at least one reading, or say why none could be read.');
    }
    const value = (key: string) => read[FIELDS.findIndex((field) => field.key === key)].value;
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: {
        kind: 'pool-now',
        speed_rpm: value('speed_rpm'),
        power_W: value('power_W'),
        flow_m3h: value('flow_m3h'),
        filter_bar: value('filter_bar'),
        water_C: value('water_C'),
        state: draft.state,
        unreadable:
          draft.why.trim() === ''
            ? {}
            : Object.fromEntries(missing.map(({ key }) => [key, draft.why.trim()])),
      },
    });
    setError(refused);
    if (refused === null) {
      setDraft(null);
      setAgain(false);
    }
  };
  return (
    <Card title="Readings on arrival" testID="readings-now">
      <Words size="small" colour="quiet">
        Read before the pump is stopped and locked off. Touch nothing yet.
      </Words>
      <Choice
        label="What it was doing"
        testID="now-state"
        options={STATES}
        value={draft.state}
        onChange={(state) => setDraft({ ...draft, state })}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }}>
        {FIELDS.map(({ key, label, quantity }, i) => (
          <View key={key} style={{ flexGrow: 1, flexBasis: '40%', minWidth: 130 }}>
            <Field
              label={label}
              quantity={quantity}
              testID={`now-${key}`}
              value={draft.texts[key] ?? ''}
              error={read[i].error}
              onChange={(text) => setDraft({ ...draft, texts: { ...draft.texts, [key]: text } })}
            />
          </View>
        ))}
      </View>
      {missing.length > 0 && missing.length < FIELDS.length + 1 && (
        <Field
          words
          label="Why the rest could not be read"
          testID="now-why"
          value={draft.why}
          onChange={(why) => setDraft({ ...draft, why })}
        />
      )}
      {error && (
        <Words bold colour="rust" role="alert">
          {error}
        </Words>
      )}
      <Button kind="main" grow label="Record readings" testID="now-save" onPress={save} />
    </Card>
  );
}

/** Power that the pump's points give at the speed it shows, against what was read. */
function PowerVerdict({ context, now }: { context: PoolContext; now: Now }) {
  const reader = useReader();
  const { speed_rpm, power_W } = now;
  if (speed_rpm === null || speed_rpm <= 0 || power_W === null) return null;
  const expected = orElse(() => pumpOf(context.duty).power_W(speed_rpm), null);
  if (expected === null) return null;
  const ok = Math.abs(power_W - expected) <= expected * POWER_SHARE;
  return (
    <Words bold colour={ok ? 'moss' : 'ochre'} testID="now-power-verdict">
      By its points it takes {figureWithUnit(fig('power', expected), reader)} at{' '}
      {figureWithUnit(fig('speed', speed_rpm), reader)}
      {isExtrapolated(context.duty, speed_rpm) ? ' (extrapolated)' : ''}, ± {POWER_SHARE * 100} %:{' '}
      {ok ? 'as expected.' : power_W > expected ? 'it takes more.' : 'it takes less: little water moves.'}
    </Words>
  );
}

/** Points and a display's power reading are no better than this together. */
const POWER_SHARE = 0.1;
