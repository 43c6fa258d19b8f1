import { changeSteps, OUTPUT_WORDS, rowOf, wipedBy } from '@barythm/core/families/spa';
import { parseFigure } from '@barythm/core/units';
import { addressOf, optionWithRole, parameterWithRole } from '@barythm/core/profile';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import type { SetCardProps } from '../../../kit/set';
import { EntryText, ValueText } from '../../../kit/value';
import { RouteKeys } from '../../../kit/keys';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check, Choice } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { SPACE } from '../../../ui/theme';
import { TriadName } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';
import { BankView } from '../plan/bank-view';
import { useSpa } from '../use-spa';

interface Draft {
  readonly done: readonly string[];
  /** null until it is said */
  readonly moved: 'dead' | 'live' | null;
  readonly licensed: boolean;
  readonly shows: string;
  readonly readBack: string;
  /** as it stood there before; left out in what was typed before it was asked */
  readonly before?: string;
}

/** The change of number step by step, in the profile's own moment: what it wipes, switch, page, choice, restart, read back, switch off, page gone. */
export function NumberCard({ row, parameter, left, onDone }: SetCardProps) {
  const { view, jobId, write } = useSpa();
  const { profile, context } = view;
  const { bank, messages, numberSeen } = profile.behaviours;
  const start: Draft = {
    done: [],
    moved: bank.length === 0 ? 'dead' : null,
    licensed: false,
    shows: '',
    readBack: '',
  };
  const [draft, setDraft] = useDraftOf<Draft>(`number-change:${jobId}`, start);
  const [error, setError] = useState<string | null>(null);
  const target = row.target?.value ?? null;
  const steps = changeSteps(profile, String(target ?? '?'));
  const wiped = wipedBy(profile);
  const rows = new Map(view.rows.map((one) => [one.address, one]));
  const unread = wiped.filter((one) => (rows.get(addressOf(one))?.found?.value ?? null) === null);
  const next = steps.find(({ key }) => !draft.done.includes(key));
  const change = (part: Partial<Draft>) => {
    setDraft({ ...draft, ...part });
    setError(null);
  };
  const message = messages.find(({ shows }) => shows.toLowerCase() === draft.shows.trim().toLowerCase());
  // where it is seen in the set-up page alone, nobody could read it on arrival
  const asksBefore = numberSeen === 'set-up' && typeof row.found?.value !== 'number';
  const differs = row.left !== null && row.left.value !== target;
  /** The set-up switch was seen off in this very change: it is not to be read once more. */
  const seenOff = () => {
    const own = parameterWithRole(profile, 'switch', bank.findIndex(({ setUp }) => setUp) + 1);
    const value = own && optionWithRole(own, 'switch.off');
    if (!own || value === undefined || rows.get(addressOf(own))?.target?.value !== value) return;
    write({
      kind: 'sheet.enter',
      jobId,
      entryId: newId(),
      address: addressOf(own),
      column: 'left',
      raw: value,
      unit: '',
      value,
      reason: null,
    });
  };
  const save = () => {
    const read = parseFigure(draft.readBack, 'plain');
    if (!read.ok) return setError(read.words);
    if (!isNumber(read)) return setError('A number of the table is a whole number.');
    if (draft.moved === null) return setError('Say how the set-up switch was moved.');
    const found = row.found?.value;
    const before = parseFigure(draft.before ?? '', 'plain');
    if (asksBefore && (draft.before ?? '').trim() !== '' && !isNumber(before))
      return setError('The number that stood there is a whole number of the table, or left empty.');
    const refused =
      write({
        kind: 'job.record',
        jobId,
        recordId: newId(),
        record: {
          kind: 'number-change',
          from: typeof found === 'number' ? found : asksBefore && isNumber(before) ? before.value : null,
          ...(numberSeen === 'set-up' && { readInside: draft.done.includes('inside') }),
          readBack: read.value,
          moved: draft.moved,
          licensed: draft.moved === 'live' && draft.licensed,
          switchOff: draft.done.includes('off') || bank.every(({ setUp }) => !setUp),
          pageGone: draft.done.includes('gone'),
          clockSet: draft.done.includes('clock'),
          shows: draft.shows.trim(),
        },
      }) ??
      write({
        kind: 'sheet.enter',
        jobId,
        entryId: newId(),
        address: addressOf(parameter),
        column: 'left',
        raw: draft.readBack,
        unit: parameter.unit ?? '',
        value: read.value,
        reason: null,
      });
    setError(refused);
    if (refused !== null) return;
    if (draft.done.includes('off')) seenOff();
    setDraft(null);
    onDone();
  };
  const table = context?.table ?? profile.behaviours.rows;
  const stands = rowOf(table, typeof target === 'number' ? target : null);
  return (
    <Card edge={differs ? 'rust' : 'petrol'} title="Change of number" testID={`set-${parameter.key}`}>
      <Words size="small" colour="quiet" testID="set-left">
        {left === 1 ? 'the last one' : `${left} to enter`}
      </Words>
      <View style={styles.values}>
        <View>
          <TriadName column="found" />
          <EntryText size="large" parameter={parameter} entry={row.found} />
        </View>
        <View>
          <TriadName column="target" />
          <ValueText
            bold
            size="hero"
            colour="petrol"
            testID="set-target"
            parameter={parameter}
            value={target}
          />
        </View>
      </View>
      {differs && (
        <Words bold colour="rust" role="alert" testID="set-differs">
          The display shows {String(row.left?.value)}, not {String(target)}: go through it again.
        </Words>
      )}
      {stands && (
        <Words>
          Row {stands.number}:{' '}
          {stands.pumps
            .map(
              (speeds, i) =>
                `${OUTPUT_WORDS[`pump-${i + 1}` as 'pump-1']} ${speeds === 2 ? 'two speeds' : 'one speed'}`,
            )
            .join(', ')}
          {stands.blower ? ', blower' : ''}
          {stands.circulation ? ', circulation pump' : ''}.
        </Words>
      )}
      <Words bold>It puts back: {wiped.map(({ label }) => label).join(', ') || 'nothing'}.</Words>
      {unread.length > 0 && (
        <Words bold colour="ochre" role="alert" testID="number-unread">
          Not read as found: {unread.map(({ label }) => label).join(', ')}. Afterwards nobody knows what it
          was.
        </Words>
      )}
      {bank.length > 0 && (
        <BankView
          switches={bank.map((one, i) => ({
            ...one,
            on: one.setUp
              ? draft.done.includes('off')
                ? false
                : draft.done.includes('on') || (view.settings.switches[i] ?? null)
              : (view.settings.switches[i] ?? null),
          }))}
          text="The bank at this step."
        />
      )}
      {steps.map((step) => {
        const done = draft.done.includes(step.key);
        return (
          <View key={step.key} style={styles.step}>
            {step.caution && step.key === next?.key && (
              <Words bold colour="ochre">
                {step.caution}
              </Words>
            )}
            <Check
              label={step.words}
              testID={`change-${step.key}`}
              checked={done}
              onChange={(on) => {
                const others = draft.done.filter((one) => one !== step.key);
                change({ done: on ? [...others, step.key] : others });
              }}
            />
            {step.key === 'choose' && !done && next?.key === 'choose' && (
              <RouteKeys route={parameter.route} />
            )}
          </View>
        );
      })}
      {bank.length > 0 && (
        <Choice
          label="The set-up switch was moved"
          testID="change-moved"
          options={[
            { value: 'dead', label: 'Supply off, proved dead' },
            { value: 'live', label: 'On a live board' },
          ]}
          value={draft.moved}
          onChange={(moved) => change({ moved: moved as Draft['moved'] })}
        />
      )}
      {draft.moved === 'live' && (
        <Check
          label="By a licensed electrician, with covers and an insulated tool"
          testID="change-licensed"
          checked={draft.licensed}
          onChange={(licensed) => change({ licensed })}
        />
      )}
      <Field
        words
        label="What the display showed after the restart"
        hint="As it stands there; empty for nothing"
        testID="change-shows"
        value={draft.shows}
        onChange={(shows) => change({ shows })}
      />
      {draft.shows.trim() !== '' && (
        <Words bold colour={message?.kind === 'fault' ? 'rust' : 'ink'} testID="change-message">
          {message
            ? `${message.kind === 'reminder' ? 'A reminder' : 'A fault'}: ${message.means} ${message.todo}`
            : 'Not in its list: it is recorded as seen. Look it up in the maker’s manual.'}
        </Words>
      )}
      {asksBefore && (
        <Field
          label="Number that stood in the set-up page before"
          hint="Read before it is changed; empty if nobody did"
          testID="change-stood"
          value={draft.before ?? ''}
          onChange={(before) => change({ before })}
        />
      )}
      <Field
        big
        label={
          numberSeen === 'set-up'
            ? 'Number read back in the set-up page'
            : 'Number read back after the restart'
        }
        testID="change-readback"
        value={draft.readBack}
        error={error}
        onEnter={save}
        onChange={(readBack) => change({ readBack })}
      />
      {parseFigure(draft.readBack, 'plain').ok && rowOf(table, Number(draft.readBack)) === null && (
        <Words bold colour="ochre" role="alert" testID="change-no-row">
          No row of the table has this number. If the display really shows it, record it: it is a finding
          then.
        </Words>
      )}
      <Button kind="main" label="Record the change" testID="change-save" onPress={save} />
    </Card>
  );
}

/** A number of the table, typed and understood. */
const isNumber = (read: ReturnType<typeof parseFigure>): read is Extract<typeof read, { ok: true }> =>
  read.ok && Number.isInteger(read.value) && read.value >= 0 && read.value <= 999;

const styles = StyleSheet.create({
  values: { flexDirection: 'row', gap: SPACE.xl, alignItems: 'flex-end', flexWrap: 'wrap' },
  step: { gap: SPACE.xs },
});
