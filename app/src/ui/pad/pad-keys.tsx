import type { RefObject } from 'react';
import { Platform, Pressable, StyleSheet, View, type GestureResponderEvent } from 'react-native';
import { useShort } from '../screen/layout';
import type { PadTarget } from './pad-target';
import { goOn } from './next-field';
import { RADIUS, SIZE, SPACE, TOUCH, usePalette } from '../theme';
import { Words } from '../words/words';

/** The decimal mark of this device's language. Both are understood, whichever is typed. */
export function decimalMark(): string {
  return new Intl.NumberFormat().formatToParts(1.5).find(({ type }) => type === 'decimal')?.value ?? '.';
}

/** The pad's keys: the units of the field on top, digits under them, and the key that goes on at the thumb. */
export function PadKeys({ target, onDone }: { target: RefObject<PadTarget>; onDone: () => void }) {
  const palette = usePalette();
  const short = useShort();
  const { label, about, hint, error, warning, unit, units, onEnter, onRecord, time } = target.current;
  const press = (key: string) => {
    const { value, onChange } = target.current;
    if (key === '−') onChange(/^[-−]/.test(value) ? value.slice(1) : `-${value}`);
    else onChange(value + key);
  };
  const rows = [
    ['7', '8', '9'],
    ['4', '5', '6'],
    ['1', '2', '3'],
    time ? [':', '0', '00'] : [decimalMark(), '0', '−'],
  ];
  return (
    <View
      style={[
        styles.pad,
        short && styles.beside,
        { backgroundColor: palette.paper, borderColor: palette.edge },
      ]}
      testID="figure-pad"
      role="group"
      aria-label={`Figures for ${label}`}
    >
      <View style={styles.about} testID="pad-about">
        <Words bold numberOfLines={2}>
          {about ?? label}
        </Words>
        {error || warning ? (
          <Words size="small" bold colour={error ? 'rust' : 'ochre'} numberOfLines={3}>
            {error || warning}
          </Words>
        ) : hint ? (
          <Words size="small" colour="quiet" numberOfLines={1}>
            {hint}
          </Words>
        ) : null}
      </View>
      <View style={styles.top}>
        {units.length > 0 ? (
          units.map((one) => (
            <PadKey
              key={one}
              label={one}
              small
              chosen={one === unit}
              testID={`pad-unit-${one}`}
              onPress={() => target.current.onUnit(one)}
            />
          ))
        ) : (
          <View style={styles.unit}>
            <Words bold colour="petrol">
              {unit === '-' ? '' : unit}
            </Words>
          </View>
        )}
        {onRecord && !onEnter && (
          <PadKey
            small
            label="Record"
            name="Record what is typed so far"
            testID="pad-record"
            onPress={() => goOn(target.current.onRecord)}
          />
        )}
        <PadKey
          small
          label="Done"
          testID="pad-done"
          onPress={() => {
            if (typeof document !== 'undefined') (document.activeElement as HTMLElement | null)?.blur();
            onDone();
          }}
        />
      </View>
      <View style={styles.keys}>
        <View style={styles.grid}>
          {rows.map((row) => (
            <View key={row.join()} style={styles.row}>
              {row.map((key) => (
                <PadKey key={key} label={key} onPress={() => press(key)} />
              ))}
            </View>
          ))}
        </View>
        <View style={styles.side}>
          <PadKey
            label="⌫"
            name="Delete last"
            onPress={() => target.current.onChange(target.current.value.slice(0, -1))}
          />
          <PadKey label="Clear" small onPress={() => target.current.onChange('')} />
          <PadKey
            tall
            main
            small
            label={onEnter ? 'Record' : 'Next'}
            testID="pad-next"
            onPress={() => goOn(target.current.onEnter)}
          />
        </View>
      </View>
    </View>
  );
}

interface PadKeyProps {
  readonly label: string;
  /** what the sign on it means */
  readonly name?: string;
  readonly onPress: () => void;
  readonly main?: boolean;
  readonly chosen?: boolean;
  /** words, not a digit */
  readonly small?: boolean;
  /** as high as two */
  readonly tall?: boolean;
  readonly testID?: string;
}

function PadKey({ label, name, onPress, main, chosen, small, tall, testID }: PadKeyProps) {
  const palette = usePalette();
  const filled = main || chosen;
  return (
    <Pressable
      role="button"
      aria-label={name ?? label}
      aria-pressed={chosen}
      tabIndex={-1}
      testID={testID}
      // keeps the field focused, so that what is typed and what is tapped go to the same place
      {...{ onMouseDown: (event: GestureResponderEvent) => event.preventDefault() }}
      onPress={onPress}
      style={({ pressed }) => [
        styles.key,
        tall && styles.tall,
        { borderColor: palette.line, backgroundColor: filled ? palette.petrol : palette.surface },
        pressed && styles.pressed,
      ]}
    >
      <Words
        bold
        figures={!small}
        size={small ? 'body' : 'large'}
        colour={filled ? 'onPetrol' : 'ink'}
        style={small && styles.word}
      >
        {label}
      </Words>
    </Pressable>
  );
}

/** The largest words that fit on the narrowest key. */
const MOST_WORD_px = 22;

const styles = StyleSheet.create({
  pad: { gap: SPACE.xs, padding: SPACE.s, borderTopWidth: 1.5 },
  beside: { borderTopWidth: 0, borderLeftWidth: 1.5, width: 320, justifyContent: 'flex-end' },
  about: { paddingHorizontal: SPACE.s, flexShrink: 1 },
  top: { flexDirection: 'row', gap: SPACE.xs },
  unit: { flex: 3, minHeight: TOUCH, justifyContent: 'center', paddingLeft: SPACE.s },
  keys: { flexDirection: 'row', gap: SPACE.xs },
  grid: { flex: 3, gap: SPACE.xs },
  row: { flexDirection: 'row', gap: SPACE.xs },
  side: { flex: 1, gap: SPACE.xs },
  key: {
    flex: 1,
    minHeight: TOUCH,
    minWidth: TOUCH,
    alignItems: 'center',
    justifyContent: 'center',
    borderWidth: 1,
    borderRadius: RADIUS.control,
  },
  tall: { flexGrow: 2, minHeight: TOUCH * 2 + SPACE.xs },
  pressed: { opacity: 0.6 },
  // a key keeps its size, and its word stays on it
  word: { fontSize: Platform.OS === 'web' ? `min(1rem, ${MOST_WORD_px}px)` : SIZE.body } as object,
});
