import {
  isExtrapolated,
  leastSpeed_rpm,
  measuredSpeeds,
  pointsLeftOut,
  speedRange,
  wallSpeed,
  WALL_WORDS,
} from '@barythm/core/families/pool';
import { fig, figureWithUnit } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Line, Path, Text } from 'react-native-svg';
import { useChartBox } from '../../../charts/use-chart-box';
import { Card } from '../../../ui/card';
import { counted } from '@barythm/core/words';
import { useReader } from '../../../ui/reader';
import { FONT, SPACE, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import type { PoolWork } from './use-pool-plan';

/** Flow and power over speed: circuits as points, walls as lines, and the least speed of each circuit in figures. */
export function PowerCard({ work }: { work: PoolWork }) {
  const reader = useReader();
  const palette = usePalette();
  const { box, onLayout } = useChartBox(210);
  const { context, pump } = work;
  const { duty, profile } = context;
  const { least_rpm, greatest_rpm } = profile.behaviours.speed;
  const range = speedRange(context);
  const wall = wallSpeed(duty, pump);
  const top_W = pump.power_W(greatest_rpm);
  const top_m3h = pump.flow_m3h(greatest_rpm) / duty.beforeWash;
  const x = (speed: number) =>
    box.left + ((speed - least_rpm) / (greatest_rpm - least_rpm)) * (box.width - box.left - box.right);
  const y = (share: number) => box.height - box.bottom - share * (box.height - box.top - box.bottom);
  const speeds = Array.from({ length: 41 }, (_, i) => least_rpm + (i / 40) * (greatest_rpm - least_rpm));
  const path = (share: (speed: number) => number) =>
    speeds
      .map((speed, i) => `${i === 0 ? 'M' : 'L'} ${x(speed).toFixed(1)} ${y(share(speed)).toFixed(1)}`)
      .join(' ');
  const measured = measuredSpeeds(duty);
  const leftOut = new Set(pointsLeftOut(duty));
  const flow = fig('waterFlow', top_m3h);
  const within = (speed: number) => x(Math.min(greatest_rpm, Math.max(least_rpm, speed)));
  const circuits = duty.circuits.map((circuit) => {
    const speed = leastSpeed_rpm(pump, circuit, profile.behaviours.speed.step_rpm);
    return { circuit, speed: Math.max(speed, least_rpm), beyond: speed > range.greatest_rpm };
  });
  return (
    <Card title="Speed, flow, power" testID="power">
      <View onLayout={onLayout}>
        <Svg
          width={box.width}
          height={box.height}
          role="img"
          aria-label={`Power grows with speed to the power of ${pump.law.exponent.toFixed(2)}; up to ${figureWithUnit(fig('power', top_W), reader)} and ${figureWithUnit(flow, reader)} at ${greatest_rpm} rev/min. Measured between ${measured.least_rpm} and ${measured.greatest_rpm} rev/min; outside, figures are extrapolated.`}
        >
          <Line x1={box.left} x2={box.width - box.right} y1={y(0)} y2={y(0)} stroke={palette.edge} />
          <Line
            x1={within(measured.least_rpm)}
            x2={within(measured.greatest_rpm)}
            y1={y(0)}
            y2={y(0)}
            stroke={palette.petrol}
            strokeWidth={4}
          />
          <Line x1={box.left} x2={box.left} y1={y(0)} y2={y(1)} stroke={palette.edge} />
          {wall && wall.speed_rpm < greatest_rpm && (
            <>
              <Line
                x1={x(wall.speed_rpm)}
                x2={x(wall.speed_rpm)}
                y1={y(0)}
                y2={y(1)}
                stroke={palette.rust}
                strokeWidth={2}
                strokeDasharray="4 3"
              />
              <Text
                x={x(wall.speed_rpm) - 4}
                y={y(1) + 12}
                fill={palette.rust}
                fontSize={13}
                fontFamily={FONT.text}
                textAnchor="end"
              >
                {wall.wall.what === 'cover' ? 'suction cover' : wall.wall.what}
              </Text>
            </>
          )}
          <Path
            d={path((speed) => pump.flow_m3h(speed) / duty.beforeWash / top_m3h)}
            stroke={palette.slate}
            strokeWidth={2}
            strokeDasharray="6 4"
            fill="none"
          />
          <Path
            d={path((speed) => pump.power_W(speed) / top_W)}
            stroke={palette.petrol}
            strokeWidth={2.5}
            fill="none"
          />
          {duty.points.map((point, i) => (
            <Circle
              key={i}
              cx={x(point.speed_rpm)}
              cy={y(point.power_W / top_W)}
              r={4}
              fill={palette.surface}
              stroke={leftOut.has(i) ? palette.quiet : palette.petrol}
              strokeWidth={leftOut.has(i) ? 1 : 2}
            />
          ))}
          {circuits.map(({ circuit, speed, beyond }) => (
            <Circle
              key={circuit.name}
              cx={x(Math.min(speed, greatest_rpm))}
              cy={y(pump.power_W(Math.min(speed, greatest_rpm)) / top_W)}
              r={5}
              fill={beyond ? palette.rust : palette.plum}
            />
          ))}
          <Text x={box.left - 6} y={y(1) - 8} fill={palette.petrol} fontSize={13} fontFamily={FONT.figures}>
            {`${Math.round(top_W)} W`}
          </Text>
          <Text
            x={box.width - box.right}
            y={y(1) - 8}
            fill={palette.slate}
            fontSize={13}
            fontFamily={FONT.figures}
            textAnchor="end"
          >
            {figureWithUnit(flow, reader)}
          </Text>
          <Text x={box.left} y={box.height - 6} fill={palette.quiet} fontSize={13} fontFamily={FONT.figures}>
            {least_rpm}
          </Text>
          <Text
            x={box.width - box.right}
            y={box.height - 6}
            fill={palette.quiet}
            fontSize={13}
            fontFamily={FONT.figures}
            textAnchor="end"
          >
            {`${greatest_rpm} rev/min`}
          </Text>
        </Svg>
      </View>
      <Words size="small" colour="quiet">
        Full line: power, up to {figureWithUnit(fig('power', top_W), reader)}. Dashed: flow with a clean
        filter, up to {figureWithUnit(flow, reader)}. Rings: measured; heavy base line: the speeds between
        them, outside it figures are extrapolated. Discs: circuits at their minimum flow.
      </Words>
      <Words>
        Power ∝ speed<Words figures>{` ^ ${pump.law.exponent.toFixed(2)}`}</Words>
        {wall
          ? `; ${WALL_WORDS[wall.wall.what]} is reached at ${figureWithUnit(fig('speed', wall.speed_rpm), reader)}.`
          : '; no limit of filter, cover or pipes is known.'}
      </Words>
      {leftOut.size > 0 && (
        <Words size="small" testID="points-left-out">
          {counted(leftOut.size, 'point')} left out of the flow line:{' '}
          {duty.points
            .filter((_, i) => leftOut.has(i))
            .map(
              (point) =>
                `${figureWithUnit(fig('waterFlow', point.flow_m3h), reader)} at ${point.speed_rpm} rev/min`,
            )
            .join('; ')}
          . So much less for each turn was throttled: it shapes the pump’s curve alone.
        </Words>
      )}
      <Words size="small">
        The limit caps {profile.behaviours.limitClamps.join(', ')} on this controller.
      </Words>
      {circuits.map(({ circuit, speed, beyond }) => (
        <View key={circuit.name} style={[styles.row, { borderColor: palette.line }]}>
          <Words style={styles.grow}>
            {circuit.name}
            <Words size="small" colour="quiet">
              {' '}
              {circuit.leastFlow_m3h > 0
                ? `needs ${figureWithUnit(fig('waterFlow', circuit.leastFlow_m3h), reader)}`
                : 'no minimum flow is known'}
              {isExtrapolated(duty, speed) ? ' · extrapolated' : ''}
            </Words>
          </Words>
          <Words figures bold colour={beyond ? 'rust' : 'ink'}>
            {Math.round(speed)} rev/min
          </Words>
        </View>
      ))}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    borderTopWidth: 1,
    paddingTop: SPACE.xs,
    gap: SPACE.s,
  },
  grow: { flex: 1 },
});
