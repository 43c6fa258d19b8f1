import { type PathErrors, textAt, type Texts } from '@barythm/core/describe';
import { roleInWords } from '@barythm/core/families';
import { counted } from '@barythm/core/words';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Fields } from '../../form/paint';
import { Button, ButtonRow } from '../../ui/button';
import { Card } from '../../ui/card';
import { SPACE, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { RECORDED_ONLY } from './offered';
import { PARAMETER_FIELDS } from './parameter-fields';
import { blankParameter, type ProfileDraft } from './profile-draft';

interface ParametersCardProps {
  readonly draft: ProfileDraft;
  readonly errors: PathErrors;
  /** somebody asked what is missing */
  readonly tried: boolean;
  readonly onChange: (parameters: readonly Texts[]) => void;
}

/** The controller's parameters, each opened to its own form. */
export function ParametersCard({ draft, errors, tried, onChange }: ParametersCardProps) {
  const { parameters } = draft;
  const [open, setOpen] = useState<number | null>(null);
  const move = (i: number, by: -1 | 1) => {
    const next = [...parameters];
    [next[i], next[i + by]] = [next[i + by], next[i]];
    onChange(next);
    setOpen(i + by);
  };
  const add = (like?: Texts) => {
    onChange([...parameters, blankParameter(draft, like)]);
    setOpen(parameters.length);
  };
  return (
    <Card title="Parameters, in the order of work" testID="p-parameters">
      {tried && errors.parameters && (
        <Words bold colour="rust">
          {errors.parameters}
        </Words>
      )}
      {parameters.map((texts, i) => (
        <Parameter
          key={String(textAt(texts, 'key'))}
          family={draft.family}
          texts={texts}
          index={i}
          wrong={Object.keys(errors).filter((path) => path.startsWith(`parameters.${i}.`)).length}
          tried={tried}
          open={open === i}
          onToggle={() => setOpen(open === i ? null : i)}
        >
          <ButtonRow>
            <Button label="Earlier" disabled={i === 0} onPress={() => move(i, -1)} />
            <Button label="Later" disabled={i === parameters.length - 1} onPress={() => move(i, 1)} />
            <Button
              kind="danger"
              label="Remove"
              testID={`p-remove-${i}`}
              onPress={() => {
                onChange(parameters.filter((_, k) => k !== i));
                setOpen(null);
              }}
            />
          </ButtonRow>
        </Parameter>
      ))}
      {parameters.length > 0 && (
        <Button
          label="Add one, reached and stored like the last"
          testID="p-add-like"
          onPress={() => add(parameters.at(-1))}
        />
      )}
      <Button label="Add a parameter" testID="p-add" onPress={() => add()} />
    </Card>
  );
}

function Parameter({
  family,
  texts,
  index,
  wrong,
  tried,
  open,
  onToggle,
  children,
}: {
  family: ProfileDraft['family'];
  texts: Texts;
  index: number;
  wrong: number;
  tried: boolean;
  open: boolean;
  onToggle: () => void;
  children: React.ReactNode;
}) {
  const palette = usePalette();
  const told = tried && wrong > 0;
  const label = String(textAt(texts, 'label') ?? '');
  const role = String(textAt(texts, 'role') ?? '');
  const means =
    role === '' ? 'Meaning not chosen' : role === RECORDED_ONLY ? 'Only recorded' : roleInWords(family, role);
  return (
    <View style={[styles.one, { borderColor: told ? palette.rust : palette.line }]}>
      <View style={styles.head}>
        <View style={styles.grow}>
          <Words bold colour={told ? 'rust' : 'ink'}>
            {label || 'No name yet'}
          </Words>
          <Words size="small" colour="quiet">
            {means}
            {wrong > 0 ? ` · ${counted(wrong, 'place needs', 'places need')} attention` : ''}
          </Words>
        </View>
        <Button kind="quiet" label={open ? 'Fold' : 'Change'} testID={`p-open-${index}`} onPress={onToggle} />
      </View>
      {open && (
        <View style={styles.form}>
          <Fields fields={PARAMETER_FIELDS} path={`parameters.${index}`} />
          {String(textAt(texts, 'condition') ?? '') !== '' && (
            <Words size="small" colour="quiet">
              When it applies hangs on several settings at once. That was taken over as it is, and cannot be
              changed here.
            </Words>
          )}
          {children}
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  one: { borderTopWidth: 1, paddingTop: SPACE.s, gap: SPACE.m },
  head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  grow: { flex: 1, minWidth: 0 },
  form: { gap: SPACE.m },
});
