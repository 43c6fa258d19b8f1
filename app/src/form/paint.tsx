import { StyleSheet, View } from 'react-native';
import { Check, Choice } from '../ui/fields/choice';
import { DateField as DateInput } from '../ui/fields/date-field';
import { DaysPick } from '../ui/fields/days-pick';
import { Field as Input } from '../ui/fields/field';
import { SearchedChoice } from '../ui/fields/searched-choice';
import { UnderField } from '../ui/fields/under-field';
import { SPACE, textSize } from '../ui/theme';
import { Words } from '../ui/words/words';
import {
  type CheckField,
  type ChoiceField,
  type DateField,
  type DaysField,
  type Field,
  type FigureField,
  type SwitchField,
  type TicksField,
  told,
  under,
  withText,
  type WordsField,
} from '@barythm/core/describe';
import { AsRead } from './as-read';
import { Rows } from './rows';
import { hintOf, useForm, useLook, useSpot } from './scope';

/** The fields of a group, in their order. */
export function Fields({ fields, path = '' }: { fields: readonly Field[]; path?: string }) {
  return fields.map((field, i) => <FieldView key={i} field={field} path={path} />);
}

function FieldView({ field, path }: { field: Field; path: string }) {
  const look = useLook(path);
  switch (field.kind) {
    case 'beside':
      return (
        <View style={styles.row}>
          {field.fields.map((one, i) => (
            <View key={i} style={styles.cell}>
              <FieldView field={one} path={path} />
            </View>
          ))}
        </View>
      );
    case 'only-if':
      return field.test((key) => look.here(key)) ? <Fields fields={field.fields} path={path} /> : null;
    case 'shown-if':
      return field.test(look) ? <Fields fields={field.fields} path={path} /> : null;
    case 'say':
      return field.tone === 'caution' ? (
        <Words bold colour="ochre">
          {field.words}
        </Words>
      ) : (
        <Words size="small" colour="quiet">
          {field.words}
        </Words>
      );
    case 'hidden':
      return null;
    case 'own':
      return <Own name={field.name} path={path} />;
    case 'group':
      return <Fields fields={field.fields} path={under(path, field.key)} />;
    case 'rows':
      return (
        <Rows field={field} path={under(path, field.key)}>
          {(row) => <Fields fields={field.fields} path={row} />}
        </Rows>
      );
    case 'switch':
      return <Switched field={field} path={under(path, field.key)} />;
    case 'figure':
    case 'words':
      return <Typed field={field} group={path} />;
    case 'date':
      return <Dated field={field} group={path} />;
    case 'choice':
      return <Chosen field={field} group={path} />;
    case 'check':
      return <Ticked field={field} group={path} />;
    case 'ticks':
      return <Several field={field} group={path} />;
    case 'days':
      return <Days field={field} group={path} />;
  }
}

/** What the family's page paints here. */
function Own({ name, path }: { name: string; path: string }) {
  const Paint = useForm().own?.[name];
  if (!Paint) throw new Error(`This page paints no ${name}.`);
  return <Paint path={path} />;
}

interface Of<F> {
  readonly field: F;
  /** path of the group that the field stands in */
  readonly group: string;
}

function Typed({ field, group }: Of<FigureField | WordsField>) {
  const look = useLook(group);
  const { text, set, error, missing, offered, testID } = useSpot(under(group, field.key));
  const input = (
    <Input
      words={field.kind === 'words'}
      lines={field.kind === 'words' ? field.lines : undefined}
      label={told(field.label, look)}
      unit={field.unit}
      quantity={field.kind === 'figure' ? field.quantity : undefined}
      hint={hintOf(field.hint, look, { missing, offered })}
      offered={offered}
      testID={testID}
      value={text}
      error={error}
      onChange={set}
    />
  );
  if (field.kind === 'words' || field.asRead === undefined) return input;
  // the field stays the same one while its first digit is typed
  return (
    <View style={styles.stack}>
      {input}
      {(text === '' || offered) && <AsRead read={field.asRead} field={field} testID={testID} onUse={set} />}
    </View>
  );
}

function Dated({ field, group }: Of<DateField>) {
  const look = useLook(group);
  const { text, set, error, missing, offered, testID } = useSpot(under(group, field.key));
  return (
    <DateInput
      label={told(field.label, look)}
      hint={hintOf(field.hint, look, { missing, offered }) ?? ''}
      testID={testID}
      value={text}
      error={error}
      onChange={set}
    />
  );
}

function Chosen({ field, group }: Of<ChoiceField>) {
  const look = useLook(group);
  const { texts, change } = useForm();
  const path = under(group, field.key);
  const { text, error, missing, offered, answer, testID } = useSpot(path);
  const Pick = field.searched ? SearchedChoice : Choice;
  return (
    <Pick
      label={told(field.label, look)}
      hint={hintOf(field.hint, look, { missing, offered })}
      offered={offered}
      testID={testID}
      options={told(field.options, look)}
      value={text || null}
      error={error}
      onChange={(value) => {
        answer();
        const next = withText(texts, path, value);
        change(field.follows ? field.follows(next, value, group) : next);
      }}
    />
  );
}

function Ticked({ field, group }: Of<CheckField>) {
  const look = useLook(group);
  const { text, set, testID } = useSpot(under(group, field.key));
  return (
    <Check
      label={told(field.label, look)}
      testID={testID}
      checked={text === 'yes'}
      onChange={(checked) => set(checked ? 'yes' : 'no')}
    />
  );
}

function Switched({ field, path }: { field: SwitchField; path: string }) {
  const look = useLook(path);
  const { text, set, testID } = useSpot(under(path, 'on'));
  const { error } = useSpot(path);
  return (
    <>
      <Check
        label={told(field.label, look)}
        testID={testID}
        checked={text === 'yes'}
        onChange={(checked) => set(checked ? 'yes' : 'no')}
      />
      <UnderField error={error} />
      {text === 'yes' && <Fields fields={field.fields} path={path} />}
    </>
  );
}

/** Several of a few words, each ticked by itself. What is no longer offered goes with the next tick. */
function Several({ field, group }: Of<TicksField>) {
  const look = useLook(group);
  const { text, set, error, testID } = useSpot(under(group, field.key));
  const chosen = text.split(field.by).filter(Boolean);
  const options = told(field.options, look);
  const label = told(field.label, look);
  return (
    <View role="group" aria-label={label} style={styles.set}>
      <Words size="small" bold>
        {label}
      </Words>
      {options.map(({ value, label: words }) => (
        <Check
          key={value}
          label={words}
          testID={`${testID}-${value}`}
          checked={chosen.includes(value)}
          onChange={(on) =>
            set(
              options
                .filter((other) => (other.value === value ? on : chosen.includes(other.value)))
                .map((other) => other.value)
                .join(field.by),
            )
          }
        />
      ))}
      <UnderField error={error} />
    </View>
  );
}

function Days({ field, group }: Of<DaysField>) {
  const look = useLook(group);
  const { text, set, error, testID } = useSpot(under(group, field.key));
  return (
    <DaysPick label={told(field.label, look)} testID={testID} days={text} error={error} onChange={set} />
  );
}

const styles = StyleSheet.create({
  set: { gap: SPACE.xs },
  stack: { gap: SPACE.xs },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m, alignItems: 'flex-start' },
  cell: { flexGrow: 1, flexBasis: '40%', minWidth: textSize(130) },
});
