import { emptyValues, type PoolProfile, programGroup } from '@barythm/core/families/pool';
import { addressOf, wordsFor, type Parameter, type SettingValue } from '@barythm/core/profile';
import { dateInWords } from '@barythm/core/time';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button, ButtonRow } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { RADIUS, SPACE, TOUCH, usePalette } from '../../../ui/theme';
import { TriadName } from '../../../ui/words/triad';
import { sentence } from '../../../ui/words/sentence';
import { Words } from '../../../ui/words/words';
import { parseForParameter } from '../../../features/job/value/parameter-quantity';
import { ValueEntry } from '../../../features/job/value/value-entry';
import { usePool } from '../use-pool';

/** What is typed of one program, by the parameter's plain key. */
type SlotTexts = Readonly<Record<string, string>>;
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
  const next = slots.find((slot) => !done.includes(slot));
  const open = document.handover ? null : (chosen ?? next?.slot ?? null);
  const last = document.lastLeft;

  const record = (
    entries: readonly { parameter: Parameter; value: SettingValue; raw: string }[],
  ): boolean => {
    const refused = write({
      kind: 'sheet.enter-many',
      jobId,
      column: 'found',
      entries: entries.map(({ parameter, value, raw }) => ({
        entryId: newId(),
        address: addressOf(parameter),
        raw,
        unit: parameter.unit ?? '',
        value,
        reason: null,
      })),
    });
    setError(refused);
    return refused === null;
  };
  const asLastLeft = () => {
    const known = slots.flatMap(({ parameters }) =>
      parameters.flatMap((parameter) => {
        const value = last?.values[parameter.key];
        return value === undefined || foundOf(parameter) ? [] : [{ parameter, value, raw: String(value) }];
      }),
    );
    if (known.length > 0 && record(known)) setChosen(null);
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
  const save = (slot: number) => {
    const own = slots.find((one) => one.slot === slot);
    if (!own) return;
    const texts = textsOf(slot);
    const read = own.parameters.map((parameter) => ({
      parameter,
      raw: texts[plain(parameter)] ?? '',
      parsed: parseForParameter('pool', parameter, texts[plain(parameter)] ?? ''),
    }));
    const wrong = read.find(({ parsed }) => !parsed.ok);
    if (wrong && !wrong.parsed.ok) {
      setError(`${wrong.parameter.label}: ${wrong.parsed.words}`);
      return;
    }
    const taken = read.flatMap(({ parameter, raw, parsed }) =>
      parsed.ok ? [{ parameter, raw, value: parsed.value }] : [],
    );
    if (record(taken)) {
      const { [slot]: _, ...rest } = draft;
      setDraft(rest);
      setChosen(null);
    }
  };
  /** an empty slot is recorded by what shows that it is empty, and nothing else of it: nobody read the rest */
  const emptied = (slot: number) =>
    empties(slot).map(({ parameter, value }) => ({ parameter, value, raw: textFor(parameter, value) }));
  const restEmpty = () => {
    const rest = slots.filter((slot) => !done.includes(slot));
    if (record(rest.flatMap(({ slot }) => emptied(slot)))) setChosen(null);
  };

  return (
    <Card testID="found-week">
      <View style={styles.head}>
        <TriadName column="found" />
        <Words size="small" bold colour={done.length === slots.length ? 'moss' : 'quiet'}>
          {done.length} of {slots.length} programs recorded
        </Words>
      </View>
      {last && done.length < slots.length && !document.handover && (
        <Button
          label={`All as ${last.source === 'reported' ? 'reported' : 'left'} ${dateInWords(last.date)}`}
          testID="week-as-left"
          onPress={asLastLeft}
        />
      )}
      {slots.map(({ slot, parameters }) =>
        slot === open ? (
          <View
            key={slot}
            style={[styles.entry, { borderColor: palette.slate, backgroundColor: palette.paper }]}
            testID={`slot-${slot}`}
          >
            <Words bold size="large">
              {placeName(parameters[0])}
            </Words>
            {keyWords(view.profile, slot) && (
              <Words size="small" bold colour="ochre" testID={`slot-${slot}-key`}>
                {keyWords(view.profile, slot)}
              </Words>
            )}
            {slot > 1 && (
              <ButtonRow>
                <Button
                  label="Same as above"
                  testID={`slot-${slot}-copy`}
                  onPress={() => setDraft({ ...draft, [slot]: textsOf(slot - 1) })}
                />
                {parameters.some(({ type }) => type === 'days') && (
                  <Button
                    label="Days as above"
                    testID={`slot-${slot}-days-above`}
                    onPress={() => {
                      const above = textsOf(slot - 1);
                      const days = parameters.filter(({ type }) => type === 'days').map(plain);
                      setDraft({
                        ...draft,
                        [slot]: {
                          ...draft[slot],
                          ...Object.fromEntries(days.map((key) => [key, above[key] ?? ''])),
                        },
                      });
                    }}
                  />
                )}
              </ButtonRow>
            )}
            <View style={styles.fields}>
              {parameters.map((parameter) => {
                const key = plain(parameter);
                const texts = textsOf(slot);
                const put = (text: string) => {
                  setDraft({ ...draft, [slot]: { ...texts, [key]: text } });
                  setError(null);
                };
                return (
                  <View
                    key={key}
                    style={
                      parameter.type === 'number' || parameter.type === 'time' ? styles.cell : styles.whole
                    }
                  >
                    <ValueEntry
                      parameter={parameter}
                      label={shortLabel(parameter)}
                      testID={`slot-${slot}-${key}`}
                      text={texts[key] ?? ''}
                      chosen={
                        parameter.options?.find(
                          ({ value, label }) => value === texts[key] || label === texts[key],
                        )?.value ?? null
                      }
                      onText={put}
                      onOption={(value) => put(String(value))}
                    />
                  </View>
                );
              })}
            </View>
            {error && (
              <Words bold colour="rust" role="alert">
                {error}
              </Words>
            )}
            <ButtonRow>
              <Button
                kind="main"
                grow
                label="Record"
                testID={`slot-${slot}-save`}
                onPress={() => save(slot)}
              />
              {empties(slot).length > 0 && (
                <Button
                  label="This slot is empty"
                  testID={`slot-${slot}-empty`}
                  onPress={() => record(emptied(slot)) && setChosen(null)}
                />
              )}
            </ButtonRow>
            {done.length > 0 && slots.length - done.length > 1 && empties(slot).length > 0 && (
              <Button
                kind="quiet"
                label="This one and all that follow are empty"
                testID="week-rest-empty"
                onPress={restEmpty}
              />
            )}
          </View>
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
              {isEmpty(slot) && !parameters.every(foundOf) ? 'empty' : rowWords(parameters, foundOf)}
            </Words>
          </Pressable>
        ),
      )}
    </Card>
  );
}

/** What a slot is besides a place for a schedule; null where it is no more. */
function keyWords({ behaviours }: PoolProfile, slot: number): string | null {
  const { keyed, timed } = behaviours.programs;
  if (timed.includes(slot))
    return 'A key for a timed run: no schedule runs in it. Its stop is how long it runs.';
  return keyed.includes(slot) ? 'It is a front key too.' : null;
}

function plain(parameter: Parameter): string {
  return parameter.key.split('/')[0];
}
function textFor(parameter: Parameter, value: SettingValue): string {
  return parameter.type === 'days' || parameter.type === 'choice'
    ? String(value)
    : wordsFor(parameter, value);
}
/** “Program 3” of “Program 3: start”. */
function placeName(parameter: Parameter): string {
  return parameter.label.split(':')[0];
}
function shortLabel(parameter: Parameter): string {
  return sentence(parameter.label.slice(parameter.label.indexOf(':') + 1).trim());
}
function rowWords(
  parameters: readonly Parameter[],
  foundOf: (parameter: Parameter) => { readonly value: SettingValue | null } | null,
): string {
  const parts = parameters.map((parameter) => {
    const found = foundOf(parameter);
    if (!found) return null;
    return found.value === null ? '?' : wordsFor(parameter, found.value);
  });
  return parts.every((part) => part === null) ? 'not read yet' : parts.map((part) => part ?? '–').join(' · ');
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center', flexWrap: 'wrap' },
  entry: { borderWidth: 2, borderRadius: RADIUS.card, padding: SPACE.m, gap: SPACE.m },
  fields: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
  cell: { flexGrow: 1, flexBasis: '28%', minWidth: 96 },
  whole: { flexBasis: '100%' },
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
