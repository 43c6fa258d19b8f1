import { lastRecord } from '@barythm/core/visit';
import { fig, figureWithUnit, type Quantity } from '@barythm/core/units';
import { useReader } from '../../../ui/reader';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Field } from '../../../ui/fields/field';
import { Words } from '../../../ui/words/words';
import { optionalFigure } from '../../../kit/value';
import { LiveVerdictWords } from './live-verdict';
import { TapCounter } from './tap-counter';
import { useMetering } from '../use-metering';

const FIELDS = [
  { key: 'display_m3h', label: 'Transmitter’s display', quantity: 'waterFlow' },
  { key: 'rate_spm', label: 'Stroke rate', quantity: 'strokeRate' },
  { key: 'current_mA', label: 'Signal current', quantity: 'current' },
  { key: 'residual_mgl', label: 'Residual', quantity: 'dose' },
] as const satisfies readonly { key: string; label: string; quantity: Quantity }[];
type Key = (typeof FIELDS)[number]['key'];

const EMPTY: Partial<Record<Key, string>> = {};

/** One live end-to-end reading: injection proves the pump, this proves transmitter, wire and pump together. */
export function LiveCard() {
  const reader = useReader();
  const { view, jobId, write } = useMetering();
  const last = lastRecord(view.document, 'live-reading');
  const [again, setAgain] = useState(false);
  const recorded = again ? null : last;
  const [texts, setTexts] = useDraftOf(`live:${jobId}`, EMPTY);
  const [error, setError] = useState<string | null>(null);
  if (recorded) {
    return (
      <Card title="Live, end to end" edge="moss" testID="live">
        {FIELDS.map(({ key, label, quantity }) => {
          const value = recorded.body[key];
          return value === null ? null : (
            <Words key={key}>
              {label}:{' '}
              <Words bold figures>
                {figureWithUnit(fig(quantity, value), reader)}
              </Words>
            </Words>
          );
        })}
        {view.context && (
          <LiveVerdictWords
            context={view.context}
            settings={view.settings}
            read={recorded.body}
            by="the settings in force"
          />
        )}
        {!view.document.handover && (
          <Button kind="quiet" label="Read again" testID="live-again" onPress={() => setAgain(true)} />
        )}
      </Card>
    );
  }
  const figures = Object.fromEntries(
    FIELDS.map(({ key, quantity }) => [key, optionalFigure(texts[key] ?? '', quantity)]),
  ) as Record<Key, ReturnType<typeof optionalFigure>>;
  const save = () => {
    if (FIELDS.some(({ key }) => figures[key].error)) return;
    const rate = figures.rate_spm.value;
    if (rate === null) {
      setError('Count the strokes with the signal connected again.');
      return;
    }
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: {
        kind: 'live-reading',
        display_m3h: figures.display_m3h.value,
        current_mA: figures.current_mA.value,
        rate_spm: rate,
        residual_mgl: figures.residual_mgl.value,
      },
    });
    setError(refused);
    if (refused === null) {
      setTexts(null);
      setAgain(false);
    }
  };
  return (
    <Card title="Live, end to end" testID="live">
      <Words colour="quiet">
        Connect the transmitter again and read the chain as it runs: injection proves the pump, not the
        transmitter.
      </Words>
      {FIELDS.map(({ key, label, quantity }, i) => (
        <Field
          key={key}
          label={label}
          quantity={quantity}
          onEnter={i === FIELDS.length - 1 ? save : undefined}
          onRecord={save}
          testID={`live-${key}`}
          value={texts[key] ?? ''}
          error={figures[key].error ?? (key === 'rate_spm' ? error : null)}
          onChange={(text) => {
            setTexts({ ...texts, [key]: text });
            setError(null);
          }}
        />
      ))}
      {view.context && (
        <LiveVerdictWords
          context={view.context}
          settings={view.settings}
          read={{
            display_m3h: figures.display_m3h.value,
            current_mA: figures.current_mA.value,
            rate_spm: figures.rate_spm.value,
          }}
          by="the settings in force"
        />
      )}
      <TapCounter onRate={(rate) => setTexts({ ...texts, rate_spm: rate.toFixed(1) })} />
      <Button kind="main" label="Record live reading" testID="live-save" onPress={save} />
    </Card>
  );
}
