import {
  addressOf,
  applies,
  isThere,
  movesByItself,
  type Parameter,
  type SettingValues,
} from '@barythm/core/profile';
import { type JobView, rewrittenNext } from '@barythm/core/job';
import { keyOf } from '@barythm/core/sheet';
import { dateInWords } from '@barythm/core/time';
import { isSmall } from '@barythm/core/visit';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { screensOf } from '../../../families/registry';
import { newId } from '../../../api/device';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { TriadName } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';
import { useJobScope } from '../../../kit/job';
import { linkOf, useDisplay } from '../../../kit/keys';
import { valueWords } from '../../../kit/value';
import { FoundEntry } from './found-entry';
import { FoundMenu } from './found-menu';
import { FoundRow, type FoundLine } from './found-row';

/**
 * The settings menu by menu, in the order of work: the next one open among those of its menu, the other menus in a few lines of text with
 * every value that is known.
 */
export function FoundSheet() {
  const { view } = useJobScope();
  const [chosen, setChosen] = useState<string | null>(null);
  // the one that was recorded just now: a slip is taken back where it was made
  const [last, setLast] = useState<string | null>(null);
  // menus that a person opened or folded; by itself the one that is read is open
  const [turned, setTurned] = useState<Readonly<Record<string, boolean>>>({});
  const { rows, values, document, profile } = view;
  const apart = screensOf(view.family).found?.apart?.(view.profile);
  const isFound = (parameter: Parameter) =>
    Boolean(rows.find((row) => row.address === addressOf(parameter))?.found);
  // of a job of a few settings those that change, and what their change puts back; the rest for whoever asks
  const [wholly, setWholly] = useState(false);
  const few = isSmall(document) && !wholly ? fewOf(view) : null;
  const parameters = view.parameters.filter(
    (one) =>
      one.group !== apart &&
      !one.fixed &&
      (isThere(profile, one, values.found) || isFound(one)) &&
      (few === null || few.has(addressOf(one)) || isFound(one)),
  );
  const recorded = parameters.filter(isFound).length;
  const unread = parameters.filter((parameter) => !isFound(parameter));
  const used = unread.filter((parameter) => applies(parameter, values.found));
  const next = useNearest(used) ?? nextToRead(parameters, last, isFound, values.found);
  const many = parameters.length > LONG_SHEET && recorded < parameters.length && !document.handover;
  const open = document.handover ? null : (chosen ?? (next ? addressOf(next) : null));
  const lines = parameters.map((parameter): FoundLine => ({
    parameter,
    address: addressOf(parameter),
    found: rows.find((row) => row.address === addressOf(parameter))?.found ?? null,
  }));
  const line = (one: FoundLine) => {
    const { parameter, address, found } = one;
    if (address !== open)
      return (
        <FoundRow
          key={address}
          line={one}
          justNow={address === last}
          onOpen={() => setChosen(address)}
          onTakenBack={() => setChosen(address)}
        />
      );
    return (
      <FoundEntry
        key={address}
        parameter={parameter}
        found={found}
        follows={last !== null && chosen === null}
        onDone={() => {
          setChosen(null);
          setLast(address);
        }}
      />
    );
  };
  return (
    <Card testID="found-sheet">
      <View style={styles.head}>
        <TriadName column="found" />
        <Words size="small" bold colour={recorded === parameters.length ? 'moss' : 'quiet'}>
          {recorded} of {parameters.length} settings recorded
        </Words>
      </View>
      {many && <AllAsLeft parameters={unread} />}
      {parameters.length <= IN_ONE_LOOK
        ? lines.map(line)
        : profile.groups.map(({ key, label }) => {
            const own = lines.filter(({ parameter }) => parameter.group === key);
            if (own.length === 0) return null;
            const shown = turned[key] ?? own.some(({ address }) => address === open);
            return (
              <FoundMenu
                key={key}
                menu={key}
                label={label}
                lines={own}
                open={shown}
                onToggle={() => setTurned((now) => ({ ...now, [key]: !shown }))}
              >
                {own.filter(({ address }) => shown || address === open || address === last).map(line)}
              </FoundMenu>
            );
          })}
      {few === null && <Fixed parameters={view.parameters.filter(({ fixed }) => fixed)} />}
      {few !== null && !document.handover && (
        <Button
          kind="quiet"
          label="Read other settings too"
          testID="found-all"
          onPress={() => setWholly(true)}
        />
      )}
    </Card>
  );
}

/** Addresses of the settings that a job of a few is about. */
function fewOf({ profile, rows }: JobView): ReadonlySet<string> {
  const rewritten = rewrittenNext(profile, rows);
  return new Set(
    rows
      .filter(({ address, chosen }) => chosen !== undefined || rewritten.has(keyOf(address)))
      .map(({ address }) => address),
  );
}

/** What counts and cannot be set: nobody has to read it. */
function Fixed({ parameters }: { parameters: readonly Parameter[] }) {
  if (parameters.length === 0) return null;
  const said = parameters.map(
    (parameter) => `${parameter.label} ${valueWords(parameter, parameter.default ?? '')}`,
  );
  return (
    <Words size="small" colour="quiet" testID="found-fixed">
      Fixed in it: {said.join(' · ')}
    </Words>
  );
}

/** The setting of the menu that the display is nearest to, on the shortest walk over all of them; null where nobody knows where it stands. */
function useNearest(used: readonly Parameter[]): Parameter | null {
  const { keypad, at, link } = useDisplay();
  const keys = used
    // what a link opens is read together: it goes in and out with the supply off
    .filter((parameter) => keypad?.has(parameter) && linkOf(parameter) === link)
    .map(({ key }) => key)
    .join('\n');
  const first = useMemo(
    () => (keypad && at !== null && keys !== '' ? keypad.order(at, keys.split('\n'), 'read')[0] : null),
    [keypad, at, keys],
  );
  return used.find(({ key }) => key === first) ?? null;
}

/**
 * What is read next: the one after the last that was recorded, or from the top where none is left below it. What is not used in this mode
 * waits until all else is read.
 */
function nextToRead(
  parameters: readonly Parameter[],
  last: string | null,
  isFound: (parameter: Parameter) => boolean,
  values: SettingValues,
): Parameter | undefined {
  const at = parameters.findIndex((parameter) => addressOf(parameter) === last) + 1;
  const open = [...parameters.slice(at), ...parameters.slice(0, at)].filter((one) => !isFound(one));
  return open.find((parameter) => applies(parameter, values)) ?? open[0];
}

/** More settings than this stand menu by menu. */
const IN_ONE_LOOK = 12;

/** A sheet longer than this can be taken as last left in one go; each can still be read by itself. */
const LONG_SHEET = 3;

/** All that is not recorded yet as it was last left or reported, each in sight beside its name. It is confirmed by that, and never read. */
function AllAsLeft({ parameters }: { parameters: readonly Parameter[] }) {
  const { view, jobId, write } = useJobScope();
  const { lastLeft } = view.document;
  const known = parameters.flatMap((parameter) => {
    const value = movesByItself(parameter) ? undefined : lastLeft?.values[parameter.key];
    return value === undefined ? [] : [{ parameter, value }];
  });
  if (!lastLeft || known.length === 0) return null;
  return (
    <Button
      label={`Confirm ${known.length === 1 ? 'the other one' : `the other ${known.length}`} as ${lastLeft.source === 'reported' ? 'reported' : 'left'} ${dateInWords(lastLeft.date)}`}
      testID="sheet-as-left"
      onPress={() =>
        write({
          kind: 'sheet.enter-many',
          jobId,
          column: 'found',
          entries: known.map(({ parameter, value }) => ({
            entryId: newId(),
            address: addressOf(parameter),
            raw: String(value),
            unit: parameter.unit ?? '',
            value,
            reason: null,
            confirmed: true,
          })),
        })
      }
    />
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center', flexWrap: 'wrap' },
});
