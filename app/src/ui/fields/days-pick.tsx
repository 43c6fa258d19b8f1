import { DAY_NAMES, EVERY_DAY } from '@barythm/core/time';
import { Pressable, StyleSheet, View } from 'react-native';
import { groupKeys } from '../touch/group-keys';
import { RADIUS, SPACE, TOUCH, usePalette } from '../theme';
import { UnderField } from './under-field';
import { Words } from '../words/words';

interface DaysPickProps {
  readonly label: string;
  /** digits in order, 1 for Monday */
  readonly days: string;
  readonly onChange: (days: string) => void;
  readonly error?: string | null;
  readonly testID?: string;
  readonly hideLabel?: boolean;
}

/** Days of the week, each a key of its own. */
export function DaysPick({ label, days, onChange, error, testID, hideLabel }: DaysPickProps) {
  const palette = usePalette();
  const all = EVERY_DAY.split('').every((digit) => days.includes(digit));
  const toggle = (digit: string) => {
    const next = new Set(days);
    if (!next.delete(digit)) next.add(digit);
    onChange([...next].sort().join(''));
  };
  return (
    <View style={styles.pick} role="group" aria-label={label} testID={testID}>
      <View style={styles.head}>
        <Words size="small" bold>
          {hideLabel ? '' : label}
        </Words>
        <Pressable
          role="button"
          aria-label={all ? `${label}: no day` : `${label}: every day`}
          testID={testID && `${testID}-all`}
          onPress={() => onChange(all ? '' : EVERY_DAY)}
          style={styles.all}
        >
          <Words size="small" bold colour="petrol">
            {all ? 'No day' : 'Every day'}
          </Words>
        </Pressable>
      </View>
      <View style={styles.days}>
        {DAY_NAMES.map((name, i) => {
          const digit = String(i + 1);
          const on = days.includes(digit);
          return (
            <Pressable
              key={name}
              role="checkbox"
              {...groupKeys(() => toggle(digit))}
              aria-checked={on}
              aria-label={name}
              testID={testID && `${testID}-${digit}`}
              onPress={() => toggle(digit)}
              style={[
                styles.day,
                {
                  borderColor: on ? palette.petrol : palette.edge,
                  backgroundColor: on ? palette.petrol : palette.surface,
                },
              ]}
            >
              <Words size="small" bold={on} colour={on ? 'onPetrol' : 'ink'}>
                {name}
              </Words>
            </Pressable>
          );
        })}
      </View>
      <UnderField error={error} />
    </View>
  );
}

const styles = StyleSheet.create({
  pick: { gap: SPACE.xs },
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' },
  all: { minHeight: TOUCH, minWidth: TOUCH, justifyContent: 'center', alignItems: 'flex-end' },
  days: { flexDirection: 'row', gap: SPACE.xs },
  day: {
    flex: 1,
    minHeight: TOUCH,
    alignItems: 'center',
    justifyContent: 'center',
    borderWidth: 1.5,
    borderRadius: RADIUS.control,
  },
});
