import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Path } from 'react-native-svg';
import { SPACE, usePalette, type Colour } from '../theme';
import { Words } from './words';

export type SeverityName = 'stop' | 'warn' | 'note';

export const SEVERITY_COLOUR: Record<SeverityName, Colour> = { stop: 'rust', warn: 'ochre', note: 'quiet' };
const NAME: Record<SeverityName, string> = { stop: 'Stop', warn: 'Warn', note: 'Note' };

/** A severity by shape, word and colour together: barred square, half disc, ring. */
export function SeveritySign({ severity }: { severity: SeverityName }) {
  const colour = usePalette()[SEVERITY_COLOUR[severity]];
  return (
    <Svg width={16} height={16} viewBox="0 0 16 16" aria-hidden>
      {severity === 'stop' && <Path d="M1 1h14v14H1zM4 7v2h8V7z" fill={colour} fillRule="evenodd" />}
      {severity === 'warn' && (
        <Path d="M8 1a7 7 0 0 1 0 14zM8 1a7 7 0 0 0 0 14" stroke={colour} strokeWidth={1.6} fill="none" />
      )}
      {severity === 'warn' && <Path d="M8 1a7 7 0 0 1 0 14z" fill={colour} />}
      {severity === 'note' && <Circle cx={8} cy={8} r={6} stroke={colour} strokeWidth={1.6} fill="none" />}
    </Svg>
  );
}

export function SeverityTag({ severity, count }: { severity: SeverityName; count?: number }) {
  return (
    <View style={styles.tag}>
      <SeveritySign severity={severity} />
      <Words bold size="small" colour={SEVERITY_COLOUR[severity]}>
        {count === undefined ? NAME[severity] : `${count} ${NAME[severity].toLowerCase()}`}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({ tag: { flexDirection: 'row', alignItems: 'center', gap: SPACE.xs } });
