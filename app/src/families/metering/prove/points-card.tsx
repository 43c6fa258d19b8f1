import {
  expectedAt,
  lastAt,
  lineAgrees,
  pointsToInject,
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
import { Button, ButtonRow } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import { SPACE, TOUCH, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { TakeBack } from '../../../kit/job';
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
  const [read, setRead] = useState<number | null>(null);
  const [instrument, setInstrument] = useDraft(`instrument:${jobId}`);
  if (!context) return null;
  const points = proofPoints(context);
  const { line_mA, between_mA, ends_mA } = points;
  const all = [...line_mA, ...between_mA, ...ends_mA];
  const [next] = pointsToInject(points, readings);
  const spare = lineAgrees(points, readings);
  // what failed just now stays in sight until it was looked at
  const justRead = read === null ? undefined : lastAt(readings, read);
  const failed = justRead?.verdict?.ok === false && !justRead.voided;
  const open = chosen ?? (failed ? null : (next ?? null));
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
        const last = lastAt(readings, x_mA);
        const end = i >= line_mA.length + between_mA.length;
        if (x_mA === open && !document.handover) {
          return (
            <ReadingEntry
              key={x_mA}
              expected={expected}
              end={end}
              instrumentId={instrument}
              onDone={() => {
                setChosen(null);
                setRead(x_mA);
              }}
            />
          );
        }
        const verdict = last?.verdict;
        const notNeeded = spare && between_mA.includes(x_mA);
        const state = !last
          ? notNeeded
            ? 'spare'
            : 'open'
          : last.voided
            ? 'void'
            : verdict?.ok
              ? 'ok'
              : 'bad';
        const words = {
          open: 'not read yet',
          spare: 'not needed: low, middle and high agree',
          void: 'void: set again since',
          ok: 'as expected',
          bad: 'not as expected',
        }[state];
        const colour = { open: 'quiet', spare: 'quiet', void: 'ochre', ok: 'moss', bad: 'rust' } as const;
        return (
          <View key={x_mA} style={{ borderTopWidth: 1, borderColor: palette.line }}>
            <Pressable
              role="button"
              testID={`point-${x_mA}`}
              onPress={() => setChosen(x_mA)}
              style={styles.row}
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
            {last && (
              <ButtonRow>
                <TakeBack id={last.entry.id} of={`${x_mA} mA`} testID={`take-back-${x_mA}`} />
                {failed && x_mA === read && next !== undefined && (
                  <Button label="Next point" testID="next-point" onPress={() => setRead(null)} />
                )}
              </ButtonRow>
            )}
          </View>
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
    paddingTop: SPACE.s,
  },
  current: { width: 78 },
  grow: { flex: 1 },
});
