import { ceilings, flowAt_m3h, gulp_L, movesAbove_rpm, swing_L } from '@barythm/core/families/transfer';
import { addressOf, inOrderOfWork } from '@barythm/core/profile';
import { fig, figureWithUnit, type Quantity } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import Svg, { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { TargetField, type ByHand } from '../../../kit/plan';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { FONT, SPACE, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import type { TransferWork } from './transfer-work';

const [WIDTH, HEIGHT] = [320, 230];
const BODY = { x: 8, y: 16, width: 96, height: 190 };
const LINE = { x: 162, width: 150 };

const BY = {
  curve: 'by its curve',
  motor: 'by the motor’s plate',
  limit: 'by the pump’s own limit',
  suction: 'by the head at its inlet',
} as const;

const MOVED: ReadonlySet<string> = new Set(['speed.least', 'speed.greatest', 'level.bottom', 'level.top']);

interface VesselCardProps {
  readonly work: TransferWork;
  readonly byHand: ByHand;
  readonly onMove: (byHand: ByHand) => void;
}

/** The vessel with float and levels, and beside it the speed over the same levels with its least and greatest. */
export function VesselCard({ work, byHand, onMove }: VesselCardProps) {
  const palette = usePalette();
  const reader = useReader();
  const { context, pump, settings, values } = work;
  const { duty } = context;
  const { bottom_mm, top_mm, least_rpm, most_rpm, alarm_mm } = settings;
  const say = (q: Quantity, value: number) => figureWithUnit(fig(q, value), reader);
  const y = (mm: number) => BODY.y + BODY.height * (1 - mm / duty.vessel.height_mm);
  const [ceiling] = ceilings(context, pump);
  const moves = movesAbove_rpm(pump);
  const reach = Math.max(ceiling.rpm, most_rpm ?? 0) * 1.08;
  const x = (rpm: number) => LINE.x + (rpm / reach) * LINE.width;
  const swing = swing_L(duty, settings);
  const levels = [
    ...(bottom_mm === null ? [] : [{ mm: bottom_mm, name: 'bottom' }]),
    ...(top_mm === null ? [] : [{ mm: top_mm, name: 'top' }]),
    ...(alarm_mm === null ? [] : [{ mm: alarm_mm, name: 'alarm' }]),
  ];
  const line =
    bottom_mm === null || top_mm === null || least_rpm === null || most_rpm === null
      ? null
      : `M${x(least_rpm)},${y(bottom_mm)}L${x(most_rpm)},${y(top_mm)}L${x(most_rpm)},${y(duty.vessel.height_mm)}`;
  const fields = inOrderOfWork(context.profile).filter(
    ({ role, key }) => role !== undefined && MOVED.has(role) && values[key] !== undefined,
  );
  return (
    <Card title="Vessel, levels and speeds" testID="vessel-card">
      <Words size="figure" figures bold testID="vessel-swing">
        {swing === null ? 'not known' : say('volume', swing)}
      </Words>
      <Words bold colour={swing !== null && swing >= gulp_L(duty) ? 'moss' : 'ochre'}>
        between bottom and top; {say('volume', gulp_L(duty))} fall at once.
      </Words>
      <Svg
        width={WIDTH}
        height={HEIGHT}
        role="img"
        aria-label={`Vessel: bottom ${bottom_mm ?? 'not known'} mm, top ${top_mm ?? 'not known'} mm of ${duty.vessel.height_mm} mm; speed from ${least_rpm ?? 'not known'} to ${most_rpm ?? 'not known'} rev/min.`}
      >
        <Rect {...BODY} rx={10} fill={palette.surface} stroke={palette.edge} strokeWidth={2} />
        {bottom_mm !== null && top_mm !== null && top_mm > bottom_mm && (
          <Rect
            x={BODY.x + 2}
            width={BODY.width - 4}
            y={y(top_mm)}
            height={y(bottom_mm) - y(top_mm)}
            fill={palette.petrol}
            opacity={0.25}
          />
        )}
        {levels.map(({ mm, name }) => (
          <G key={name}>
            <Line
              x1={BODY.x}
              x2={BODY.x + BODY.width}
              y1={y(mm)}
              y2={y(mm)}
              stroke={name === 'alarm' ? palette.rust : palette.petrol}
              strokeWidth={1.5}
              strokeDasharray={name === 'alarm' ? '4 3' : undefined}
            />
            <SvgText
              x={BODY.x + BODY.width + 5}
              y={y(mm) + 4}
              fontSize={13}
              fontFamily={FONT.text}
              fill={palette.ink}
            >
              {name}
            </SvgText>
          </G>
        ))}
        <Rect
          x={BODY.x + 36}
          y={y((bottom_mm ?? 0) + ((top_mm ?? duty.vessel.height_mm) - (bottom_mm ?? 0)) / 2) - 7}
          width={24}
          height={14}
          rx={7}
          fill={palette.ember}
        />
        <Line
          x1={LINE.x}
          x2={LINE.x + LINE.width}
          y1={BODY.y + BODY.height}
          y2={BODY.y + BODY.height}
          stroke={palette.edge}
          strokeWidth={1.5}
        />
        {[
          { rpm: moves, name: 'moves' },
          { rpm: ceiling.rpm, name: 'ends' },
        ].map(({ rpm, name }) => (
          <Line
            key={name}
            x1={x(rpm)}
            x2={x(rpm)}
            y1={BODY.y}
            y2={BODY.y + BODY.height}
            stroke={palette.edge}
            strokeWidth={1.5}
            strokeDasharray="4 3"
          />
        ))}
        {line && <Path d={line} stroke={palette.petrol} strokeWidth={2.5} fill="none" />}
        <SvgText
          x={LINE.x + LINE.width / 2}
          y={HEIGHT - 4}
          fontSize={13}
          fontFamily={FONT.text}
          fill={palette.ink}
          textAnchor="middle"
        >
          {`speed, 0 to ${Math.round(reach)} rev/min`}
        </SvgText>
      </Svg>
      <Words size="small" colour="quiet">
        Left: the float’s whole way. Right: speed over the same levels; dashed, what moves nothing and what
        ends it.
      </Words>
      <Words testID="vessel-speeds">
        Under {say('speed', moves)} nothing moves: {say('length', pump.lift_m)} to lift. It may turn{' '}
        {say('speed', ceiling.rpm)} at most, {BY[ceiling.by]}
        {most_rpm === null
          ? '.'
          : `; at ${say('speed', most_rpm)} it sends ${say('waterFlow', flowAt_m3h(pump, most_rpm))}.`}
      </Words>
      <View style={styles.fields}>
        {fields.map((parameter) => (
          <TargetField
            key={parameter.key}
            parameter={parameter}
            values={values}
            onValue={(value) => onMove({ ...byHand, [addressOf(parameter)]: value })}
          />
        ))}
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({ fields: { gap: SPACE.m } });
