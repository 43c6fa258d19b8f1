import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { RADIUS, SPACE, TOUCH, usePalette } from './theme';
import { isFirstTap } from './touch/first-tap';
import { Words } from './words/words';

interface ButtonProps {
  readonly label: string;
  /** what a screen reader says, where the label alone does not tell which is meant; it begins with the label */
  readonly name?: string;
  readonly onPress: () => void;
  /** main: the one action of the screen; plain: beside it; quiet: text only */
  readonly kind?: 'main' | 'plain' | 'quiet' | 'danger';
  readonly disabled?: boolean;
  readonly icon?: ReactNode;
  readonly testID?: string;
  readonly grow?: boolean;
  /** tapped again and again, as fast as it goes: each counts */
  readonly again?: boolean;
}

export function Button(props: ButtonProps) {
  const { label, name, onPress, kind = 'plain', disabled, icon, testID, grow, again } = props;
  const palette = usePalette();
  const main = kind === 'main';
  const colour = main ? 'onPetrol' : kind === 'danger' ? 'rust' : 'petrol';
  return (
    <Pressable
      role="button"
      testID={testID}
      aria-label={name}
      disabled={disabled}
      aria-disabled={disabled}
      // what a tap does may bring another button to its place
      onPress={(event) => (again || isFirstTap(event)) && onPress()}
      style={({ pressed }) => [
        styles.button,
        grow && styles.grow,
        kind !== 'quiet' && {
          borderColor: kind === 'danger' ? palette.rust : palette.petrol,
          borderWidth: 1.5,
        },
        main && { backgroundColor: palette.petrol },
        pressed && styles.pressed,
        disabled && styles.disabled,
      ]}
    >
      {icon}
      <Words bold colour={colour} size={main ? 'large' : 'body'} style={styles.label}>
        {label}
      </Words>
    </Pressable>
  );
}

/** Buttons side by side, wrapping where they do not fit. */
export function ButtonRow({ children }: { children: ReactNode }) {
  return <View style={styles.row}>{children}</View>;
}

const styles = StyleSheet.create({
  button: {
    minHeight: TOUCH,
    minWidth: TOUCH,
    maxWidth: '100%',
    paddingHorizontal: SPACE.l,
    paddingVertical: SPACE.s,
    borderRadius: RADIUS.control,
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'center',
    gap: SPACE.s,
  },
  grow: { flexGrow: 1, flexBasis: 0 },
  label: { textAlign: 'center', flexShrink: 1 },
  pressed: { opacity: 0.75 },
  disabled: { opacity: 0.45 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
