import type { ExpectedPoint } from '@barythm/core/families/metering';
import { COUNT_TIME_s, countTime_s, isSetInFlow } from '@barythm/core/families/metering';
import { fig, figureWithUnit, formatNumber } from '@barythm/core/units';
import { useReader } from '../../../ui/reader';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Field } from '../../../ui/fields/field';
import { About } from '../../../ui/pad/about';
import { ENTRY_MARK } from '../../../ui/pad/next-field';
import { RADIUS, SPACE, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { optionalFigure } from '../../../kit/value';
import { StrokeTimer } from '../../../kit/prove';
import { useMetering } from '../use-metering';

interface ReadingEntryProps {
  readonly expected: ExpectedPoint;
  /** one of the ends: wire off, under and over the range */
  readonly end: boolean;
  readonly instrumentId: string | null;
  readonly onDone: () => void;
}

interface Draft {
  readonly shown: string;
  readonly strokes: string;
  readonly seconds: string;
  readonly flow: string;
}
/** A slow stroke is counted for longer: a count of two strokes proves nothing. */
function emptyFor(expected_spm: number): Draft {
  const least = Math.ceil(countTime_s(expected_spm) / 5) * 5;
  return { shown: '', strokes: '', seconds: String(Math.max(COUNT_TIME_s, least)), flow: '' };
}

/** One reading: current shown, strokes counted over a time, or flow read. Kept whether it passes or not. */
export function ReadingEntry({ expected, end, instrumentId, onDone }: ReadingEntryProps) {
  const reader = useReader();
  const { view, jobId, write } = useMetering();
  const palette = usePalette();
  const [draft, setDraft] = useDraftOf<Draft>(
    `reading:${jobId}:${expected.x_mA}`,
    emptyFor(expected.rate_spm),
  );
  const [error, setError] = useState<string | null>(null);
  const change = (part: Partial<Draft>) => {
    setDraft({ ...draft, ...part });
    setError(null);
  };
  const smooth = isSetInFlow(view.profile);
  const shown = optionalFigure(draft.shown, 'current');
  const strokes = optionalFigure(draft.strokes, 'strokes');
  const seconds = optionalFigure(draft.seconds, 'seconds');
  const flow = optionalFigure(draft.flow, 'pumpFlow');
  const strokesError =
    strokes.error ??
    (strokes.value !== null && !Number.isInteger(strokes.value) ? 'Strokes are whole.' : null);

  const save = () => {
    if (strokesError || seconds.error || flow.error || shown.error) return;
    record(strokes.value);
  };
  const record = (counted: number | null) => {
    if (counted === null && flow.value === null) {
      setError(smooth ? 'Enter the flow you read.' : 'Enter the strokes you counted, or a flow.');
      return;
    }
    if (counted !== null && (seconds.value === null || seconds.value <= 0)) {
      setError('Enter the time over which you counted.');
      return;
    }
    const refused = write({
      kind: 'proof.read',
      jobId,
      readingId: newId(),
      reading: {
        injected_mA: expected.x_mA,
        shown_mA: shown.value,
        strokes: counted,
        seconds: counted === null ? null : seconds.value,
        flow_lph: flow.value,
      },
      instrumentId,
    });
    setError(refused);
    if (refused === null) {
      setDraft(null);
      onDone();
    }
  };

  const about =
    smooth && expected.flow_lph !== null
      ? figureWithUnit(fig('pumpFlow', expected.flow_lph), reader)
      : `${formatNumber(expected.rate_spm, 1, '.')} strokes/min`;
  return (
    <About value={`${figureWithUnit(fig('current', expected.x_mA), reader)}: expected ${about}`}>
      <View
        {...ENTRY_MARK}
        style={[styles.entry, { borderColor: palette.petrol, backgroundColor: palette.paper }]}
        testID={`reading-${expected.x_mA}`}
      >
        <Words bold size="large">
          {end && expected.x_mA === 0
            ? 'Wire off: 0 mA'
            : `Inject ${figureWithUnit(fig('current', expected.x_mA), reader)}`}
        </Words>
        <Words>
          Expected{' '}
          {smooth && expected.flow_lph !== null ? (
            <Words figures bold size="title">
              {figureWithUnit(fig('pumpFlow', expected.flow_lph), reader)}
            </Words>
          ) : (
            <>
              <Words figures bold size="title">
                {formatNumber(expected.rate_spm, 1, '.')}
              </Words>{' '}
              strokes/min
              {expected.flow_lph !== null &&
                `, ${figureWithUnit(fig('pumpFlow', expected.flow_lph), reader)}`}
            </>
          )}
          {expected.cause === 'broken-wire' ? ' (taken for a broken wire)' : ''}
        </Words>
        {view.profile.behaviours.showsSignal && (
          <Field
            label="The pump shows"
            quantity="current"
            testID="reading-shown"
            value={draft.shown}
            error={shown.error}
            onChange={(text) => change({ shown: text })}
          />
        )}
        {!smooth && expected.rate_spm === 0 && seconds.value !== null && (
          <Button
            label={`No stroke in ${draft.seconds} s`}
            testID="reading-stopped"
            onPress={() => record(0)}
          />
        )}
        {!smooth && (
          <>
            <View style={styles.pair}>
              <View style={styles.cell}>
                <Field
                  label="Strokes counted"
                  quantity="strokes"
                  testID="reading-strokes"
                  onEnter={save}
                  value={draft.strokes}
                  error={strokesError ?? error}
                  onChange={(text) => change({ strokes: text })}
                />
              </View>
              <View style={styles.cell}>
                <Field
                  label="Over"
                  quantity="seconds"
                  onEnter={save}
                  testID="reading-seconds"
                  value={draft.seconds}
                  error={seconds.error}
                  onChange={(text) => change({ seconds: text })}
                />
              </View>
            </View>
            <StrokeTimer
              onTake={(counted, time) => change({ strokes: String(counted), seconds: time.toFixed(1) })}
            />
          </>
        )}
        <Field
          label={smooth ? 'Flow read' : 'Flow read, if you measured it'}
          quantity="pumpFlow"
          onEnter={save}
          testID="reading-flow"
          value={draft.flow}
          error={flow.error ?? (smooth ? error : null)}
          hint={smooth ? undefined : 'Without it the hand-over says: volume not measured.'}
          onChange={(text) => change({ flow: text })}
        />
        <Button kind="main" label="Record reading" testID="reading-save" onPress={save} />
      </View>
    </About>
  );
}

const styles = StyleSheet.create({
  entry: { borderWidth: 2, borderRadius: RADIUS.card, padding: SPACE.m, gap: SPACE.m },
  pair: { flexDirection: 'row', gap: SPACE.m, alignItems: 'flex-start' },
  cell: { flex: 1, minWidth: 0 },
});
