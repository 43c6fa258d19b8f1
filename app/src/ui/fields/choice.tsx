import { Pressable, StyleSheet, View } from 'react-native';
import { isFirstTap } from '../touch/first-tap';
import { groupKeys } from '../touch/group-keys';
import { RADIUS, SPACE, TOUCH, usePalette } from '../theme';
import { Words } from '../words/words';
import { UnderField } from './under-field';

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly value: T | null;
  readonly onChange: (value: T) => void;
  /** why one would choose what is chosen */
  readonly hint?: string;
  readonly testID?: string;
  readonly hideLabel?: boolean;
  readonly error?: string | null;
  /** what is chosen is nobody's answer yet */
  readonly offered?: boolean;
}

/** One of a few, all in sight. */
export function Choice<T extends string>(props: ChoiceProps<T>) {
  const { label, options, value, onChange, hint, testID, hideLabel, error, offered } = props;
  const palette = usePalette();
  return (
    <View style={styles.choice} role="radiogroup" aria-label={label} testID={testID}>
      {!hideLabel && (
        <Words size="small" bold>
          {label}
        </Words>
      )}
      <View style={styles.options}>
        {options.map((option) => {
          const stands = option.value === value;
          const chosen = stands && !offered;
          return (
            <Pressable
              key={option.value}
              role="radio"
              {...groupKeys(() => onChange(option.value))}
              aria-checked={chosen}
              testID={testID && `${testID}-${option.value}`}
              onPress={(event) => isFirstTap(event) && onChange(option.value)}
              style={[
                styles.option,
                { borderColor: chosen ? palette.petrol : palette.edge, backgroundColor: palette.surface },
                chosen && { backgroundColor: palette.petrol },
                stands && offered && { borderColor: palette.ochre, borderStyle: 'dashed' },
              ]}
            >
              <Words bold={chosen} colour={chosen ? 'onPetrol' : 'ink'} style={styles.text}>
                {option.label}
              </Words>
            </Pressable>
          );
        })}
      </View>
      <UnderField error={error} hint={hint} offered={offered} />
    </View>
  );
}

/** A thing to confirm by itself. */
export function Check({
  label,
  checked,
  onChange,
  testID,
}: {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
  testID?: string;
}) {
  const palette = usePalette();
  return (
    <Pressable
      role="checkbox"
      {...groupKeys(() => onChange(!checked))}
      aria-checked={checked}
      testID={testID}
      onPress={(event) => isFirstTap(event) && onChange(!checked)}
      style={styles.check}
    >
      <View
        style={[
          styles.tick,
          {
            borderColor: checked ? palette.petrol : palette.edge,
            backgroundColor: checked ? palette.petrol : palette.surface,
          },
        ]}
      >
        {checked && (
          <Words bold colour="onPetrol" size="large">
            ✓
          </Words>
        )}
      </View>
      <Words style={styles.checkText}>{label}</Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  choice: { gap: SPACE.xs },
  options: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
  option: {
    minHeight: TOUCH,
    minWidth: TOUCH,
    paddingHorizontal: SPACE.l,
    justifyContent: 'center',
    borderWidth: 1.5,
    borderRadius: RADIUS.control,
    flexShrink: 1,
    maxWidth: '100%',
  },
  text: { textAlign: 'center' },
  check: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m, minHeight: TOUCH },
  tick: {
    width: 32,
    height: 32,
    borderRadius: RADIUS.control,
    borderWidth: 2,
    alignItems: 'center',
    justifyContent: 'center',
  },
  checkText: { flex: 1 },
});
