import type { KeyStep } from '@barythm/core/profile';
import { StyleSheet, View } from 'react-native';
import { RADIUS, SPACE, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';

/** A step of a route, or of a way from elsewhere. */
type Step = Pick<KeyStep, 'key' | 'press' | 'times' | 'seconds' | 'digits' | 'next'> & {
  readonly shows?: string | null;
  /** pressed or turned until this is shown */
  readonly until?: string | null;
};

const PRESS: Record<KeyStep['press'], string> = { short: '', hold: 'hold ', turn: 'turn ' };

/** The way to a parameter, key by key; in a line where there are several ways under each other. */
export function RouteKeys({ route, inline }: { route: readonly Step[]; inline?: boolean }) {
  const palette = usePalette();
  if (route.length === 0) return null;
  return (
    <View style={inline ? styles.inline : styles.route}>
      {route.map((step, i) => (
        <View key={i} style={styles.step}>
          <View style={[styles.key, { borderColor: palette.edge, backgroundColor: palette.paper }]}>
            <Words figures bold size="small">
              {step.digits === undefined ? stepWords(step) : codeWords(step.digits, step)}
            </Words>
          </View>
          {step.until ? (
            <Words size="small" colour="quiet" style={styles.shows}>
              until “{step.until}”
            </Words>
          ) : step.shows ? (
            <Words size="small" colour="quiet" style={styles.shows}>
              shows “{step.shows}”
            </Words>
          ) : null}
        </View>
      ))}
    </View>
  );
}

function stepWords({ press, key, times, seconds }: Step): string {
  const often = times === 'place' ? ' × number of the place' : times > 1 ? ` ×${times}` : '';
  return `${PRESS[press]}${key}${seconds === undefined ? '' : ` ${seconds} s`}${often}`;
}

/** A code as it is pressed, each digit from 0: “▲ ×2 ► ▲ ×4 ►”. */
function codeWords(digits: string, { key, next = '' }: Step): string {
  const each = [...digits].map((digit) => (digit === '0' ? '' : `${key} ×${digit}`));
  return `code ${digits}: ${each.join(` ${next} `).replace(/\s+/g, ' ').trim()}`;
}

const styles = StyleSheet.create({
  route: { gap: SPACE.xs },
  inline: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.m, rowGap: SPACE.xs },
  step: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, flexWrap: 'wrap', maxWidth: '100%' },
  // a long word goes on in a second line
  shows: { flexShrink: 1 },
  key: { borderWidth: 1, borderRadius: RADIUS.control, paddingHorizontal: SPACE.s, paddingVertical: 2 },
});
