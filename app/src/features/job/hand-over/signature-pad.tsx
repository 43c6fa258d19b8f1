import { useEffect, useMemo, useRef, useState } from 'react';
import { PanResponder, StyleSheet, View, type GestureResponderEvent } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { Button } from '../../../ui/button';
import { UnderField } from '../../../ui/fields/under-field';
import { RADIUS, SPACE, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';

export interface Drawn {
  readonly width: number;
  readonly height: number;
  readonly paths: readonly string[];
}

const HEIGHT = 160;
export const EMPTY_SIGNATURE: Drawn = { width: 320, height: HEIGHT, paths: [] };

interface SignaturePadProps {
  readonly drawn: Drawn;
  readonly onChange: (drawn: Drawn) => void;
  readonly error: string | null;
}

/** A box to sign in with a finger, pen or mouse. */
export function SignaturePad({ drawn, onChange, error }: SignaturePadProps) {
  const palette = usePalette();
  const [width, setWidth] = useState(drawn.width);
  const [current, setCurrent] = useState('');
  const line = useRef('');
  const latest = useRef({ drawn, onChange, width });
  useEffect(() => {
    latest.current = { drawn, onChange, width };
  });
  const pan = useMemo(() => {
    const at = (event: GestureResponderEvent) =>
      `${event.nativeEvent.locationX.toFixed(1)} ${event.nativeEvent.locationY.toFixed(1)}`;
    return PanResponder.create({
      onStartShouldSetPanResponder: () => true,
      onMoveShouldSetPanResponder: () => true,
      onPanResponderTerminationRequest: () => false,
      onPanResponderGrant: (event) => {
        line.current = `M ${at(event)}`;
        setCurrent(line.current);
      },
      onPanResponderMove: (event) => {
        line.current += ` L ${at(event)}`;
        setCurrent(line.current);
      },
      onPanResponderRelease: () => {
        const { drawn: before, onChange: change, width: wide } = latest.current;
        // a tap alone is no stroke of a pen
        if (line.current.includes('L')) {
          change({ width: wide, height: HEIGHT, paths: [...before.paths, line.current] });
        }
        line.current = '';
        setCurrent('');
      },
    });
  }, []);
  return (
    <View style={styles.field}>
      <Words size="small" bold>
        Signature
      </Words>
      <View
        {...pan.panHandlers}
        testID="signature"
        role="img"
        aria-label={drawn.paths.length > 0 ? 'Signed' : 'Sign here with a finger'}
        onLayout={(event) => setWidth(Math.round(event.nativeEvent.layout.width))}
        style={[
          styles.box,
          { borderColor: error ? palette.rust : palette.edge, backgroundColor: palette.surface },
        ]}
      >
        <Svg width={width} height={HEIGHT} pointerEvents="none">
          {[...drawn.paths, current].filter(Boolean).map((path, i) => (
            <Path key={i} d={path} stroke={palette.ink} strokeWidth={2.5} fill="none" strokeLinecap="round" />
          ))}
        </Svg>
      </View>
      <UnderField error={error} />
      {drawn.paths.length > 0 && (
        <Button kind="quiet" label="Sign again" onPress={() => onChange({ ...EMPTY_SIGNATURE, width })} />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  field: { gap: SPACE.xs },
  box: { height: HEIGHT, borderWidth: 1.5, borderRadius: RADIUS.control, touchAction: 'none' } as object,
});
