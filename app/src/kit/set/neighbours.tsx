import { addressOf, parameterAt, type Parameter, type SettingValue } from '@barythm/core/profile';
import type { SheetEntry } from '@barythm/core/sheet';
import { useState } from 'react';
import { View } from 'react-native';
import { newId } from '../../api/device';
import { Button, ButtonRow } from '../../ui/button';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { useJobScope } from '../job';
import { parseForParameter } from '../value';
import { ValueEntry } from '../value';
import { entryWords } from '../value';

/** What stands beside a value that did not take: each is read before anything is entered again (ANY-06 to ANY-08). */
export function Neighbours({ owed }: { owed: readonly string[] }) {
  const { view } = useJobScope();
  const { profile } = view.document;
  return (
    <View style={{ gap: SPACE.m }} testID="neighbours">
      <Words bold>
        It shows what was found: it was opened and not stored, or the keys edited what stands beside it. Go
        there, only look, and leave without storing.
      </Words>
      {owed.map((address) => {
        const parameter = parameterAt(profile, address);
        const row = view.rows.find((candidate) => candidate.address === address);
        const held = row?.left ?? row?.found ?? null;
        return parameter && held && <Neighbour key={address} parameter={parameter} held={held} />;
      })}
    </View>
  );
}

function Neighbour({ parameter, held }: { parameter: Parameter; held: SheetEntry }) {
  const { view, jobId, write } = useJobScope();
  const [text, setText] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const address = addressOf(parameter);
  const reads = (value: SettingValue | null, raw: string) => {
    const body = { kind: 'sheet.enter', jobId, entryId: newId(), address, column: 'left' } as const;
    setError(write({ ...body, raw, unit: parameter.unit ?? '', value, reason: null }));
  };
  const save = () => {
    const parsed = parseForParameter(view.family, parameter, text ?? '');
    if (parsed.ok) reads(parsed.value, text ?? '');
    else setError(parsed.words);
  };
  return (
    <View style={{ gap: SPACE.s }} testID={`beside-${parameter.key}`}>
      <Words>
        {parameter.label}, before: <Words bold>{entryWords(parameter, held)}</Words>
      </Words>
      {text === null && (
        <ButtonRow>
          <Button
            kind="main"
            label="Shows the same"
            testID={`beside-${parameter.key}-same`}
            onPress={() => reads(held.value, held.raw)}
          />
          <Button
            label="Shows another value"
            testID={`beside-${parameter.key}-other`}
            onPress={() => setText('')}
          />
        </ButtonRow>
      )}
      {text !== null && (
        <>
          <ValueEntry
            parameter={parameter}
            label={`${parameter.label} shows`}
            testID={`beside-${parameter.key}-value`}
            text={text}
            error={error}
            onText={(next) => {
              setText(next);
              setError(null);
            }}
            onOption={(value) => reads(value, String(value))}
          />
          {parameter.type !== 'choice' && (
            <Button label="Record it" testID={`beside-${parameter.key}-save`} onPress={save} />
          )}
        </>
      )}
    </View>
  );
}
