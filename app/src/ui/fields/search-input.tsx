import { useEffect, useRef } from 'react';
import { StyleSheet, TextInput } from 'react-native';
import { FONT, RADIUS, SIZE, SPACE, textSize, TOUCH, usePalette } from '../theme';

interface SearchInputProps {
  readonly label: string;
  readonly placeholder: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly testID?: string;
  /** typing begins here without a tap */
  readonly atOnce?: boolean;
}

/** A word or a few letters of what is looked for. */
export function SearchInput({ label, placeholder, value, onChange, testID, atOnce }: SearchInputProps) {
  const palette = usePalette();
  const input = useRef<TextInput>(null);
  useEffect(() => {
    if (atOnce) input.current?.focus();
  }, [atOnce]);
  return (
    <TextInput
      ref={input}
      testID={testID}
      aria-label={label}
      placeholder={placeholder}
      placeholderTextColor={palette.quiet}
      value={value}
      onChangeText={onChange}
      style={[
        styles.search,
        { color: palette.ink, borderColor: palette.edge, backgroundColor: palette.surface },
      ]}
    />
  );
}

const styles = StyleSheet.create({
  search: {
    minHeight: TOUCH,
    borderWidth: 1.5,
    borderRadius: RADIUS.control,
    paddingHorizontal: SPACE.m,
    fontSize: textSize(SIZE.large),
    fontFamily: FONT.text,
  },
});
