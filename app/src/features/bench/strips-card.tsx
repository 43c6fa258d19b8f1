import { familyOf } from '@barythm/core/families';
import { stripChart } from '@barythm/core/chart';
import { happensAtOnce, SECONDS_PER_DAY, type BenchEvent } from '@barythm/core/bench';
import { EVENT_WORDS, type FamilyContext } from '@barythm/core/families';
import { thrownAtATap } from '@barythm/core/job';
import { formatNumber, inSystemOf, type UnitSystem } from '@barythm/core/units';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { PanResponder, Pressable, StyleSheet, View, type GestureResponderEvent } from 'react-native';
import Svg, { Line, Path, Rect } from 'react-native-svg';
import { Axes } from '../../charts/axes';
import { useChartBox } from '../../charts/use-chart-box';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { useReader } from '../../ui/reader';
import { SPACE, TOUCH, usePalette, type Colour } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import type { ShownRun } from '../../workers/bench-messages';
import { clockOf } from '../../kit/bench';
import { SPEEDS, type usePlayer } from './use-player';

interface StripsCardProps {
  readonly runs: readonly ShownRun[];
  readonly colours: readonly Colour[];
  readonly context: FamilyContext;
  readonly player: ReturnType<typeof usePlayer>;
  readonly onThrow: (event: BenchEvent) => void;
}

/** A fault thrown in by a tap lasts an hour. */
const THROWN_s = 3600;

/** Both runs as strips, one above the other, with a moment that plays, scrubs, and takes a fault. */
export function StripsCard({ runs: given, colours, context, player, onThrow }: StripsCardProps) {
  const { system } = useReader();
  const runs = useMemo(() => given.map((run) => inUnitsOf(run, system)), [given, system]);
  const { bench } = familyOf(context.profile.family);
  const [channel, setChannel] = useState(bench.channel);
  const [first] = runs;
  if (!first) return null;
  const week = first.seconds > SECONDS_PER_DAY;
  const hidden = bench.hidden(context);
  const live = first.traces.filter(
    ({ key }) =>
      !hidden.includes(key) &&
      runs.some((run) => run.traces.find((trace) => trace.key === key)?.max.some((value) => value > 0)),
  );
  const shown = live.some((trace) => trace.key === channel) ? channel : (live[0]?.key ?? channel);
  const most = Math.max(
    ...runs.map((run) => Math.max(...(run.traces.find((trace) => trace.key === shown)?.max ?? [0]))),
  );
  const band = bench.band(context, shown);
  const top = band ? Math.min(most, band.high * 3) : most;
  const bucket = Math.min(first.traces[0].min.length - 1, Math.floor(player.at_s / first.bucket_s));
  return (
    <Card title={`Through the ${week ? 'week' : 'day'}`} testID="bench-strips">
      <Choice
        label="Show"
        hideLabel
        testID="bench-channel"
        options={live.map((trace) => ({ value: trace.key, label: trace.label }))}
        value={shown}
        onChange={setChannel}
      />
      {runs.map((run, i) => {
        const trace = run.traces.find((candidate) => candidate.key === shown);
        if (!trace) return null;
        return (
          <View key={i} testID={`strip-${i}`}>
            <View style={styles.names}>
              <Words bold colour={colours[i]}>
                {run.name}
              </Words>
              <Words figures bold colour="ember" testID={`live-${i}`}>
                {formatNumber(Number(trace.max[bucket].toPrecision(4)), 3, '.')}
                <Words colour="quiet">{` ${trace.unit}`}</Words>
              </Words>
            </View>
            <Strip run={run} channel={shown} most={top} band={band} colour={colours[i]} player={player} />
          </View>
        );
      })}
      <Words size="small" colour="quiet">
        The dark line is the mean; the area reaches from the minimum to the maximum.
      </Words>
      {band && most > top && (
        <Words size="small" colour="quiet">
          What is far above the band is drawn at the upper edge.
        </Words>
      )}
      <View style={styles.play}>
        <Button
          kind="main"
          label={player.playing ? 'Pause' : 'Play'}
          testID="bench-play"
          onPress={player.toggle}
        />
        <Words figures bold size="title" colour="ember" testID="bench-clock">
          {clockOf(Math.min(player.at_s, first.seconds - 1), week)}
        </Words>
      </View>
      <Choice
        label="Pace of playing"
        testID="bench-speed"
        options={SPEEDS}
        value={player.speed}
        onChange={player.setSpeed}
      />
      <Words size="small" bold>
        Add a fault now, for one hour
      </Words>
      <View style={styles.faults}>
        {thrownAtATap(context).map((kind) => (
          <Pressable
            key={kind}
            role="button"
            testID={`throw-${kind}`}
            onPress={() => {
              const at_s = Math.min(Math.floor(player.at_s), first.seconds - 60);
              onThrow({
                kind,
                at_s,
                until_s: happensAtOnce(EVENT_WORDS[kind]) ? null : at_s + THROWN_s,
                amount: null,
              });
            }}
            style={styles.fault}
          >
            <Words size="small" bold colour="petrol">
              {EVENT_WORDS[kind].name}
            </Words>
          </Pressable>
        ))}
      </View>
    </Card>
  );
}

/** A run's traces in the reader's units. */
function inUnitsOf(run: ShownRun, system: UnitSystem): ShownRun {
  if (system === 'metric') return run;
  return {
    ...run,
    traces: run.traces.map((trace) => {
      const shown = (values: readonly number[]) =>
        values.map((value) => inSystemOf(value, trace.unit, system).value);
      return {
        ...trace,
        unit: inSystemOf(0, trace.unit, system).unit,
        min: shown(trace.min),
        max: shown(trace.max),
        mean: shown(trace.mean),
      };
    }),
  };
}

interface StripProps {
  readonly run: ShownRun;
  readonly channel: string;
  readonly most: number;
  readonly band: { readonly low: number; readonly high: number } | null;
  readonly colour: Colour;
  readonly player: ReturnType<typeof usePlayer>;
}

function Strip({ run, channel, most, band, colour, player }: StripProps) {
  const palette = usePalette();
  const { box, onLayout } = useChartBox(150);
  const chart = useMemo(() => {
    const trace = run.traces.find((candidate) => candidate.key === channel) ?? run.traces[0];
    return stripChart(box, trace, run.seconds, most, band);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the band is made anew each time; its figures stand for it
  }, [box, run, channel, most, band?.low, band?.high]);
  const latest = useRef({ player, box, seconds: run.seconds });
  useEffect(() => {
    latest.current = { player, box, seconds: run.seconds };
  });
  const pan = useMemo(() => {
    const scrub = (event: GestureResponderEvent) => {
      const { player: now, box: space, seconds } = latest.current;
      const share = (event.nativeEvent.locationX - space.left) / (space.width - space.left - space.right);
      now.seek(share * seconds);
    };
    return PanResponder.create({
      onStartShouldSetPanResponder: () => true,
      onMoveShouldSetPanResponder: () => true,
      onPanResponderTerminationRequest: () => false,
      onPanResponderGrant: scrub,
      onPanResponderMove: scrub,
    });
  }, []);
  const x = chart.frame.x.scale(player.at_s / 3600);
  const onKeyDown = (event: { key: string; preventDefault: () => void }) => {
    const to: Record<string, number> = {
      ArrowRight: player.at_s + 600,
      ArrowLeft: player.at_s - 600,
      Home: 0,
      End: run.seconds - 1,
    };
    if (!(event.key in to)) return;
    event.preventDefault();
    player.seek(to[event.key]);
  };
  return (
    <View
      {...pan.panHandlers}
      {...{ onKeyDown }}
      onLayout={onLayout}
      role="slider"
      tabIndex={0}
      aria-label="Moment of the day"
      aria-valuemin={0}
      aria-valuemax={run.seconds}
      aria-valuenow={Math.round(player.at_s)}
      aria-valuetext={clockOf(player.at_s, run.seconds > SECONDS_PER_DAY)}
      style={styles.scrub}
    >
      <Svg width={box.width} height={box.height} role="img" aria-label={chart.text} pointerEvents="none">
        <Drawn chart={chart} colour={palette[colour]} />
        <Rect
          x={x}
          y={box.top}
          width={Math.max(0, box.width - box.right - x)}
          height={box.height - box.top - box.bottom}
          fill={palette.surface}
          opacity={0.6}
        />
        <Line
          x1={x}
          x2={x}
          y1={box.top}
          y2={box.height - box.bottom}
          stroke={palette.ember}
          strokeWidth={2}
        />
      </Svg>
    </View>
  );
}

/** What does not move while it plays is painted once. */
const Drawn = memo(function Drawn({
  chart,
  colour,
}: {
  chart: ReturnType<typeof stripChart>;
  colour: string;
}) {
  const palette = usePalette();
  const { box } = chart.frame;
  return (
    <>
      {chart.band && (
        <Rect
          x={box.left}
          y={chart.band.top}
          width={box.width - box.left - box.right}
          height={Math.max(0, chart.band.bottom - chart.band.top)}
          fill={palette.moss}
          opacity={0.18}
        />
      )}
      <Axes frame={chart.frame} />
      <Path d={chart.area} fill={colour} stroke={colour} strokeWidth={1.2} strokeLinejoin="round" />
      <Path d={chart.mean} fill="none" stroke={palette.ink} strokeWidth={1} strokeLinejoin="round" />
    </>
  );
});

const styles = StyleSheet.create({
  names: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'baseline' },
  play: { flexDirection: 'row', alignItems: 'center', gap: SPACE.l },
  faults: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.l },
  fault: { minHeight: TOUCH, justifyContent: 'center' },
  scrub: { touchAction: 'pan-y', cursor: 'ew-resize' } as object,
});
