import { counted } from '@barythm/core/words';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { FindingList } from '../findings';
import { TargetList } from '../target';
import { DecisionAction, useJobScope } from '../job';
import type { SoFar } from './use-so-far';

/** More settings than this are counted and not listed. */
const NAMED = 4;

function settingsSaid(settings: readonly string[]): string {
  const more = settings.length - NAMED;
  return more > 0 ? `${settings.slice(0, NAMED).join(', ')} and ${more} more` : settings.join(', ');
}

/**
 * What follows from a duty of which some answers are missing: targets that stand whatever these are, and what the others wait for. They
 * can be taken as they are; the rest is planned once the duty is whole.
 */
export function SoFarCard({
  soFar: { lines, waits, values, judge, findings },
  waitsFor,
  onTake,
}: {
  soFar: SoFar;
  /** what appears once the duty is whole */
  waitsFor: string;
  /** takes what follows so far; null where the whole duty was known before */
  onTake: (() => void) | null;
}) {
  const { view } = useJobScope();
  const [shown, setShown] = useState(false);
  const before = { ...view.document.lastLeft?.values, ...view.values.found };
  const count = lines.length;
  return (
    <>
      <Card edge="ochre" testID="so-far">
        <Words bold>{waitsFor} appears as soon as the duty is complete.</Words>
        <Words>
          {count === 0
            ? 'No setting follows from what is entered so far.'
            : `${counted(count, 'setting')} ${count === 1 ? 'follows' : 'follow'} from what is entered so far.`}
        </Words>
        {waits.length > 0 && (
          <View style={{ gap: SPACE.s }} testID="so-far-waits">
            <Words>Missing, and what waits for it:</Words>
            {waits.map(({ for: words, settings }) => (
              <View key={words}>
                <Words bold size="small">
                  {words}
                </Words>
                <Words size="small" colour="quiet">
                  {settingsSaid(settings)}
                </Words>
              </View>
            ))}
          </View>
        )}
        {count > 0 && (
          <Button
            kind="quiet"
            testID="so-far-show"
            label={shown ? 'Fold' : `Show ${count === 1 ? 'it' : `the ${count}`}`}
            onPress={() => setShown(!shown)}
          />
        )}
      </Card>
      {shown && (
        <>
          <TargetList lines={lines} before={before} values={values} judge={judge} none="" />
          <FindingList
            findings={findings}
            none="Nothing is wrong with these."
            actions={(finding) => <DecisionAction finding={finding} />}
          />
          {onTake && (
            <Button
              testID="so-far-take"
              label={`Accept ${count === 1 ? 'this one' : `these ${count}`}, the rest later`}
              onPress={onTake}
            />
          )}
        </>
      )}
    </>
  );
}
