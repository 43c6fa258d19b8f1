import { addressOf, type Parameter, type SettingValue } from '@barythm/core/profile';
import { sameValue, type SheetRow } from '@barythm/core/sheet';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { newId } from '../../../api/device';
import { useDraft } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { SPACE } from '../../../ui/theme';
import { TriadName } from '../../../ui/triad';
import { Words } from '../../../ui/words';
import { ENTER_WHEN, ENTRY_SLIP } from '../../library/entry-words';
import { RouteKeys } from '../../library/route-keys';
import { useJobScope } from '../job-context';
import { parseForParameter } from '../parameter-quantity';
import { EntryText, ValueText } from '../value-text';
import { entryWords, valueWords } from '../value-words';

interface SetCardProps {
  readonly row: SheetRow;
  readonly parameter: Parameter;
  /** how many are still to do, this one counted */
  readonly left: number;
  readonly onDone: () => void;
}

/** One parameter to enter: target large, the way to it, and what the display shows afterwards, typed in by the person. */
export function SetCard({ row, parameter, left, onDone }: SetCardProps) {
  const { jobId, write } = useJobScope();
  const address = addressOf(parameter);
  const [text, setText] = useDraft(`left:${jobId}:${address}`);
  const [error, setError] = useState<string | null>(null);
  const target = row.target?.value ?? null;
  const differs = row.left !== null && !sameValue(row.left.value, target);

  const readBack = (value: SettingValue, raw: string) => {
    const refused = write({
      kind: 'sheet.enter',
      jobId,
      entryId: newId(),
      address,
      column: 'left',
      raw,
      unit: parameter.unit ?? '',
      value,
      reason: null,
    });
    setError(refused);
    if (refused === null) {
      setText(null);
      onDone();
    }
  };
  const typed = text ?? '';
  const save = () => {
    const parsed = parseForParameter(parameter, typed);
    if (parsed.ok) readBack(parsed.value, typed);
    else setError(parsed.words);
  };

  return (
    <Card edge={differs ? 'rust' : 'petrol'} testID={`set-${parameter.key}`}>
      <View style={styles.head}>
        <Words bold size="large">
          {parameter.label}
        </Words>
        <Words size="small" colour="quiet">
          {left === 0 ? 'entered already' : left === 1 ? 'the last one' : `${left} to enter`}
        </Words>
      </View>
      <View style={styles.values}>
        <View>
          <TriadName column="found" />
          <EntryText size="large" parameter={parameter} entry={row.found} />
        </View>
        <View style={styles.target}>
          <TriadName column="target" />
          <ValueText
            bold
            size={parameter.type === 'number' ? 'hero' : 'figure'}
            colour="petrol"
            testID="set-target"
            parameter={parameter}
            value={target}
          />
        </View>
      </View>
      {differs && (
        <View role="alert" testID="set-differs">
          <Words bold size="large" colour="rust">
            The display shows {entryWords(parameter, row.left)}, not{' '}
            {target === null ? '' : valueWords(parameter, target)}.
          </Words>
          <Words>Enter it again and store it: {parameter.storedBy}</Words>
        </View>
      )}
      <Words bold>{ENTER_WHEN[parameter.enterWhen]}</Words>
      <RouteKeys route={parameter.route} />
      <Words>
        Then set it, and store it: {parameter.storedBy}
        {parameter.needsRestart ? ' It takes effect after a restart.' : ''}
      </Words>
      <Words size="small" colour="quiet">
        {ENTRY_SLIP[parameter.entry]}
      </Words>
      {parameter.caution && (
        <Words bold colour="ochre">
          {parameter.caution}
        </Words>
      )}
      {parameter.type === 'choice' ? (
        <Choice
          label="The display now shows"
          testID="readback"
          options={(parameter.options ?? []).map(({ value, label }) => ({ value, label }))}
          value={null}
          error={error}
          onChange={(value) => readBack(value, value)}
        />
      ) : (
        <>
          <Field
            big
            label="The display now shows"
            unit={parameter.unit}
            testID="readback"
            value={typed}
            error={error}
            onChange={(next) => {
              setText(next === '' ? null : next);
              setError(null);
            }}
          />
          <Button kind="main" label="Read back" testID="readback-save" onPress={save} />
        </>
      )}
    </Card>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'baseline', gap: SPACE.s },
  values: { flexDirection: 'row', gap: SPACE.xl, alignItems: 'flex-end', flexWrap: 'wrap' },
  target: { flexShrink: 1 },
});
