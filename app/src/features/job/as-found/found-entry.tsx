import {
  addressOf,
  faultOf,
  isTapped,
  movesByItself,
  wordsForFault,
  type Parameter,
  type SettingValue,
} from '@barythm/core/profile';
import type { SheetEntry } from '@barythm/core/sheet';
import { dateInWords } from '@barythm/core/time';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { newId } from '../../../api/device';
import { useDraft } from '../../../draft/use-draft';
import { Button, ButtonRow } from '../../../ui/button';
import { Field } from '../../../ui/fields/field';
import { About } from '../../../ui/pad/about';
import { ENTRY_MARK } from '../../../ui/pad/next-field';
import { RADIUS, SPACE, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { limitsInWords, useDisplay, WayKeys } from '../../../kit/keys';
import { Notes, TakeBack, useJobScope } from '../../../kit/job';
import { parseForParameter, ValueEntry, ValueText } from '../../../kit/value';

interface FoundEntryProps {
  readonly parameter: Parameter;
  readonly found: SheetEntry | null;
  readonly onDone: () => void;
  /** it follows another that was recorded just now */
  readonly follows?: boolean;
}

/** One setting as found: same as last left in one tap, or what the display shows, or why it could not be read. */
export function FoundEntry({ parameter, found, onDone, follows }: FoundEntryProps) {
  const { view, jobId, write } = useJobScope();
  const palette = usePalette();
  const address = addressOf(parameter);
  const [text, setText] = useDraft(`found:${jobId}:${address}`);
  const [reason, setReason] = useDraft(`unread:${jobId}:${address}`);
  const [error, setError] = useState<string | null>(null);
  const display = useDisplay();
  const { lastLeft } = view.document;
  // what a lamp or a counter showed last time is no answer now
  const last = movesByItself(parameter) ? undefined : lastLeft?.values[parameter.key];
  const unit = parameter.unit ?? '';

  const record = (value: SettingValue | null, raw: string, why: string | null) => {
    const refused = write({
      kind: 'sheet.enter',
      jobId,
      entryId: newId(),
      address,
      column: 'found',
      raw,
      unit,
      value,
      reason: why,
    });
    setError(refused);
    if (refused === null) {
      if (value !== null) display.wasAt(parameter, 'read');
      else display.wasLost(parameter);
      setText(null);
      setReason(null);
      onDone();
    }
  };
  const typed = text ?? '';
  const parsed = isTapped(parameter) ? null : parseForParameter(view.family, parameter, typed);
  // what was found is taken whatever it is; outside the limits it is only said
  const fault = parsed?.ok ? faultOf(parameter, parsed.value, view.values.found) : null;
  const save = () => {
    if (!parsed) return;
    if (parsed.ok) record(parsed.value, typed, null);
    else setError(parsed.words);
  };

  return (
    <About value={`${parameter.label}, as found`}>
      <View
        style={[styles.entry, { borderColor: palette.slate, backgroundColor: palette.paper }]}
        testID={`found-${parameter.key}`}
      >
        <Words bold size="large">
          {parameter.label}
        </Words>
        <WayKeys inline parameter={parameter} doing="read" />
        {/* what must be in sight together; the pad says its name again */}
        <View {...ENTRY_MARK} style={styles.fields}>
          {last !== undefined && (
            <View style={styles.last}>
              <Words style={styles.grow}>
                {lastLeft?.source === 'reported' ? 'Reported' : 'Left'} {dateInWords(lastLeft?.date ?? '')}:{' '}
                <ValueText bold parameter={parameter} value={last} />
              </Words>
              <Button
                label="Same"
                testID={`same-${parameter.key}`}
                onPress={() => record(last, String(last), null)}
              />
            </View>
          )}
          <ValueEntry
            big
            // where one tap may do, the pad does not come over it
            atOnce={follows && last === undefined}
            hideLabel={isTapped(parameter)}
            parameter={parameter}
            label={isTapped(parameter) ? parameter.label : 'The controller shows'}
            testID={isTapped(parameter) ? `found-choice-${parameter.key}` : `found-input-${parameter.key}`}
            text={typed}
            chosen={typeof found?.value === 'string' ? found.value : null}
            error={reason === null ? error : null}
            hint={fault ? undefined : limitsInWords(parameter, view.values.found)}
            warning={fault ? wordsForFault(parameter, fault) : null}
            onText={(next) => {
              setText(next === '' ? null : next);
              setError(null);
            }}
            onEnter={save}
            onOption={(value) => record(value, String(value), null)}
          />
          {fault && (
            <Words size="small" bold colour="ochre" role="alert">
              {wordsForFault(parameter, fault)} It is recorded as you type it.
            </Words>
          )}
          {reason === null ? (
            <ButtonRow>
              {!isTapped(parameter) && (
                <Button kind="main" grow label="Record" testID={`record-${parameter.key}`} onPress={save} />
              )}
              <Button
                label="Could not be read"
                testID={`unread-${parameter.key}`}
                onPress={() => {
                  setReason('');
                  setError(null);
                }}
              />
              {found && (
                <TakeBack
                  id={found.id}
                  of={parameter.label}
                  label="Take back what was recorded"
                  testID={`take-back-${parameter.key}`}
                />
              )}
            </ButtonRow>
          ) : (
            <>
              <Field
                words
                label="Why it could not be read"
                testID={`unread-reason-${parameter.key}`}
                value={reason}
                onEnter={() => record(null, '', reason)}
                onChange={setReason}
                error={error}
              />
              <ButtonRow>
                <Button
                  kind="main"
                  grow
                  label="Record as not read"
                  testID={`unread-save-${parameter.key}`}
                  onPress={() => record(null, '', reason)}
                />
                <Button label="Back" onPress={() => setReason(null)} />
              </ButtonRow>
            </>
          )}
        </View>
        <Notes about={address} of={parameter.label} />
      </View>
    </About>
  );
}

const styles = StyleSheet.create({
  entry: { borderWidth: 2, borderRadius: RADIUS.card, padding: SPACE.m, gap: SPACE.m },
  fields: { gap: SPACE.m },
  last: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  grow: { flex: 1 },
});
