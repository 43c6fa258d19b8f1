import { familyOf, type FamilyContext, type FamilyName } from '@barythm/core/families';
import {
  applies,
  faultOf,
  inOrderOfWork,
  parameterWithRole,
  wordsFor,
  wordsForFault,
  type Parameter,
  type SettingValue,
  type SettingValues,
} from '@barythm/core/profile';
import { useState } from 'react';
import { Card } from '../../ui/card';
import { Words } from '../../ui/words/words';
import { limitsInWords } from '../../kit/keys';
import { parseForParameter, ValueEntry } from '../../kit/value';

interface EditedCardProps {
  readonly context: FamilyContext;
  readonly values: SettingValues;
  readonly onChange: (values: SettingValues) => void;
}

/** A copy of the sheet to try things on: nothing here is planned or written. */
export function EditedCard({ context, values, onChange }: EditedCardProps) {
  const { profile } = context;
  const mode = parameterWithRole(profile, familyOf(profile.family).modeRole ?? 'mode');
  return (
    <Card title="Edited copy" testID="edited">
      <Words size="small" colour="quiet">
        Trial only: nothing is saved.
        {mode && values[mode.key] === undefined ? ' The mode is not known yet: choose it.' : ''}
      </Words>
      {inOrderOfWork(profile)
        .filter((parameter) => !parameter.fixed && !parameter.seen && applies(parameter, values))
        .map((parameter) => (
          <EditedField
            key={parameter.key}
            family={profile.family}
            parameter={parameter}
            values={values}
            onValue={(value) => onChange({ ...values, [parameter.key]: value })}
          />
        ))}
    </Card>
  );
}

function EditedField({
  family,
  parameter,
  values,
  onValue,
}: {
  family: FamilyName;
  parameter: Parameter;
  values: SettingValues;
  onValue: (value: SettingValue) => void;
}) {
  const [typing, setTyping] = useState<string | null>(null);
  const value = values[parameter.key];
  const parsed = typing === null ? null : parseForParameter(family, parameter, typing);
  const fault = parsed?.ok ? faultOf(parameter, parsed.value, values) : null;
  const shown =
    value === undefined ? '' : parameter.type === 'days' ? String(value) : wordsFor(parameter, value);
  return (
    <ValueEntry
      parameter={parameter}
      label={parameter.label}
      testID={`edit-${parameter.key}`}
      text={typing ?? shown}
      chosen={(value as string | undefined) ?? null}
      hint={limitsInWords(parameter, values)}
      error={parsed && !parsed.ok ? parsed.words : fault ? wordsForFault(parameter, fault) : null}
      onText={(text) => {
        setTyping(text);
        const next = parseForParameter(family, parameter, text);
        if (next.ok && !faultOf(parameter, next.value, values)) onValue(next.value);
      }}
      onOption={(next) => {
        setTyping(null);
        onValue(next);
      }}
    />
  );
}
