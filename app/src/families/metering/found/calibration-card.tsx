import { dateInWords } from '@barythm/core/time';
import { CALIBRATION_FAULT_WORDS, RUNS_LEAST, type Calibration } from '@barythm/core/dosing';
import {
  choicesOf,
  isSetInFlow,
  whyRejected,
  standingCalibration,
  resultOf,
  measuredStroke_mL,
  measuredHistory,
  lastDrawdown,
} from '@barythm/core/families/metering';
import { fig, figureWithUnit, formatNumber } from '@barythm/core/units';
import { useReader } from '../../../ui/reader';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { newId } from '../../../api/device';
import { RunsChart } from '../../../charts/runs-chart';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check, Choice } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { SPACE } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { optionalFigure } from '../../../kit/value';
import { useMetering } from '../use-metering';
import type { CalibrationBody } from '@barythm/core/families/metering';

interface Draft {
  readonly by: 'strokes' | 'time' | null;
  readonly runs: readonly string[];
  readonly amount: string;
  readonly shown: string;
  readonly division: string;
  readonly bubbles: boolean;
  readonly length: string | null;
  readonly pressure: string | null;
}
const EMPTY: Draft = {
  by: null,
  runs: ['', '', ''],
  amount: '',
  shown: '',
  division: '1',
  bubbles: false,
  length: null,
  pressure: null,
};

/**
 * Calibration by drawdown on the suction side: three runs or more, drawn as they come in, accepted or not and why. An
 * accepted one becomes this unit's stroke volume.
 */
export function CalibrationCard() {
  const { view, jobId, write } = useMetering();
  const { document, profile, context, settings } = view;
  const [draft, setDraft] = useDraftOf<Draft>(`calibration:${jobId}`, EMPTY);
  const [open, setOpen] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  const last = lastDrawdown(document);
  const standing = standingCalibration(measuredHistory(document));
  if (!context) return null;
  if (!open && draft === EMPTY) {
    const takeBack = () =>
      setRefused(
        write({
          kind: 'job.record',
          jobId,
          recordId: newId(),
          record: { kind: 'calibration-withdrawn' },
        }),
      );
    return (
      <Summary
        last={last}
        standing={standing}
        onStart={document.handover ? null : () => setOpen(true)}
        onTakeBack={last === null || document.handover ? null : takeBack}
      />
    );
  }
  const smooth = isSetInFlow(profile);
  const by = draft.by ?? (smooth ? 'time' : choicesOf(context.duty).calibrateBy);
  const length = draft.length ?? (smooth ? '' : String(settings.length_pct ?? ''));
  const pressure = draft.pressure ?? String(context.duty.place.dischargePressure_bar ?? '');
  const assumed_mL = smooth
    ? (profile.behaviours.smooth?.nominal_mL ?? 1) * settings.factor
    : (context.duty.strokeVolume.full_mL * (Number(length.replace(',', '.')) || 100)) / 100;
  const change = (part: Partial<Draft>) => {
    setDraft({ ...draft, ...part });
    setRefused(null);
  };
  const runs = draft.runs.map((text) => optionalFigure(text, 'strokeVolume'));
  const amount = optionalFigure(draft.amount, by === 'time' ? 'seconds' : 'strokes');
  const shown = optionalFigure(draft.shown, 'pumpFlow');
  const division = optionalFigure(draft.division, 'strokeVolume');
  const lengthRead = optionalFigure(length, 'percent');
  const pressureRead = optionalFigure(pressure, 'pressure');
  const volumes = runs.flatMap((run) => (run.value !== null && run.value > 0 ? [run.value] : []));
  const body: CalibrationBody | null =
    volumes.length > 0 && amount.value && division.value && (by === 'strokes' || shown.value)
      ? {
          kind: 'calibration',
          by,
          volumes_mL: volumes,
          amount: amount.value,
          shown_lph: by === 'time' ? shown.value : null,
          division_mL: division.value,
          bubbles: draft.bubbles,
          assumed_mL,
          length_pct: smooth ? null : lengthRead.value,
          pressure_bar: pressureRead.value,
          product: context.duty.product.name,
        }
      : null;
  const result = body && resultOf(body);
  const close = () => {
    setDraft(null);
    setOpen(false);
  };
  const save = () => {
    if (!body) {
      setRefused('Enter the volumes, over how much they were drawn, and the cylinder’s division.');
      return;
    }
    const words = write({ kind: 'job.record', jobId, recordId: newId(), record: body });
    setRefused(words);
    if (words === null) close();
  };
  return (
    <Card title="Drawdown" testID="calibration">
      <Words size="small" colour="quiet">
        On the suction side, at the real pressure, after priming, at the working stroke length. Goggles and
        gloves; never open a line under pressure.
      </Words>
      <Choice
        label="Drawn over"
        testID="cal-by"
        options={[
          { value: 'strokes', label: 'Strokes' },
          { value: 'time', label: 'Time' },
        ]}
        value={by}
        hint={smooth ? 'Time, at a set flow that the pump shows.' : 'Strokes for stroke pumps.'}
        onChange={(value) => change({ by: value })}
      />
      <View style={styles.pair}>
        <View style={styles.cell}>
          <Field
            label={by === 'time' ? 'Each run takes' : 'Each run is'}
            quantity={by === 'time' ? 'seconds' : 'strokes'}
            testID="cal-amount"
            value={draft.amount}
            error={amount.error}
            onChange={(text) => change({ amount: text })}
          />
        </View>
        <View style={styles.cell}>
          <Field
            label="Division of the cylinder"
            quantity="strokeVolume"
            testID="cal-division"
            value={draft.division}
            error={division.error}
            onChange={(text) => change({ division: text })}
          />
        </View>
      </View>
      {by === 'time' && (
        <Field
          label="The pump shows"
          quantity="pumpFlow"
          testID="cal-shown"
          value={draft.shown}
          error={shown.error}
          onChange={(text) => change({ shown: text })}
        />
      )}
      {draft.runs.map((text, i) => (
        <Field
          key={i}
          label={`Run ${i + 1}, volume drawn`}
          quantity="strokeVolume"
          testID={`cal-run-${i + 1}`}
          value={text}
          error={runs[i].error}
          onChange={(value) => change({ runs: draft.runs.map((old, k) => (k === i ? value : old)) })}
        />
      ))}
      <Button
        kind="quiet"
        label="One more run"
        testID="cal-more"
        onPress={() => change({ runs: [...draft.runs, ''] })}
      />
      {volumes.length > 0 && <RunsChart volumes_mL={volumes} />}
      <View style={styles.pair}>
        {!smooth && (
          <View style={styles.cell}>
            <Field
              label="Stroke length"
              unit="%"
              testID="cal-length"
              value={length}
              error={lengthRead.error}
              onChange={(value) => change({ length: value })}
            />
          </View>
        )}
        <View style={styles.cell}>
          <Field
            label="Discharge pressure"
            quantity="pressure"
            testID="cal-pressure"
            value={pressure}
            error={pressureRead.error}
            onChange={(value) => change({ pressure: value })}
          />
        </View>
      </View>
      <Check
        label="Bubbles were seen in the line or the cylinder."
        testID="cal-bubbles"
        checked={draft.bubbles}
        onChange={(bubbles) => change({ bubbles })}
      />
      {result && body && <Verdict result={result} body={body} />}
      {refused && (
        <Words bold colour="rust" role="alert">
          {refused}
        </Words>
      )}
      <Button kind="main" label="Record drawdown" testID="cal-save" onPress={save} />
      <Button kind="quiet" label="Not now" onPress={close} />
    </Card>
  );
}

function Summary({
  last,
  standing,
  onStart,
  onTakeBack,
}: {
  last: CalibrationBody | null;
  standing: ReturnType<typeof standingCalibration>;
  onStart: (() => void) | null;
  /** takes back the last drawdown of this job */
  onTakeBack: (() => void) | null;
}) {
  const reader = useReader();
  const why = last ? whyRejected(last) : '';
  return (
    <Card
      title="Drawdown"
      edge={why ? 'rust' : standing && !standing.servicedSince ? 'moss' : undefined}
      testID="calibration"
    >
      {why ? (
        <Words bold colour="rust" testID="cal-verdict">
          Rejected: {why}
        </Words>
      ) : standing ? (
        <Words testID="cal-verdict">
          <Words figures bold size="title">
            {figureWithUnit(fig('strokeVolume', standing.stroke_mL), reader)}
          </Words>{' '}
          a stroke, measured on {dateInWords(standing.date)}
          {standing.length_pct === null ? '' : ` at ${standing.length_pct} %`}, ±{' '}
          {formatNumber(standing.uncertainty * 100, 2, '.')} %.
        </Words>
      ) : (
        <Words>
          Nothing is measured at this unit yet: the dose rests on the plate. {RUNS_LEAST} runs tell.
        </Words>
      )}
      {onStart && (
        <Button label={last ? 'Draw down again' : 'Draw down'} testID="cal-start" onPress={onStart} />
      )}
      {onTakeBack && (
        <Button kind="quiet" label="Take back: mistyped" testID="cal-take-back" onPress={onTakeBack} />
      )}
    </Card>
  );
}

function Verdict({ result, body }: { result: Calibration; body: CalibrationBody }) {
  const reader = useReader();
  const accepted = result.faults.length === 0;
  return (
    <View testID="cal-result">
      <Words figures bold size="figure">
        {figureWithUnit(fig('strokeVolume', measuredStroke_mL(body)), reader)}
      </Words>
      <Words>
        a stroke; factor {formatNumber(result.factor, 3, '.')} on what was believed, runs differ by{' '}
        {formatNumber(result.spread * 100, 2, '.')} %, standard uncertainty{' '}
        {formatNumber(result.uncertainty * 100, 2, '.')} %.
      </Words>
      <Words bold colour={accepted ? 'moss' : 'rust'}>
        {accepted
          ? 'Accepted: it becomes this pump’s figure.'
          : result.faults.map((fault) => CALIBRATION_FAULT_WORDS[fault]).join(' ')}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', gap: SPACE.m, alignItems: 'flex-start' },
  cell: { flex: 1, minWidth: 0 },
});
