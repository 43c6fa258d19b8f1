import { dialled, pressesIn } from '@barythm/core/keypad';
import type { Parameter, SettingValue, SettingValues } from '@barythm/core/profile';
import { counted } from '@barythm/core/words';
import { StyleSheet, View } from 'react-native';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { RouteKeys } from './route-keys';

interface DialKeysProps {
  readonly parameter: Parameter;
  /** what the display shows now, as far as it was read; null where nobody did */
  readonly from: SettingValue | null;
  readonly to: SettingValue;
  readonly values: SettingValues;
  /** a value as it reads, with its unit */
  readonly words: (value: SettingValue) => string;
}

/** The keys from the value that stands there to the target, counted; nothing where the profile does not say how its keys change it. */
export function DialKeys({ parameter, from, to, values, words }: DialKeysProps) {
  if (parameter.dial === undefined || from === to) return null;
  const steps = from === null ? null : dialled(parameter, from, to, values);
  if (steps === null)
    return (
      <Words size="small" colour="quiet" testID={`dial-${parameter.key}`}>
        Its presses cannot be counted from {from === null ? 'a value that nobody read' : words(from)}: press
        until it shows {words(to)}.
      </Words>
    );
  return (
    <View style={styles.dial} testID={`dial-${parameter.key}`}>
      <Words size="small" colour="quiet">
        From {words(from!)} to {words(to)}, {counted(pressesIn(steps), 'press', 'presses')}
        {parameter.dial.firstOnlyShows ? '; the first only makes it flash' : ''}:
      </Words>
      <RouteKeys inline route={steps} />
    </View>
  );
}

const styles = StyleSheet.create({ dial: { gap: SPACE.xs } });
