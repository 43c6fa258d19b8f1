import {
  expectedAt,
  proofPoints,
  toleranceAt,
  isSetInFlow,
  lineInForce,
  flowTolerance,
  COUNT_TIME_s,
} from '@barythm/core/families/metering';
import { fig, figureNumber, figureWithUnit, formatNumber } from '@barythm/core/units';
import { useReader } from '../../../ui/reader';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import { SPACE, TOUCH, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { useDraft } from '../../../draft/use-draft';
import { ReadingEntry } from './reading-entry';
import { useMetering } from '../use-metering';

/** The points at which the pump is proved: expected, tolerance with its reason, reading, verdict. */
export function PointsCard() {
  const reader = useReader();
  const { view, jobId } = useMetering();
  const palette = usePalette();
  const { context, profile, settings, readings, document } = view;
  const [chosen, setChosen] = useState<number | null>(null);
  const [instrument, setInstrument] = useDraft(`instrument:${jobId}`);
  if (!context) return null;
  const { points_mA, ends_mA } = proofPoints(context);
  const all = [...points_mA, ...ends_mA];
  const lastAt = (x_mA: number) =>
    [...readings].reverse().find((reading) => reading.entry.reading.injected_mA === x_mA);
  const next = all.find((x_mA) => {
    const last = lastAt(x_mA);
    return !last || last.voided;
  });
  const open = chosen ?? next ?? null;
  const smooth = isSetInFlow(profile);
  const map = lineInForce(settings);
  const tolerance = map ? toleranceAt(map, COUNT_TIME_s) : null;
  return (
    <Card title="Signal points" testID="points">
      <Choice
        label="Injected with"
        testID="instrument"
        options={document.instruments
          // a cylinder sends no current
          .filter(({ measures }) => !measures || measures === 'current')
          .map(({ id, name, serial }) => ({ value: id, label: `${name}, ${serial}` }))}
        value={instrument}
        onChange={setInstrument}
      />
      {smooth ? (
        <Words size="small" colour="quiet">
          Within {Math.round(flowTolerance(context) * 100)} % of the expected flow is allowed:{' '}
          {context.duty.strokeVolume.basis === 'measured'
            ? 'the volume was drawn down.'
            : 'plate volumes are no better.'}
        </Words>
      ) : (
        tolerance && (
          <Words size="small" colour="quiet">
            Counted over {COUNT_TIME_s} s, ± {tolerance.spm.toFixed(1)} strokes/min is allowed:{' '}
            {tolerance.count_spm.toFixed(1)} for one stroke in the count, {tolerance.loop_spm.toFixed(1)} for
            0.1 mA in the loop, {tolerance.rounding_spm} for whole strokes.
          </Words>
        )
      )}
      {all.map((x_mA, i) => {
        const expected = expectedAt(context, settings, x_mA);
        if (!expected) return null;
        const last = lastAt(x_mA);
        const end = i >= points_mA.length;
        if (x_mA === open && !document.handover) {
          return (
            <ReadingEntry
              key={x_mA}
              expected={expected}
              end={end}
              instrumentId={instrument}
              onDone={() => setChosen(null)}
            />
          );
        }
        const verdict = last?.verdict;
        const state = !last ? 'open' : last.voided ? 'void' : verdict?.ok ? 'ok' : 'bad';
        const words = {
          open: 'not read yet',
          void: 'void: set again since',
          ok: 'as expected',
          bad: 'not as expected',
        }[state];
        const colour = { open: 'quiet', void: 'ochre', ok: 'moss', bad: 'rust' } as const;
        return (
          <Pressable
            key={x_mA}
            role="button"
            testID={`point-${x_mA}`}
            aria-label={`${x_mA} mA: ${words}`}
            onPress={() => setChosen(x_mA)}
            style={[styles.row, { borderColor: palette.line }]}
          >
            <Words figures bold style={styles.current}>
              {figureWithUnit(fig('current', x_mA), reader)}
            </Words>
            <View style={styles.grow}>
              <Words>
                expected{' '}
                <Words figures bold>
                  {smooth && expected.flow_lph !== null
                    ? figureWithUnit(fig('pumpFlow', expected.flow_lph), reader)
                    : formatNumber(expected.rate_spm, 1, '.')}
                </Words>
                {verdict?.measured_spm != null && (
                  <>
                    , counted{' '}
                    <Words figures bold>
                      {figureNumber(fig('strokeRate', verdict.measured_spm), reader)}
                    </Words>
                  </>
                )}
                {verdict?.reading.flow_lph != null && (
                  <>
                    , flow{' '}
                    <Words figures bold>
                      {figureWithUnit(fig('pumpFlow', verdict.reading.flow_lph), reader)}
                    </Words>
                  </>
                )}
              </Words>
              <Words size="small" bold colour={colour[state]}>
                {verdict?.short && !last?.voided ? `${words}: ${verdict.short}` : words}
              </Words>
            </View>
          </Pressable>
        );
      })}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: {
    minHeight: TOUCH,
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    borderTopWidth: 1,
    paddingTop: SPACE.s,
  },
  current: { width: 78 },
  grow: { flex: 1 },
});
