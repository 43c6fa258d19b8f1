import { chosenWords, owedNeighbours } from '@barythm/core/job';
import { addressOf, type Parameter } from '@barythm/core/profile';
import { sameValue, type SheetRow } from '@barythm/core/sheet';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../ui/card';
import { About } from '../../ui/pad/about';
import { SPACE } from '../../ui/theme';
import { TriadName } from '../../ui/words/triad';
import { Words } from '../../ui/words/words';
import { Notes, TakeBack, useJobScope } from '../job';
import { useChangeTarget } from '../target';
import { Neighbours } from './neighbours';
import { ReadBack } from './read-back';
import { EntryText, ValueText } from '../value';
import { entryWords, valueWords } from '../value';

export interface SetCardProps {
  readonly row: SheetRow;
  readonly parameter: Parameter;
  /** how many are still to do, this one counted */
  readonly left: number;
  readonly onDone: () => void;
}

/** One parameter to enter: target large, the way to it, and what the display shows afterwards, typed in by the person. */
export function SetCard({ row, parameter, left, onDone }: SetCardProps) {
  const { view } = useJobScope();
  const address = addressOf(parameter);
  const target = row.target?.value ?? null;
  const differs = row.left !== null && !sameValue(row.left.value, target);

  const change = useChangeTarget(row, parameter);
  const owed = owedNeighbours(view.document.profile, view.rows, address);

  return (
    <About value={`${parameter.label}: target ${target === null ? '–' : valueWords(parameter, target)}`}>
      <Card edge={differs ? 'rust' : 'petrol'} testID={`set-${parameter.key}`}>
        <View style={styles.head}>
          <Words bold size="large">
            {parameter.label}
          </Words>
          <Words size="small" colour="quiet" testID="set-left">
            {left === 0 ? 'entered already' : left === 1 ? 'the last one' : `${left} to enter`}
          </Words>
        </View>
        <View style={styles.values}>
          <View>
            <TriadName column="found" />
            <EntryText size="large" parameter={parameter} entry={row.found} />
          </View>
          <View style={styles.target}>
            <TriadName column="target" />
            <ValueText
              bold
              size={parameter.type === 'number' || parameter.type === 'time' ? 'hero' : 'figure'}
              colour="petrol"
              testID="set-target"
              parameter={parameter}
              value={target}
            />
          </View>
          {change.button}
        </View>
        {differs && (
          <View role="alert" testID="set-differs">
            <Words bold size="large" colour="rust">
              The display shows {entryWords(parameter, row.left)}, not{' '}
              {target === null ? '' : valueWords(parameter, target)}.
            </Words>
            {owed.length === 0 && <Words>Enter it again and store it: {parameter.storedBy}</Words>}
            <Mistyped row={row} parameter={parameter} />
          </View>
        )}
        {row.chosen && (
          <Words bold size="small" colour="ochre" testID="set-chosen">
            {chosenWords(parameter, row)}
          </Words>
        )}
        {change.box}
        {owed.length > 0 ? <Neighbours owed={owed} /> : <ReadBack parameter={parameter} onDone={onDone} />}
        <Notes about={address} of={parameter.label} />
      </Card>
    </About>
  );
}

/** The display may show the target, and a thumb something else: that is no slip of the pump's. */
function Mistyped({ row, parameter }: Pick<SetCardProps, 'row' | 'parameter'>) {
  if (!row.left) return null;
  return (
    <TakeBack
      id={row.left.id}
      of={parameter.label}
      label="I mistyped: take it back"
      testID={`take-back-${parameter.key}`}
    />
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'baseline', gap: SPACE.s },
  values: { flexDirection: 'row', gap: SPACE.xl, alignItems: 'flex-end', flexWrap: 'wrap' },
  target: { flexShrink: 1 },
});
