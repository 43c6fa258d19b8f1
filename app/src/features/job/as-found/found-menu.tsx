import { originOf } from '@barythm/core/job';
import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { SPACE, TOUCH, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { useJobScope } from '../../../kit/job';
import { entryWords, valueWords } from '../../../kit/value';
import { saysOf, type FoundLine } from './found-row';

interface FoundMenuProps {
  readonly menu: string;
  readonly label: string;
  readonly lines: readonly FoundLine[];
  readonly open: boolean;
  readonly onToggle: () => void;
  /** the rows that stand open in it */
  readonly children: ReactNode;
}

/** The settings of one menu of the controller. Folded, each is a name and its value in running text: a long sheet is seen in one look. */
export function FoundMenu({ menu, label, lines, open, onToggle, children }: FoundMenuProps) {
  const palette = usePalette();
  const recorded = lines.filter(({ found }) => found).length;
  const { lastLeft } = useJobScope().view.document;
  const { shown, blank } = withoutBlankPlaces(lines, lastLeft?.values ?? {});
  return (
    <View style={[styles.menu, { borderColor: palette.line }]}>
      <Pressable
        role="button"
        aria-expanded={open}
        testID={`found-menu-${menu}`}
        onPress={onToggle}
        style={styles.fold}
      >
        <View style={styles.head}>
          <Words bold style={styles.grow}>
            {label}
          </Words>
          <Words size="small" bold colour={recorded === lines.length ? 'moss' : 'quiet'}>
            {recorded} of {lines.length}
          </Words>
          <Words bold colour="petrol">
            {open ? 'Fold' : 'Show'}
          </Words>
        </View>
        {!open && (
          <Words size="small" colour="quiet">
            {shown.map((line, i) => (
              <Words key={line.address} size="small" colour="quiet" testID={`found-in-${line.parameter.key}`}>
                {line.parameter.label} <Known line={line} />
                {(i < shown.length - 1 || blank !== null) && ' · '}
              </Words>
            ))}
            {blank !== null && (
              <Words size="small" colour="quiet" testID={`found-blank-${menu}`}>
                {blank}
              </Words>
            )}
          </Words>
        )}
      </Pressable>
      {children}
    </View>
  );
}

/** The place of its group that a setting stands in, and what that is called: “Drive 3”. */
const placeOf = ({ parameter: { key } }: FoundLine) => Number(key.split('/')[1] ?? '1');
const nameOf = ({ parameter: { label } }: FoundLine) => label.split(':')[0];

/** Eight drives of which nobody read one are not told setting by setting: places of which nothing is known are named together. */
function withoutBlankPlaces(
  lines: readonly FoundLine[],
  known: Readonly<Record<string, unknown>>,
): { readonly shown: readonly FoundLine[]; readonly blank: string | null } {
  const filled = new Set(
    lines.filter(({ found, parameter: { key } }) => found || known[key] !== undefined).map(placeOf),
  );
  const isBlank = (line: FoundLine) => placeOf(line) > 1 && !filled.has(placeOf(line));
  const names = [...new Set(lines.filter(isBlank).map(nameOf))];
  if (names.length === 0) return { shown: lines, blank: null };
  const [first, last] = [names[0], names[names.length - 1]];
  return {
    shown: lines.filter((line) => !isBlank(line)),
    blank: `${names.length === 1 ? first : `${first} to ${last}`} –`,
  };
}

/** The value in text; by whose word is said where it is another than that of the sheet, which the button above it says. */
function Known({ line: { parameter, found } }: { line: FoundLine }) {
  const { lastLeft } = useJobScope().view.document;
  const known = lastLeft?.values[parameter.key];
  if (found)
    return (
      <Words size="small" bold>
        {entryWords(parameter, found)}
      </Words>
    );
  if (known === undefined) return '–';
  const own = lastLeft && originOf(lastLeft, parameter.key).source !== lastLeft.source;
  return (
    <Words size="small">
      {own && `${saysOf(lastLeft, parameter)} `}
      {valueWords(parameter, known)}
    </Words>
  );
}

const styles = StyleSheet.create({
  menu: { borderTopWidth: 1, gap: SPACE.xs, paddingBottom: SPACE.xs },
  fold: { minHeight: TOUCH, justifyContent: 'center', gap: SPACE.xs, paddingTop: SPACE.xs },
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center', gap: SPACE.m },
  grow: { flex: 1 },
});
