import {
  addressOf,
  inOrderOfWork,
  optionWithRole,
  parameterWithRole,
  roleOfOption,
} from '@barythm/core/profile';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button, ButtonRow } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { TOUCH, SPACE, usePalette } from '../../../ui/theme';
import { TriadName } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';
import { BankView } from '../plan/bank-view';
import { useSpa } from '../use-spa';

type Read = Readonly<Record<string, 'on' | 'off'>>;
const NOTHING: Read = {};

/** The whole bank read at once, as it stands: a tap turns a switch, and what was not tapped stays not read. */
export function BankFoundCard() {
  const { view, jobId, write } = useSpa();
  const palette = usePalette();
  const [draft, setDraft] = useDraftOf<Read>(`bank:${jobId}`, NOTHING);
  const [again, setAgain] = useState(false);
  const [error, setError] = useState<string | null>(null);
  const { bank } = view.profile.behaviours;
  const own = parameterWithRole(view.profile, 'switch');
  const switches = inOrderOfWork(view.profile).filter(({ role }) => role === 'switch');
  const rows = new Map(view.rows.map((row) => [row.address, row]));
  const foundOf = (place: number) => {
    const parameter = switches[place];
    const value = rows.get(addressOf(parameter))?.found?.value;
    const role = value === undefined || value === null ? undefined : roleOfOption(parameter, value);
    return role === undefined ? null : role === 'switch.on' ? 'on' : 'off';
  };
  const recorded = switches.every((parameter) => rows.get(addressOf(parameter))?.found);
  const open = (!recorded || again) && !view.document.handover;
  const stands = (place: number) => draft[String(place + 1)] ?? (open ? null : foundOf(place));
  const turn = (place: number) => {
    const now = draft[String(place + 1)];
    setDraft({ ...draft, [String(place + 1)]: now === 'off' ? 'on' : 'off' });
    setError(null);
  };
  const restOff = () =>
    setDraft(
      Object.fromEntries(switches.map((_, place) => [String(place + 1), draft[String(place + 1)] ?? 'off'])),
    );
  const save = () => {
    const unread = switches.flatMap((_, place) => (draft[String(place + 1)] ? [] : [place + 1]));
    if (unread.length > 0) return setError(`Not read yet: ${unread.join(', ')}.`);
    const refused = write({
      kind: 'sheet.enter-many',
      jobId,
      column: 'found',
      entries: switches.map((parameter, place) => {
        const value = optionWithRole(parameter, `switch.${draft[String(place + 1)]}`) ?? '';
        return {
          entryId: newId(),
          address: addressOf(parameter),
          raw: value,
          unit: '',
          value,
          reason: null,
        };
      }),
    });
    setError(refused);
    if (refused !== null) return;
    setDraft(null);
    setAgain(false);
  };
  if (!own || switches.length === 0) return null;
  return (
    <Card title="Switches on the board" testID="bank-found" edge={recorded && !again ? 'moss' : undefined}>
      <TriadName column="found" />
      {open && (
        <Words bold colour="ochre">
          Supply off, locked and proved dead before the cabinet is opened. Look; turn nothing.
        </Words>
      )}
      <BankView
        switches={switches.map((_, place) => ({
          means: bank[place]?.means ?? '',
          setUp: bank[place]?.setUp ?? false,
          on: stands(place) === null ? null : stands(place) === 'on',
        }))}
        text={`Switches as they stand: ${switches.map((_, place) => `${place + 1} ${stands(place) ?? 'not read'}`).join(', ')}.`}
      />
      {open && (
        <>
          <View style={styles.keys}>
            {switches.map((_, place) => (
              <Pressable
                key={place}
                role="button"
                aria-label={`Switch ${place + 1}: ${stands(place) ?? 'not read'}`}
                testID={`bank-${place + 1}`}
                onPress={() => turn(place)}
                style={[styles.key, { borderColor: bank[place]?.setUp ? palette.ember : palette.edge }]}
              >
                <Words figures bold>
                  {place + 1}
                </Words>
                <Words size="small">{stands(place) ?? '?'}</Words>
              </Pressable>
            ))}
          </View>
          {error && (
            <Words bold colour="rust" role="alert">
              {error}
            </Words>
          )}
          <ButtonRow>
            <Button grow label="The rest is off" testID="bank-rest" onPress={restOff} />
            <Button grow kind="main" label="Record it" testID="bank-save" onPress={save} />
          </ButtonRow>
        </>
      )}
      {recorded && !again && !view.document.handover && (
        <Button kind="quiet" label="Read again" testID="bank-again" onPress={() => setAgain(true)} />
      )}
    </Card>
  );
}

const styles = StyleSheet.create({
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.xs },
  key: {
    flexGrow: 1,
    flexBasis: 72,
    minHeight: TOUCH,
    borderWidth: 1.5,
    borderRadius: 6,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
