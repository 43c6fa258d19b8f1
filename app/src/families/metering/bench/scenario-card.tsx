import type { Faults } from '@barythm/core/bench';
import { DAY_SHAPES, readWaterCsv, type DayShape } from '@barythm/core/bench';
import type { MeteringContext } from '@barythm/core/families/metering';
import { parseFigure } from '@barythm/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { FilePick } from '../../../ui/fields/file-pick';
import { SPACE } from '../../../ui/theme';
import { FaultLines } from '../../../ui/words/fault-lines';
import { Words } from '../../../ui/words/words';
import { hoursOf, type WaterDraft } from './water-draft';
import { WaterEditor } from './water-editor';

interface ScenarioCardProps {
  readonly draft: WaterDraft;
  readonly context: MeteringContext;
  readonly onChange: (draft: WaterDraft) => void;
}

/** The day (or week) of water: its own, a shape, drawn by hand, or from a file. */
export function ScenarioCard({ draft, context, onChange }: ScenarioCardProps) {
  const change = (part: Partial<WaterDraft>) => onChange({ ...draft, ...part });
  const [wobble, setWobble] = useState<string | null>(null);
  const [seed, setSeed] = useState<string | null>(null);
  const shapes: readonly { value: WaterDraft['shape']; label: string }[] = [
    { value: 'own', label: 'Its own day' },
    ...(Object.keys(DAY_SHAPES) as DayShape[]).map((value) => ({ value, label: DAY_SHAPES[value].name })),
    { value: 'drawn', label: 'Drawn' },
    { value: 'csv', label: 'From a file' },
  ];
  const wobbleRead = parseFigure(wobble ?? String(draft.wobble_pct), 'percent');
  const wobbleError = !wobbleRead.ok
    ? wobbleRead.words
    : wobbleRead.value < 0 || wobbleRead.value > 50
      ? 'From 0 to 50 %.'
      : null;
  const seedText = seed ?? String(draft.seed);
  const seedError = /^\d{1,9}$/.test(seedText.trim()) ? null : 'A whole number of up to nine digits.';
  return (
    <Card title="Water" testID="bench-water">
      <Choice
        label="Over"
        testID="bench-days"
        options={[
          { value: '1', label: 'A day' },
          { value: '7', label: 'A week' },
        ]}
        value={String(draft.days)}
        onChange={(value) => change({ days: value === '7' ? 7 : 1 })}
      />
      <Choice
        label="Shape"
        testID="bench-shape"
        options={shapes}
        value={draft.shape}
        onChange={(shape) =>
          change(shape === 'drawn' ? { shape, drawn: draft.drawn ?? hoursOf(draft, context) } : { shape })
        }
      />
      {draft.shape === 'drawn' && (
        <WaterEditor
          hours_m3h={hoursOf(draft, context)}
          greatest_m3h={context.duty.water.greatest_m3h}
          onChange={(drawn) => change({ drawn })}
        />
      )}
      {draft.shape === 'csv' && <WaterFile loaded={draft.csv} onLoad={(csv) => change({ csv })} />}
      <View style={styles.pair}>
        <View style={styles.cell}>
          <Field
            label="Flow variation"
            unit="%"
            testID="bench-wobble"
            value={wobble ?? String(draft.wobble_pct)}
            error={wobbleError}
            hint="From minute to minute"
            onChange={(text) => {
              setWobble(text);
              const read = parseFigure(text, 'percent');
              if (read.ok && read.value >= 0 && read.value <= 50) change({ wobble_pct: read.value });
            }}
          />
        </View>
        <View style={styles.cell}>
          <Field
            label="Seed"
            testID="bench-seed"
            value={seedText}
            error={seedError}
            hint="The same seed, the same day"
            onChange={(text) => {
              setSeed(text);
              if (/^\d{1,9}$/.test(text.trim())) change({ seed: Number(text) });
            }}
          />
        </View>
      </View>
    </Card>
  );
}

function WaterFile({
  loaded,
  onLoad,
}: {
  loaded: WaterDraft['csv'];
  onLoad: (csv: WaterDraft['csv']) => void;
}) {
  const [faults, setFaults] = useState<Faults | null>(null);
  const read = (text: string) => {
    const water = readWaterCsv(text);
    if (water.ok) {
      setFaults(null);
      onLoad({ every_s: water.every_s, flows_m3h: water.flows_m3h });
    } else setFaults(water);
  };
  return (
    <View style={styles.file}>
      <Words size="small" colour="quiet">
        CSV with “time” and “flow”: 0:00 to the end of the day (or 1.0:00 to 7.23:00 counted from 0.), m³/h.
      </Words>
      <FilePick label="Choose a CSV file" accept=".csv,text/csv" testID="bench-csv" onText={read} />
      {loaded && !faults && (
        <Words bold colour="moss" testID="csv-loaded">
          {loaded.flows_m3h.length} flows, {loaded.every_s / 60} min each.
        </Words>
      )}
      {faults && <FaultLines {...faults} />}
      {faults && (
        <Words>Nothing was taken in; {loaded ? 'the file before stays' : 'its own day runs'}.</Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', gap: SPACE.m, alignItems: 'flex-start' },
  cell: { flex: 1, minWidth: 0 },
  file: { gap: SPACE.s },
});
