import {
  startsAt_bar,
  startsInWords,
  startsMost,
  stopsAt_bar,
  usableOf_L,
} from '@barythm/core/families/drive';
import { AIR_bar } from '@barythm/core/hydraulics';
import { fig, figureWithUnit, type Quantity } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import Svg, { Line, Rect, Text as SvgText } from 'react-native-svg';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { FONT, SPACE, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import type { DriveWork } from './drive-work';

const [WIDTH, HEIGHT] = [150, 190];
const BODY = { x: 14, y: 10, width: 92, height: 160 };

/** The vessel with its gas, what always stays in it, and the water that it gives between stop and start. */
export function VesselCard({ work }: { work: DriveWork }) {
  const palette = usePalette();
  const reader = useReader();
  const { context, settings, pump } = work;
  const { vessel } = context.duty;
  if (!vessel) return null;
  const say = (q: Quantity, value: number) => figureWithUnit(fig(q, value), reader);
  const usable = usableOf_L(context, settings);
  const [start, stop] = [startsAt_bar(context, settings), stopsAt_bar(context, settings)];
  const gas = context.precharge_bar;
  const worst = startsMost(context, pump, settings);
  const { starts_h } = context.duty.pump;
  const drawn =
    usable === null || gas === null || stop === null ? null : layersOf(vessel.volume_L, usable, gas, stop);
  return (
    <Card title="Vessel" testID="vessel-card">
      <View style={styles.row}>
        <Svg
          width={WIDTH}
          height={HEIGHT}
          role="img"
          aria-label={`Vessel of ${vessel.volume_L} L: ${usable === null ? 'usable water not known' : `${usable.toFixed(1)} L of usable water`}.`}
        >
          <Rect {...BODY} rx={16} fill={palette.surface} stroke={palette.edge} strokeWidth={2} />
          {drawn && (
            <>
              <Rect
                x={BODY.x + 2}
                width={BODY.width - 4}
                y={drawn.stays}
                height={Math.max(0, BODY.y + BODY.height - 2 - drawn.stays)}
                rx={14}
                fill={palette.edge}
                opacity={0.45}
              />
              <Rect
                x={BODY.x + 2}
                width={BODY.width - 4}
                y={drawn.top}
                height={Math.max(2, drawn.stays - drawn.top)}
                fill={palette.petrol}
                opacity={0.7}
              />
              <Line
                x1={BODY.x}
                x2={BODY.x + BODY.width + 8}
                y1={drawn.top}
                y2={drawn.top}
                stroke={palette.ink}
                strokeWidth={1.5}
              />
            </>
          )}
          <SvgText x={60} y={40} fontSize={13} fontFamily={FONT.text} fill={palette.ink} textAnchor="middle">
            gas
          </SvgText>
        </Svg>
        <View style={styles.grow}>
          <Words size="large" figures bold testID="vessel-usable">
            {usable === null ? 'not known' : say('volume', usable)}
          </Words>
          <Words>usable, of {say('volume', vessel.volume_L)}</Words>
          {gas !== null && <Words>Gas {say('pressure', gas)}, empty of water.</Words>}
          {stop !== null && start !== null && (
            <Words>
              Stops at {say('pressure', stop)}, starts at {say('pressure', start)}.
            </Words>
          )}
        </View>
      </View>
      <Words
        bold
        colour={worst !== null && starts_h !== null && worst.starts_h > starts_h ? 'ochre' : 'moss'}
      >
        {worst === null
          ? 'No real demand makes the pump start and stop.'
          : `At most it starts ${startsInWords(worst.starts_h, 1)}, at ${say('waterFlow', worst.draw_m3h)}${starts_h === null ? '' : `; ${starts_h} are allowed`}.`}
      </Words>
    </Card>
  );
}

/** Heights of the water in the picture: the top when it stops, and what stays when it starts again. */
function layersOf(volume_L: number, usable_L: number, gas_bar: number, stop_bar: number) {
  const room = BODY.height - 4;
  const share = 1 - (gas_bar + AIR_bar) / (stop_bar + AIR_bar);
  const full_L = Math.max(usable_L, volume_L * Math.max(0, share));
  const foot = BODY.y + 2 + room;
  const at = (litres: number) => foot - (litres / volume_L) * room;
  return { top: at(full_L), stays: at(full_L - usable_L) };
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: SPACE.m, alignItems: 'center' },
  grow: { flex: 1, minWidth: 0, gap: SPACE.xs },
});
