import { dateInWords, parseDate } from '@barythm/core/time';
import { createElement } from 'react';
import { Platform, StyleSheet, View } from 'react-native';
import { Button } from '../button';
import { Field } from './field';
import { SPACE, TOUCH, usePalette } from '../theme';

interface DateFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  /** said while nothing readable is typed */
  readonly hint: string;
  readonly error?: string | null;
  readonly testID: string;
  /** days that are often meant, one tap each */
  readonly often?: readonly { readonly label: string; readonly date: string }[];
}

/** A date: typed as people write it, picked in the browser's own calendar, or one of those often meant. */
export function DateField({ label, value, onChange, hint, error, testID, often = [] }: DateFieldProps) {
  const date = parseDate(value);
  return (
    <View style={styles.date}>
      <Field
        words
        label={label}
        testID={testID}
        value={value}
        hint={date === null ? hint : dateInWords(date)}
        error={error}
        onChange={onChange}
        trailing={<Calendar label={label} date={date} testID={testID} onPick={onChange} />}
      />
      {often.length > 0 && (
        <View style={styles.often}>
          {often.map((one) => (
            <Button
              key={one.date}
              kind="quiet"
              label={one.label}
              testID={`${testID}-${one.date}`}
              onPress={() => onChange(one.date)}
            />
          ))}
        </View>
      )}
    </View>
  );
}

/** The browser's own calendar; elsewhere dates are typed. */
function Calendar({
  label,
  date,
  testID,
  onPick,
}: {
  label: string;
  date: string | null;
  testID: string;
  onPick: (date: string) => void;
}) {
  const palette = usePalette();
  if (Platform.OS !== 'web') return null;
  return createElement('input', {
    type: 'date',
    'aria-label': `${label}: pick from a calendar`,
    'data-testid': `${testID}-pick`,
    value: date ?? '',
    onChange: (event: { target: { value: string } }) => event.target.value && onPick(event.target.value),
    style: {
      boxSizing: 'border-box',
      width: TOUCH,
      height: TOUCH,
      padding: 12,
      border: `1.5px solid ${palette.edge}`,
      borderRadius: 6,
      background: palette.surface,
      // the picture of a calendar alone: the date stands in the field
      color: 'transparent',
      overflow: 'hidden',
    },
  });
}

const styles = StyleSheet.create({
  date: { gap: SPACE.xs },
  often: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
});
