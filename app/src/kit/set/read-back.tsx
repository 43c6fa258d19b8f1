import {
  addressOf,
  faultOf,
  isTapped,
  wordsForFault,
  type Parameter,
  type SettingValue,
} from '@barythm/core/profile';
import { inForce } from '@barythm/core/sheet';
import { useState } from 'react';
import { newId } from '../../api/device';
import { useDraft } from '../../draft/use-draft';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words/words';
import { ENTER_WHEN, ENTRY_SLIP } from '../keys';
import { DialKeys, limitsInWords, useAtPanel, useDisplay, WayKeys } from '../keys';
import { useJobScope } from '../job';
import { parseForParameter, valueWords } from '../value';
import { ValueEntry } from '../value';

interface ReadBackProps {
  readonly parameter: Parameter;
  readonly onDone: () => void;
}

/** The way to a setting, and what the display shows after it was stored, typed in by the person. */
export function ReadBack({ parameter, onDone }: ReadBackProps) {
  const { view, jobId, write } = useJobScope();
  const address = addressOf(parameter);
  const [text, setText] = useDraft(`left:${jobId}:${address}`);
  const [error, setError] = useState<string | null>(null);
  const display = useDisplay();

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
      display.wasAt(parameter, 'set');
      setText(null);
      onDone();
    }
  };
  const atPanel = useAtPanel(parameter);
  const row = view.rows.find((one) => one.address === address);
  const target = row?.target?.value ?? null;
  // what was only confirmed, nobody read: presses are not counted from it
  const stands = row && inForce(row);
  const standing = stands?.confirmed ? null : (stands?.value ?? null);
  const typed = text ?? '';
  const parsed = isTapped(parameter) ? null : parseForParameter(view.family, parameter, typed);
  // a display cannot show it, so it is a slip of the finger until it is said twice
  const fault = parsed?.ok && typed !== '' ? faultOf(parameter, parsed.value, view.values.force) : null;
  const [asked, setAsked] = useState<string | null>(null);
  const save = () => {
    if (!parsed) return;
    if (!parsed.ok) setError(parsed.words);
    else if (fault) setAsked(typed);
    else readBack(parsed.value, typed);
  };

  return (
    <>
      <Words bold>{ENTER_WHEN[parameter.enterWhen]}</Words>
      <WayKeys parameter={parameter} doing="set" />
      {target !== null && atPanel.isOwn && (
        <DialKeys
          parameter={parameter}
          from={standing}
          to={target}
          values={view.values.planned}
          words={(value) => valueWords(parameter, value)}
        />
      )}
      <Words>
        Then set it, and store it: {atPanel.storedBy}
        {parameter.needsRestart ? ' It takes effect after a restart.' : ''}
        {parameter.page === undefined ? '' : ` (Maker’s manual, page ${parameter.page}.)`}
      </Words>
      {atPanel.isOwn && (
        <Words size="small" colour="quiet">
          {ENTRY_SLIP[parameter.entry]}
        </Words>
      )}
      {parameter.relearns && <Relearns {...parameter.relearns} />}
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
        onEnter={save}
        hint={limitsInWords(parameter, view.values.planned)}
        warning={fault ? wordsForFault(parameter, fault) : null}
        onOption={(value) => readBack(value, String(value))}
      />
      {fault && (
        <Words bold colour="ochre" role="alert" testID="readback-outside">
          {wordsForFault(parameter, fault)}
          {asked === typed ? ' Look at the display again. If it really shows this, record it.' : ''}
        </Words>
      )}
      {!isTapped(parameter) && (
        <Button kind="main" label="Record reading" testID="readback-save" onPress={save} />
      )}
      {fault && asked === typed && parsed?.ok && (
        // a button of its own: a second tap on the same place must not say yes
        <Button
          label={`It really shows ${typed}: record it`}
          testID="readback-outside-save"
          onPress={() => readBack(parsed.value, typed)}
        />
      )}
    </>
  );
}

/** What begins anew once it is changed: what is read before it has settled says little. */
function Relearns({ what, hours }: NonNullable<Parameter['relearns']>) {
  const until =
    hours === undefined ? '' : ` It takes about ${hours} h: what is read before then is not settled.`;
  return (
    <Words bold colour="ochre" testID="relearns">
      A change makes it learn anew: {what.replace(/\.$/, '')}.{until}
    </Words>
  );
}
