import type { PumpHistory } from '@barythm/contract/resources';
import { driftChart } from '@barythm/core/chart';
import { dateInWords } from '@barythm/core/time';
import { fig, figureWithUnit, formatNumber } from '@barythm/core/units';
import { useReader } from '../../ui/reader';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { useHistory } from '../../api/queries';
import { Axes } from '../../charts/axes';
import { useChartBox } from '../../charts/use-chart-box';
import { Card } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { SPACE, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';

/** What happened at a pump: drawdowns and their drift, who changed what, counters, and any two sheets compared. */
export function HistoryCards({ pumpId }: { pumpId: string }) {
  const { data } = useHistory(pumpId);
  if (!data) return null;
  return (
    <>
      {data.calibrations.length > 0 && <DriftCard history={data} />}
      {data.changes.length > 0 && <ChangesCard changes={data.changes} />}
      {data.counters.length > 0 && <CountersCard counters={data.counters} />}
      {(data.units ?? []).length > 1 && <UnitsCard units={data.units} />}
      {data.sheets.length > 1 && <CompareCard sheets={data.sheets} />}
      {data.olderJobs > 0 && (
        <Words size="small" colour="quiet" testID="older-jobs">
          {data.olderJobs} older {data.olderJobs === 1 ? 'job is' : 'jobs are'} not gone through here; each
          has its own page.
        </Words>
      )}
    </>
  );
}

function DriftCard({ history }: { history: PumpHistory }) {
  const reader = useReader();
  const palette = usePalette();
  const { box, onLayout } = useChartBox(220);
  const chart = driftChart(box, history.calibrations);
  const accepted = history.calibrations.filter((calibration) => calibration.accepted);
  const last = accepted[accepted.length - 1];
  const first = accepted[0];
  return (
    <Card title="Drawdowns" testID="drift">
      {last && (
        <Words>
          <Words figures bold size="title">
            {figureWithUnit(fig('strokeVolume', last.full_mL), reader)}
          </Words>{' '}
          at full stroke, {dateInWords(last.date)}
          {accepted.length > 1
            ? `: ${formatNumber((last.full_mL / first.full_mL - 1) * 100, 1, '.')} % since ${dateInWords(first.date)}`
            : ''}
          .
        </Words>
      )}
      <View onLayout={onLayout}>
        <Svg width={box.width} height={box.height} role="img" aria-label={`Drawdowns. ${chart.text}`}>
          <Axes frame={chart.frame} />
          <Path d={chart.path} stroke={palette.petrol} strokeWidth={2} fill="none" />
          {chart.points.map((point, i) => (
            <Line
              key={`u${i}`}
              x1={point.x}
              x2={point.x}
              y1={point.top}
              y2={point.bottom}
              stroke={palette.petrol}
              strokeWidth={1.5}
            />
          ))}
          {chart.points.map((point, i) => (
            <Circle
              key={i}
              cx={point.x}
              cy={point.y}
              r={6}
              fill={point.accepted ? palette.petrol : palette.surface}
              stroke={point.accepted ? palette.petrol : palette.rust}
              strokeWidth={2}
            />
          ))}
        </Svg>
      </View>
      <Words size="small" colour="quiet">
        Upright lines: standard uncertainty. Hollow: rejected.
        {history.services
          .map((service) => ` Serviced ${dateInWords(service.date)}: ${service.what}.`)
          .join('')}
      </Words>
    </Card>
  );
}

const SHOWN = 8;

function ChangesCard({ changes }: { changes: PumpHistory['changes'] }) {
  const palette = usePalette();
  const [all, setAll] = useState(false);
  const shown = all ? changes : changes.slice(0, SHOWN);
  return (
    <Card title="Change history" testID="changes">
      {shown.map((change, i) => (
        <View key={i} style={[styles.change, { borderColor: palette.line }]}>
          <Words>
            <Words bold>{change.label}</Words>{' '}
            <Words figures>
              {change.from ?? 'not known'} → {change.to}
            </Words>
            {change.unit && change.unit !== '-' ? ` ${change.unit}` : ''}
          </Words>
          <Words size="small" colour="quiet">
            {dateInWords(change.date)}, {change.actor}
            {change.corrected.length > 0
              ? `. Put right within the visit; first read as ${change.corrected.join(', ')}`
              : ''}
            {change.reason ? `. ${change.reason}` : ''}
          </Words>
        </View>
      ))}
      {changes.length > SHOWN && (
        <Choice
          label="Show"
          hideLabel
          options={[
            { value: 'few', label: `Last ${SHOWN}` },
            { value: 'all', label: `All ${changes.length}` },
          ]}
          value={all ? 'all' : 'few'}
          onChange={(value) => setAll(value === 'all')}
        />
      )}
    </Card>
  );
}

function CountersCard({ counters }: { counters: PumpHistory['counters'] }) {
  return (
    <Card title="Stroke counter" testID="counters">
      {counters.map((counter, i) => {
        const before = counters[i - 1];
        const made = before ? counter.counter - before.counter : null;
        return (
          <View key={i} style={styles.row}>
            <Words>{dateInWords(counter.date)}</Words>
            <Words figures bold>
              {counter.counter}
              {made !== null && <Words colour="quiet">{`  +${made}`}</Words>}
            </Words>
          </View>
        );
      })}
    </Card>
  );
}

/** Every unit that stood at this place: a page that was kept from before it was asked has none. */
function UnitsCard({ units }: { units: PumpHistory['units'] }) {
  return (
    <Card title="Units at this place" testID="units">
      {units.map(({ model, serial, profile, from, to }, i) => (
        <View key={i}>
          <Words>{[model || 'Unknown model', serial && `serial ${serial}`].filter(Boolean).join(', ')}</Words>
          <Words size="small" colour="quiet">
            {`${dateInWords(from)} to ${to === null ? 'now' : dateInWords(to)} · ${profile}`}
          </Words>
        </View>
      ))}
    </Card>
  );
}

function CompareCard({ sheets }: { sheets: PumpHistory['sheets'] }) {
  const [first, setFirst] = useState(sheets[sheets.length - 2].jobId);
  const [second, setSecond] = useState(sheets[sheets.length - 1].jobId);
  const options = sheets.map(({ jobId, date }) => ({ value: jobId, label: dateInWords(date) }));
  const [a, b] = [first, second].map((id) => sheets.find((sheet) => sheet.jobId === id));
  if (!a || !b) return null;
  const labels = [...new Set([...a.rows, ...b.rows].map((row) => row.label))];
  const value = (sheet: typeof a, label: string) =>
    sheet.rows.find((row) => row.label === label)?.value ?? '–';
  const differing = labels.filter((label) => value(a, label) !== value(b, label));
  return (
    <Card title="Compare two dates" testID="compare-dates">
      <Choice label="Then" testID="compare-then" options={options} value={first} onChange={setFirst} />
      <Choice label="Later" testID="compare-later" options={options} value={second} onChange={setSecond} />
      {differing.length === 0 && <Words bold>No setting differs.</Words>}
      {differing.map((label) => (
        <View key={label} style={styles.row}>
          <Words style={styles.grow}>{label}</Words>
          <Words figures bold>
            {value(a, label)} → {value(b, label)}
          </Words>
        </View>
      ))}
    </Card>
  );
}

const styles = StyleSheet.create({
  change: { borderTopWidth: 1, paddingTop: SPACE.xs },
  row: { flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.m, alignItems: 'baseline' },
  grow: { flex: 1 },
});
