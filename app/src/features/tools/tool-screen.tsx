import { toolById, type AnyTool, type ToolAnswer, type ToolField, type ToolLine } from '@barythm/core/tools';
import { displayUnit, figureNumber, INTERNAL_UNIT, type Reader } from '@barythm/core/units';
import { useLocalSearchParams } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { Field } from '../../ui/fields/field';
import { useReader } from '../../ui/reader';
import { Screen } from '../../ui/screen/screen';
import { Empty } from '../../ui/screen/states';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { SignalToolChart } from './signal-tool-chart';
import { useToolForm, type ToolForm } from './use-tool-form';

/** One calculator: the answer on top, where it stays in view, then its fields. */
export function ToolScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const tool = toolById(id);
  if (!tool) {
    return (
      <Screen title="Tools">
        <Empty title="No such tool" todo="Go back to Tools and choose one there." />
      </Screen>
    );
  }
  return <OpenTool key={id} tool={tool} />;
}

function OpenTool({ tool }: { tool: AnyTool }) {
  const form = useToolForm(tool);
  return (
    <Screen title={tool.name} over="Tools" back="/tools">
      <Answer answer={form.answer} />
      <Card title="Your figures">
        <View style={styles.fields}>
          {tool.fields.map((field) => (
            <OneField key={field.name} field={field} form={form} />
          ))}
        </View>
      </Card>
      {tool.id === 'signal' && <SignalToolChart texts={form.texts} />}
      <Words size="small" colour="quiet">
        {tool.about} Arithmetic on your own figures; the maker’s manual and the safety data sheet come first.
      </Words>
    </Screen>
  );
}

/** A line of an answer in the reader's units. */
function forReader({ value, unit, figure }: ToolLine, reader: Reader): { value: string; unit: string } {
  if (!figure || reader.system === 'metric') return { value, unit };
  return { value: figureNumber(figure, reader), unit: displayUnit(figure.q, reader.system) };
}

function Answer({ answer }: { answer: ToolAnswer | null }) {
  const reader = useReader();
  const verdict = answer?.verdict;
  const main = answer && forReader(answer.main, reader);
  return (
    <Card edge={verdict ? (verdict.good ? 'moss' : 'ochre') : undefined}>
      <View>
        {answer?.main.label ? (
          <Words size="small" colour="quiet">
            {answer.main.label}
          </Words>
        ) : null}
        <Words figures bold size="hero" testID="tool-result">
          {main?.value ?? '–'}
          <Words size="large" colour="quiet">
            {` ${main?.unit ?? ''}`}
          </Words>
        </Words>
      </View>
      {verdict && (
        <Words bold colour={verdict.good ? 'moss' : 'ochre'} testID="tool-verdict">
          {verdict.words}
        </Words>
      )}
      {answer?.lines.map((line, i) => (
        <View key={i} style={styles.line}>
          <Words style={styles.label}>{line.label}</Words>
          <Words figures bold>
            {forReader(line, reader).value}
            <Words colour="quiet">{` ${forReader(line, reader).unit}`}</Words>
          </Words>
        </View>
      ))}
    </Card>
  );
}

function OneField({ field, form }: { field: ToolField; form: ToolForm }) {
  const value = form.texts[field.name] ?? '';
  if (field.kind === 'choice') {
    return (
      <View style={styles.whole}>
        <Choice
          label={field.label}
          testID={`tool-${field.name}`}
          options={field.options?.(form.texts) ?? []}
          value={value}
          onChange={(next) => form.set(field.name, next)}
        />
      </View>
    );
  }
  const words = field.kind === 'figures' || field.kind === 'rows';
  return (
    <View style={words ? styles.whole : styles.cell}>
      <Field
        label={field.label}
        {...(field.unit === INTERNAL_UNIT[field.quantity] && !words
          ? { quantity: field.quantity }
          : { unit: field.unit || undefined })}
        hint={field.hint}
        words={words}
        lines={field.kind === 'rows' ? 4 : 1}
        value={value}
        error={form.errors[field.name]}
        onChange={(text) => form.set(field.name, text)}
        testID={`tool-${field.name}`}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  fields: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'flex-end',
    columnGap: SPACE.m,
    rowGap: SPACE.l,
  },
  cell: { flexBasis: '45%', flexGrow: 1, minWidth: 0 },
  whole: { width: '100%' },
  line: { flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.m, flexWrap: 'wrap' },
  label: { flexShrink: 1 },
});
