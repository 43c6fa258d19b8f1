import { parameterAt, type Parameter } from '@barythm/core/profile';
import type { SheetEntry, SheetRow } from '@barythm/core/sheet';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { newId } from '../../api/device';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { SPACE, textSize, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { useJobScope } from '../job';
import { DialKeys, ENTER_WHEN, ENTRY_SLIP, useAtPanel, useDisplay, WayKeys } from '../keys';
import { ValueText, valueWords } from '../value';
import { rowNames } from './row-names';

interface RowCardProps {
  readonly rows: readonly SheetRow[];
  /** how many are still to do, these counted */
  readonly left: number;
  readonly onDone: () => void;
  /** one of them shows something else: they are gone through one by one */
  readonly onApart: () => void;
}

/** A program, or a row of figures of one menu: what each is to be, one way to them, and one look at the display afterwards. */
export function RowCard({ rows, left, onDone, onApart }: RowCardProps) {
  const { view } = useJobScope();
  const parameters = rows.flatMap(({ address }) => parameterAt(view.document.profile, address) ?? []);
  const display = useDisplay();
  const [first] = parameters;
  const { title, names } = rowNames(view.document.profile, parameters);
  const oneWay = parameters.every(({ route }) => sameWay(route, first.route));
  const { isOwn, storedBy: storedThere } = useAtPanel(first);
  const stored = isOwn ? [...new Set(parameters.map(({ storedBy }) => storedBy))] : [storedThere];
  // slips are of keys
  const slips = isOwn ? [...new Set(parameters.map(({ entry }) => ENTRY_SLIP[entry]))] : [];
  return (
    <Card edge="petrol" testID="set-row">
      <View style={styles.head}>
        <Words bold size="large">
          {title}
        </Words>
        <Words size="small" colour="quiet" testID="set-left">
          {left} to enter
        </Words>
      </View>
      <Words bold>{ENTER_WHEN[first.enterWhen]}</Words>
      {oneWay && <WayKeys parameter={first} doing="set" />}
      {rows.map((row, i) => (
        <Line
          key={row.address}
          name={names[i]}
          parameter={parameters[i]}
          found={row.found}
          shown={row.target}
          way={!oneWay}
          toSet={isOwn}
          behind={parameters[i - 1]}
        />
      ))}
      <Words>Set each and store it: {stored.join(' ')}</Words>
      {slips.map((slip) => (
        <Words key={slip} size="small" colour="quiet">
          {slip}
        </Words>
      ))}
      <SeenTogether
        rows={rows}
        column="left"
        words="Look at each again on the display."
        onDone={() => {
          display.wasAt(parameters[parameters.length - 1], 'set');
          onDone();
        }}
        onApart={onApart}
      />
    </Card>
  );
}

/** Settings that were only confirmed with the others: read together before they are changed. */
export function ReadFirstRow({ rows, onApart }: Pick<RowCardProps, 'rows' | 'onApart'>) {
  const { view } = useJobScope();
  const parameters = rows.flatMap(({ address }) => parameterAt(view.document.profile, address) ?? []);
  const { title, names } = rowNames(view.document.profile, parameters);
  return (
    <Card title="Read them before they are changed" testID="read-first-row">
      <Words bold>{title}</Words>
      <Words>Only confirmed with the others so far. Read the display now.</Words>
      {rows.map((row, i) => (
        <Line key={row.address} name={names[i]} parameter={parameters[i]} shown={row.found} way={false} />
      ))}
      <SeenTogether
        rows={rows}
        column="found"
        words="Nothing is entered yet."
        onDone={() => undefined}
        onApart={onApart}
      />
    </Card>
  );
}

function Line({
  name,
  parameter,
  found,
  shown,
  way,
  toSet,
  behind,
}: {
  name: string;
  parameter: Parameter;
  /** what stood there, where another is to be set */
  found?: SheetEntry | null;
  /** what the display is to show */
  shown: SheetEntry | null;
  /** with its own way to it */
  way: boolean;
  /** it is changed now, and not only read */
  toSet?: boolean;
  /** the one that was set before it */
  behind?: Parameter;
}) {
  const palette = usePalette();
  const { values } = useJobScope().view;
  return (
    <View style={[styles.line, { borderColor: palette.line }]} testID={`set-${parameter.key}`}>
      <View style={styles.values}>
        <Words bold style={styles.name}>
          {name}
        </Words>
        {found && (
          <Words colour="quiet" size="small">
            was <ValueText size="small" parameter={parameter} value={found.value} missing="not read" />
          </Words>
        )}
      </View>
      <ValueText
        bold
        size="figure"
        colour="petrol"
        testID={`shown-${parameter.key}`}
        parameter={parameter}
        value={shown?.value}
      />
      {toSet && shown && shown.value !== null && (
        <DialKeys
          parameter={parameter}
          from={found?.confirmed ? null : (found?.value ?? null)}
          to={shown.value}
          values={values.planned}
          words={(value) => valueWords(parameter, value)}
        />
      )}
      {way && <WayKeys inline parameter={parameter} doing="set" behind={behind} />}
    </View>
  );
}

/** One look at the display: it shows all of them as they stand here, or one of them otherwise. */
function SeenTogether({
  rows,
  column,
  words,
  onDone,
  onApart,
}: Pick<RowCardProps, 'rows' | 'onDone' | 'onApart'> & { column: 'found' | 'left'; words: string }) {
  const { jobId, write } = useJobScope();
  const [refused, setRefused] = useState<string | null>(null);
  const shown = (row: SheetRow) => (column === 'left' ? row.target : row.found);
  const record = () => {
    const said = write({
      kind: 'sheet.enter-many',
      jobId,
      column,
      entries: rows.map((row) => {
        const { value = null, unit = '' } = shown(row) ?? {};
        return { entryId: newId(), address: row.address, raw: String(value), unit, value, reason: null };
      }),
    });
    setRefused(said);
    if (said === null) onDone();
  };
  return (
    <>
      <Words bold>{words}</Words>
      {refused !== null && (
        <Words bold colour="rust" role="alert">
          {refused}
        </Words>
      )}
      <Button
        kind="main"
        label={`The display shows exactly these ${rows.length}`}
        testID={`row-${column}-shown`}
        onPress={record}
      />
      <Button
        kind="quiet"
        label="One shows something else"
        testID={`row-${column}-apart`}
        onPress={onApart}
      />
    </>
  );
}

const sameWay = (a: Parameter['route'], b: Parameter['route']) => JSON.stringify(a) === JSON.stringify(b);

const styles = StyleSheet.create({
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'baseline', gap: SPACE.s },
  line: { borderTopWidth: 1, paddingTop: SPACE.s, gap: SPACE.xs },
  values: { flexDirection: 'row', alignItems: 'baseline', flexWrap: 'wrap', columnGap: SPACE.m },
  name: { flexGrow: 1, flexShrink: 1, minWidth: textSize(120) },
});
