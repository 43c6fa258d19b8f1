import type { Parameter, SettingValues } from '@barythm/core/profile';
import { timeOfDay } from '@barythm/core/time';
import { useRef, useState } from 'react';
import { Field } from '../../ui/fields/field';
import { limitsInWords } from '../keys';
import { useJobScope } from '../job';
import { parseForParameter, type ParsedValue } from '../value';
import { taken } from './taken';

interface TargetFieldProps {
  readonly parameter: Parameter;
  /** what the controller would hold with the plan */
  readonly values: SettingValues;
  readonly onValue: (value: number) => void;
}

/** A target that can be moved on a picture, as a figure or a time of day to be typed, in the controller's own unit. */
export function TargetField({ parameter, values, onValue }: TargetFieldProps) {
  const { view } = useJobScope();
  const [typing, setTyping] = useState<string | null>(null);
  const value = values[parameter.key];
  // what stood there before typing began: a text that cannot be taken must not leave half of itself in the plan
  const before = useRef<number | null>(null);
  const read = (text: string): ParsedValue<number> => {
    const parsed = parseForParameter(view.family, parameter, text);
    if (!parsed.ok) return parsed;
    return typeof parsed.value === 'number'
      ? { ok: true, value: parsed.value }
      : { ok: false, words: 'Type a figure.' };
  };
  const shown =
    parameter.type === 'time' && typeof value === 'number' ? timeOfDay(value) : String(value ?? '');
  const parsed = typing === null ? null : read(typing);
  const fits = parsed?.ok ? taken(parameter, values, parsed.value) === parsed.value : true;
  const error =
    parsed === null
      ? null
      : !parsed.ok
        ? parsed.words
        : fits
          ? null
          : `This controller takes ${limitsInWords(parameter, values)}.`;
  return (
    <Field
      label={parameter.label}
      unit={parameter.unit}
      testID={`point-${parameter.key}`}
      value={typing ?? shown}
      time={parameter.type === 'time'}
      error={error}
      onBlur={() => setTyping(null)}
      onChange={(text) => {
        if (typing === null) before.current = typeof value === 'number' ? value : null;
        setTyping(text);
        const next = read(text);
        if (next.ok && taken(parameter, values, next.value) === next.value) onValue(next.value);
        else if (before.current !== null) onValue(before.current);
      }}
    />
  );
}
