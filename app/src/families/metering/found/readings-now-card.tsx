import { understand } from '@barythm/core/families/metering';
import { lastRecord, type SignalFrom } from '@barythm/core/visit';
import { fig, figureWithUnit, type Quantity } from '@barythm/core/units';
import { useReader } from '../../../ui/reader';
import { useState } from 'react';
import { View } from 'react-native';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button, ButtonRow } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Field } from '../../../ui/fields/field';
import { SPACE } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { optionalFigure } from '../../../features/job/value/figure';
import { LiveVerdictWords } from '../prove/live-verdict';
import { TapCounter } from '../prove/tap-counter';
import { useMetering } from '../use-metering';

const ALL_FIELDS = [
  { key: 'current_mA', label: 'Signal current', quantity: 'current' },
  { key: 'display_m3h', label: 'Transmitter’s display', quantity: 'waterFlow' },
  { key: 'rate_spm', label: 'Stroke rate', quantity: 'strokeRate' },
  { key: 'pressure_bar', label: 'Discharge pressure', quantity: 'pressure' },
  { key: 'counter', label: 'Stroke counter', quantity: 'strokes' },
  { key: 'residual_mgl', label: 'Residual', quantity: 'dose' },
] as const satisfies readonly { key: string; label: string; quantity: Quantity }[];
type FieldKey = (typeof ALL_FIELDS)[number]['key'];

/** A meter sends no current, and its display is not a transmitter’s. */
function fieldsFor(signalFrom: SignalFrom | null) {
  if (signalFrom !== 'meter') return ALL_FIELDS;
  return ALL_FIELDS.filter(({ key }) => key !== 'current_mA').map((field) =>
    field.key === 'display_m3h' ? { ...field, label: 'Meter’s display' } : field,
  );
}

interface Draft {
  readonly texts: Partial<Record<FieldKey, string>>;
  readonly unread: Partial<Record<FieldKey, string>>;
  readonly rateBy: 'display' | 'tap' | 'stopwatch' | null;
}
const EMPTY: Draft = { texts: {}, unread: {}, rateBy: null };

/** The readings on arrival: what the pump was doing before anything was touched. */
export function ReadingsNowCard() {
  const reader = useReader();
  const { view, jobId, write } = useMetering();
  const recorded = lastRecord(view.document, 'readings-now');
  const fields = fieldsFor(
    lastRecord(view.document, 'identify')?.body.signalFrom ?? view.document.pump.signalFrom,
  );
  const [draft, setDraft] = useDraftOf<Draft>(`now:${jobId}`, EMPTY);
  const [again, setAgain] = useState(false);
  const [error, setError] = useState<string | null>(null);

  if (recorded && !again) {
    const { body } = recorded;
    return (
      <Card title="Readings on arrival" edge="moss" testID="readings-now">
        {fields.map(({ key, label, quantity }) => {
          const value = body[key];
          const why = body.unreadable[key];
          if (value === null && !why) return null;
          return (
            <Words key={key}>
              {label}:{' '}
              <Words bold figures>
                {value === null ? `could not be read: ${why}` : figureWithUnit(fig(quantity, value), reader)}
              </Words>
            </Words>
          );
        })}
        {view.context && (
          <LiveVerdictWords
            context={view.context}
            settings={understand(view.profile, view.plate, view.values.found)}
            read={body}
            by="the settings found"
          />
        )}
        {!view.document.handover && <Button label="Read again" onPress={() => setAgain(true)} />}
      </Card>
    );
  }

  const figures = Object.fromEntries(
    ALL_FIELDS.map(({ key, quantity }) => [key, optionalFigure(draft.texts[key] ?? '', quantity)]),
  ) as Record<FieldKey, ReturnType<typeof optionalFigure>>;
  const setText = (key: FieldKey, text: string, rateBy = draft.rateBy) =>
    setDraft({ ...draft, rateBy, texts: { ...draft.texts, [key]: text } });
  const setUnread = (key: FieldKey, text: string | undefined) => {
    const { [key]: _, ...rest } = draft.unread;
    setDraft({ ...draft, unread: text === undefined ? rest : { ...rest, [key]: text } });
  };
  const save = () => {
    const unreadable: Record<string, string> = {};
    for (const [key, why] of Object.entries(draft.unread)) {
      if (why.trim() === '') return setError('Say why it could not be read.');
      unreadable[key] = why;
    }
    if (fields.some(({ key }) => figures[key].error)) return setError('Put the marked figure right first.');
    if (fields.every(({ key }) => figures[key].value === null) && Object.keys(unreadable).length === 0) {
      return setError('Enter at least one reading, or say what could not be read.');
    }
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: {
        kind: 'readings-now',
        current_mA: figures.current_mA.value,
        display_m3h: figures.display_m3h.value,
        rate_spm: figures.rate_spm.value,
        rateBy: figures.rate_spm.value === null ? null : (draft.rateBy ?? 'display'),
        pressure_bar: figures.pressure_bar.value,
        counter: figures.counter.value,
        residual_mgl: figures.residual_mgl.value,
        unreadable,
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
      {fields.map(({ key, label, quantity }, i) => {
        const why = draft.unread[key];
        return (
          <View key={key} style={{ gap: SPACE.s }}>
            {why === undefined ? (
              <>
                <Field
                  label={label}
                  quantity={quantity}
                  onEnter={i === fields.length - 1 ? save : undefined}
                  testID={`now-${key}`}
                  value={draft.texts[key] ?? ''}
                  error={figures[key].error}
                  onChange={(text) => setText(key, text, key === 'rate_spm' ? 'display' : draft.rateBy)}
                  trailing={
                    <Button
                      kind="quiet"
                      label="Not read"
                      name={`Not read: ${label}`}
                      testID={`now-unread-${key}`}
                      onPress={() => setUnread(key, '')}
                    />
                  }
                />
                {key === 'rate_spm' && (
                  <TapCounter onRate={(rate) => setText('rate_spm', rate.toFixed(1), 'tap')} />
                )}
              </>
            ) : (
              <>
                <Field
                  words
                  label={`Why “${label}” could not be read`}
                  testID={`now-why-${key}`}
                  value={why}
                  onChange={(text) => setUnread(key, text)}
                />
                <Button
                  kind="quiet"
                  label="It can be read after all"
                  onPress={() => setUnread(key, undefined)}
                />
              </>
            )}
          </View>
        );
      })}
      {error && (
        <Words bold colour="rust" role="alert">
          {error}
        </Words>
      )}
      <ButtonRow>
        <Button kind="main" grow label="Record readings" testID="now-save" onPress={save} />
      </ButtonRow>
    </Card>
  );
}
