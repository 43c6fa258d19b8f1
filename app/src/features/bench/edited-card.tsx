import { understand, type MeteringContext } from '@barythm/core/families/metering';
import {
  applies,
  faultOf,
  inOrderOfWork,
  wordsForFault,
  type Parameter,
  type SettingValue,
  type SettingValues,
} from '@barythm/core/profile';
import { useState } from 'react';
import { Card } from '../../ui/card';
import { Choice } from '../../ui/choice';
import { Field } from '../../ui/field';
import { Words } from '../../ui/words';
import { limitsInWords } from '../library/limits-in-words';
import { parseForParameter } from '../job/parameter-quantity';

interface EditedCardProps {
  readonly context: MeteringContext;
  readonly values: SettingValues;
  readonly onChange: (values: SettingValues) => void;
}

/** A copy of the sheet to try things on: nothing here is planned or written. */
export function EditedCard({ context, values, onChange }: EditedCardProps) {
  const { profile, plate } = context;
  const known = understand(profile, plate, values);
  return (
    <Card title="Edited copy" testID="edited">
      <Words size="small" colour="quiet">
        To try things on: nothing is planned or written by it.
        {known.mode === null ? ' The mode is not known yet: choose it.' : ''}
      </Words>
      {inOrderOfWork(profile)
        .filter((parameter) => applies(parameter, values))
        .map((parameter) => (
          <EditedField
            key={parameter.key}
            parameter={parameter}
            values={values}
            onValue={(value) => onChange({ ...values, [parameter.key]: value })}
          />
        ))}
    </Card>
  );
}

function EditedField({
  parameter,
  values,
  onValue,
}: {
  parameter: Parameter;
  values: SettingValues;
  onValue: (value: SettingValue) => void;
}) {
  const [typing, setTyping] = useState<string | null>(null);
  const value = values[parameter.key];
  if (parameter.type === 'choice') {
    return (
      <Choice
        label={parameter.label}
        testID={`edit-${parameter.key}`}
        options={parameter.options ?? []}
        value={(value as string | undefined) ?? null}
        onChange={onValue}
      />
    );
  }
  const parsed = typing === null ? null : parseForParameter(parameter, typing);
  const fault = parsed?.ok ? faultOf(parameter, parsed.value, values) : null;
  return (
    <Field
      label={parameter.label}
      unit={parameter.unit}
      testID={`edit-${parameter.key}`}
      value={typing ?? String(value ?? '')}
      hint={limitsInWords(parameter, values)}
      error={parsed && !parsed.ok ? parsed.words : fault ? wordsForFault(parameter, fault) : null}
      onBlur={() => setTyping(null)}
      onChange={(text) => {
        setTyping(text);
        const next = parseForParameter(parameter, text);
        if (next.ok && !faultOf(parameter, next.value, values)) onValue(next.value);
      }}
    />
  );
}
