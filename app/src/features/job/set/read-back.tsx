import { addressOf, type Parameter, type SettingValue } from '@barythm/core/profile';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraft } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Words } from '../../../ui/words';
import { ENTER_WHEN, ENTRY_SLIP } from '../../library/entry-words';
import { RouteKeys } from '../../library/route-keys';
import { useJobScope } from '../job-context';
import { parseForParameter } from '../parameter-quantity';
import { ValueEntry } from '../value-entry';

interface ReadBackProps {
  readonly parameter: Parameter;
  readonly onDone: () => void;
}

/** The way to a setting, and what the display shows after it was stored, typed in by the person. */
export function ReadBack({ parameter, onDone }: ReadBackProps) {
  const { jobId, write } = useJobScope();
  const address = addressOf(parameter);
  const [text, setText] = useDraft(`left:${jobId}:${address}`);
  const [error, setError] = useState<string | null>(null);

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
    <>
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
      <ValueEntry
        big
        parameter={parameter}
        label="The display now shows"
        testID="readback"
        text={typed}
        error={error}
        onText={(next) => {
          setText(next === '' ? null : next);
          setError(null);
        }}
        onOption={(value) => readBack(value, String(value))}
      />
      {parameter.type !== 'choice' && (
        <Button kind="main" label="Read back" testID="readback-save" onPress={save} />
      )}
    </>
  );
}
