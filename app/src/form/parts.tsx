import type { InputError } from '@barythm/core/input';
import { Pressable, StyleSheet, View } from 'react-native';
import { Button } from '../ui/button';
import { Card } from '../ui/card';
import { useWide } from '../ui/screen/layout';
import { UNANSWERED_MARK } from '../ui/pad/next-field';
import { SPACE, TOUCH, usePalette } from '../ui/theme';
import { Words } from '../ui/words/words';
import { useFold } from './fold';
import { errorsIn, type Part } from '@barythm/core/describe';
import { Fields } from './paint';
import { isTold, useForm, useLook } from './scope';

/** The parts of a long form in one card, in the order of work; each folds to one line once it is right. */
export function FoldedParts({
  title,
  parts,
  fault = null,
}: {
  title: string;
  parts: readonly Part[];
  /** what a computation could not work with, by what it calls it */
  fault?: InputError | null;
}) {
  const wide = useWide();
  return (
    <Card title={title}>
      <View style={wide ? styles.parts : styles.stack}>
        {parts.map((part) => (
          <FoldedPart
            key={part.name}
            part={part}
            fault={fault && part.fault === fault.field ? fault.message : null}
          />
        ))}
      </View>
    </Card>
  );
}

const NONE: readonly string[] = [];
const rightWords = (count: number) =>
  count === 1 ? 'The one offered is right' : `The ${count} offered are right`;

function FoldedPart({ part, fault }: { part: Part; fault: string | null }) {
  const form = useForm();
  const look = useLook('');
  const palette = usePalette();
  const wide = useWide();
  const own = errorsIn(part, form.errors);
  const wrong = own.length > 0 || fault !== null;
  const told = fault !== null || isTold(form, own);
  const offered = form.offered?.in(part) ?? NONE;
  const open = wrong || offered.length > 0;
  const [shown, toggle] = useFold(open);
  const testID = `${form.name}-part-${part.name}`;
  return (
    <View
      testID={testID}
      style={[
        styles.part,
        wide && (shown ? styles.whole : styles.half),
        { borderColor: told ? palette.rust : palette.line },
      ]}
    >
      <Pressable
        role="button"
        aria-expanded={shown}
        testID={`${form.name}-open-${part.name}`}
        disabled={open}
        onPress={toggle}
        style={styles.head}
      >
        <View style={styles.grow}>
          <Words bold colour={told ? 'rust' : 'ink'}>
            {part.title}
          </Words>
          {!(shown && open) && <Words>{part.says(look)}</Words>}
        </View>
        {!open && (
          <Words bold colour="petrol">
            {shown ? 'Fold' : 'Change'}
          </Words>
        )}
      </Pressable>
      {fault && (
        <Words bold colour="rust" role="alert">
          {fault}
        </Words>
      )}
      {shown && <Fields fields={part.fields} />}
      {offered.length > 0 && (
        <View {...UNANSWERED_MARK}>
          <Button
            label={rightWords(offered.length)}
            name={`${rightWords(offered.length)}: ${part.title}`}
            testID={`${form.name}-right-${part.name}`}
            onPress={() => form.offered?.answer(offered)}
          />
        </View>
      )}
    </View>
  );
}

/** The parts of a long form, a card each, all open: for what is described once. */
export function OpenParts({ parts }: { parts: readonly Part[] }) {
  const { name } = useForm();
  return parts.map((part) => (
    <Card key={part.name} title={part.title} testID={`${name}-part-${part.name}`}>
      <Fields fields={part.fields} />
    </Card>
  ));
}

const styles = StyleSheet.create({
  stack: { gap: SPACE.m },
  parts: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.xl, rowGap: SPACE.s },
  half: { width: '47%', flexGrow: 1 },
  whole: { width: '100%' },
  part: { borderTopWidth: 1, paddingTop: SPACE.s, gap: SPACE.m },
  head: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'center',
    gap: SPACE.m,
    minHeight: TOUCH,
  },
  grow: { flex: 1, minWidth: 0 },
});
