import { emptyValues, programGroup } from '@barythm/core/families/pool';
import { addressOf, type Parameter } from '@barythm/core/profile';
import { dateInWords } from '@barythm/core/time';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { SPACE, TOUCH, usePalette } from '../../../ui/theme';
import { TriadName } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';
import { usePool } from '../use-pool';
import { SlotEntry } from './slot-entry';
import {
  keyWords,
  placeName,
  plain,
  readSlot,
  rowWords,
  textFor,
  type ReadSetting,
  type SlotTexts,
} from './slot-texts';

type Draft = Readonly<Record<string, SlotTexts>>;
const EMPTY: Draft = {};

/** A controller's programs as found, a slot at a time and top to bottom: copied from the one above, or as last left. */
export function WeekFoundCard() {
  const { view, jobId, write } = usePool();
  const palette = usePalette();
  const slots = programGroup(view.profile);
  const [draft, setDraft] = useDraftOf<Draft>(`found-week:${jobId}`, EMPTY);
  const [chosen, setChosen] = useState<number | null>(null);
  const [error, setError] = useState<string | null>(null);
  if (slots.length === 0) return null;
  const { document, rows } = view;
  const foundOf = (parameter: Parameter) =>
    rows.find((row) => row.address === addressOf(parameter))?.found ?? null;
  const empties = (slot: number) => emptyValues(view.profile, slot);
  const isEmpty = (slot: number) => {
    const shows = empties(slot);
    return shows.length > 0 && shows.every(({ parameter, value }) => foundOf(parameter)?.value === value);
  };
  const done = slots.filter(
    ({ slot, parameters }) => isEmpty(slot) || parameters.every((parameter) => foundOf(parameter)),
  );
  const left = slots.filter((slot) => !done.includes(slot));
  const open = document.handover ? null : (chosen ?? left[0]?.slot ?? null);
  const last = document.lastLeft;

  const record = (settings: readonly ReadSetting[], confirmed = false): boolean => {
    const refused = write({
      kind: 'sheet.enter-many',
      jobId,
      column: 'found',
      entries: settings.map(({ parameter, value, raw }) => ({
        entryId: newId(),
        address: addressOf(parameter),
        raw,
        unit: parameter.unit ?? '',
        value,
        reason: null,
        ...(confirmed ? { confirmed: true as const } : {}),
      })),
    });
    setError(refused);
    if (refused === null) setChosen(null);
    return refused === null;
  };
  /** what is known of it before anybody reads it: what is confirmed with the others stands in sight first */
  const knownOf = ({ key }: Parameter) => {
    const value = last?.values[key];
    return value === undefined ? null : { value };
  };
  const asLastLeft = () => {
    const known = slots.flatMap(({ parameters }) =>
      parameters.flatMap((parameter) => {
        const value = last?.values[parameter.key];
        return value === undefined || foundOf(parameter) ? [] : [{ parameter, value, raw: String(value) }];
      }),
    );
    if (known.length > 0) record(known, true);
  };
  /** what stands in a slot: typed, else recorded, as text */
  const textsOf = (slot: number): SlotTexts => {
    const own = slots.find((one) => one.slot === slot);
    const recorded = (own?.parameters ?? []).flatMap((parameter) => {
      const found = foundOf(parameter);
      return found && found.value !== null
        ? [[plain(parameter), textFor(parameter, found.value)] as const]
        : [];
    });
    return { ...Object.fromEntries(recorded), ...draft[slot] };
  };
  const save = (slot: number, parameters: readonly Parameter[]) => {
    const read = readSlot(parameters, textsOf(slot));
    if ('wrong' in read) {
      setError(read.wrong);
    } else if (record(read.settings)) {
      const { [slot]: _, ...rest } = draft;
      setDraft(rest);
    }
  };
  /** an empty slot is recorded by what shows that it is empty, and nothing else of it: nobody read the rest */
  const emptied = (slot: number) =>
    empties(slot).map(({ parameter, value }) => ({ parameter, value, raw: textFor(parameter, value) }));

  return (
    <Card testID="found-week">
      <View style={styles.head}>
        <TriadName column="found" />
        <Words size="small" bold colour={left.length === 0 ? 'moss' : 'quiet'}>
          {done.length} of {slots.length} programs recorded
        </Words>
      </View>
      {last && left.length > 0 && !document.handover && (
        <Button
          label={`Confirm all as ${last.source === 'reported' ? 'reported' : 'left'} ${dateInWords(last.date)}`}
          testID="week-as-left"
          onPress={asLastLeft}
        />
      )}
      {slots.map(({ slot, parameters }) =>
        slot === open ? (
          <SlotEntry
            key={slot}
            slot={slot}
            parameters={parameters}
            besides={keyWords(view.profile, slot)}
            texts={textsOf(slot)}
            above={slot > 1 ? textsOf(slot - 1) : null}
            error={error}
            onTexts={(texts) => {
              setDraft({ ...draft, [slot]: texts });
              setError(null);
            }}
            onSave={() => save(slot, parameters)}
            onEmpty={empties(slot).length > 0 ? () => record(emptied(slot)) : null}
            onRestEmpty={
              done.length > 0 && left.length > 1 && empties(slot).length > 0
                ? () => record(left.flatMap((one) => emptied(one.slot)))
                : null
            }
          />
        ) : (
          <Pressable
            key={slot}
            role="button"
            testID={`slot-${slot}-row`}
            onPress={() => setChosen(slot)}
            style={[styles.row, { borderColor: palette.line }]}
          >
            <Words style={styles.name}>{placeName(parameters[0])}</Words>
            <Words bold style={styles.value}>
              {isEmpty(slot) && !parameters.every(foundOf)
                ? 'empty'
                : parameters.some(foundOf)
                  ? rowWords(parameters, foundOf)
                  : rowWords(parameters, knownOf)}
            </Words>
          </Pressable>
        ),
      )}
    </Card>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center', flexWrap: 'wrap' },
  row: {
    minHeight: TOUCH,
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.s,
    borderTopWidth: 1,
    paddingTop: SPACE.s,
  },
  name: { width: 92 },
  value: { flex: 1, textAlign: 'right' },
});
