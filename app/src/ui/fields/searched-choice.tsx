import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { RADIUS, SPACE, TOUCH, usePalette } from '../theme';
import { groupKeys } from '../touch/group-keys';
import { Words } from '../words/words';
import { matches } from './matches';
import { SearchInput } from './search-input';
import { UnderField } from './under-field';

interface SearchedChoiceProps<T extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly value: T | null;
  readonly onChange: (value: T) => void;
  readonly hint?: string;
  readonly testID?: string;
  readonly error?: string | null;
  /** its list stands open as soon as it is there: somebody asked for it */
  readonly atOnce?: boolean;
}

/** One of many: what is chosen, and a list that a word or two of it makes short. */
export function SearchedChoice<T extends string>(props: SearchedChoiceProps<T>) {
  const { label, options, value, onChange, hint, testID, error } = props;
  const palette = usePalette();
  const [open, setOpen] = useState(props.atOnce ?? false);
  const [search, setSearch] = useState('');
  const chosen = options.find((option) => option.value === value);
  const found = options.filter((option) => matches(option.label, search));
  const pick = (option: T) => {
    setOpen(false);
    setSearch('');
    onChange(option);
  };
  return (
    <View style={styles.choice} testID={testID} role="group" aria-label={label}>
      <Words size="small" bold>
        {label}
      </Words>
      <Pressable
        role="button"
        aria-expanded={open}
        testID={testID && `${testID}-open`}
        onPress={() => setOpen(!open)}
        style={[styles.head, { borderColor: palette.edge, backgroundColor: palette.surface }]}
      >
        <Words bold={chosen !== undefined} colour={chosen ? 'ink' : 'quiet'} style={styles.grow}>
          {chosen?.label ?? 'Choose'}
        </Words>
        <Words bold colour="petrol">
          {open ? 'Close' : 'Search'}
        </Words>
      </Pressable>
      {open && (
        <View style={[styles.list, { borderColor: palette.line }]}>
          <SearchInput
            atOnce
            label={`Search: ${label}`}
            placeholder="A word of it"
            testID={testID && `${testID}-search`}
            value={search}
            onChange={setSearch}
          />
          <View role="radiogroup" aria-label={label}>
            {found.map((option) => (
              <Pressable
                key={option.value}
                role="radio"
                aria-checked={option.value === value}
                {...groupKeys(() => pick(option.value))}
                testID={testID && `${testID}-${option.value}`}
                onPress={() => pick(option.value)}
                style={[styles.option, { borderColor: palette.line }]}
              >
                <Words bold={option.value === value} colour={option.value === value ? 'petrol' : 'ink'}>
                  {option.label}
                </Words>
              </Pressable>
            ))}
          </View>
          {found.length === 0 && <Words colour="quiet">Nothing of that name. Try a shorter word.</Words>}
        </View>
      )}
      <UnderField error={error} hint={hint} />
    </View>
  );
}

const styles = StyleSheet.create({
  choice: { gap: SPACE.xs },
  head: {
    minHeight: TOUCH,
    borderWidth: 1.5,
    borderRadius: RADIUS.control,
    paddingHorizontal: SPACE.m,
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
  },
  grow: { flex: 1, minWidth: 0 },
  list: { borderWidth: 1, borderRadius: RADIUS.control, padding: SPACE.s, gap: SPACE.s },
  option: { minHeight: TOUCH, justifyContent: 'center', borderTopWidth: 1, paddingHorizontal: SPACE.s },
});
