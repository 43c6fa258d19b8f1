import type { PumpResource } from '@barythm/contract/resources';
import { textAt, type Field } from '@barythm/core/describe';
import { familyOf, type JobDocument } from '@barythm/core/families';
import { sameAgain, type SameAgain } from '@barythm/core/job';
import { contentHash, parameterAt } from '@barythm/core/profile';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { usePump } from '../../api/queries';
import { Button, ButtonRow } from '../../ui/button';
import { Card } from '../../ui/card';
import { Failed, Loading } from '../../ui/screen/states';
import { Words } from '../../ui/words/words';
import { valueWords } from '../../kit/value';
import { beginSame } from './begin-same';

interface CopyCardProps {
  readonly from: JobDocument;
  readonly pumpId: string;
  /** to another choice; where the pump is no choice it is left out */
  readonly onOther?: () => void;
}

/** What goes along to another pump and what does not, before anything is begun there. */
export function CopyCard({ from, pumpId, onOther }: CopyCardProps) {
  const pump = usePump(pumpId);
  if (pump.isLoading) return <Loading what="the pump" />;
  if (!pump.data)
    return <Failed error={pump.error ?? new Error('No answer.')} onRetry={() => void pump.refetch()} />;
  return <Copy from={from} pump={pump.data} onOther={onOther} />;
}

function Copy({ from, pump, onOther }: Omit<CopyCardProps, 'pumpId'> & { pump: PumpResource }) {
  const router = useRouter();
  const same = sameAgain(from, pump.profile, from.pump.id === pump.id ? 'the unit before' : undefined);
  const open = pump.jobs.find(({ state }) => state === 'open' || state === 'planned');
  const nothing = same === null || (same.duty === null && same.targets.length === 0);
  return (
    <Card title={`${pump.tag}, ${pump.name}`} edge="petrol" testID="same-copy">
      {same === null ? (
        <Words>Its controller is of another kind of pump: nothing goes along.</Words>
      ) : (
        <Going from={from} pump={pump} same={same} />
      )}
      {nothing && same !== null && <Words bold>Nothing of that job goes along to this pump.</Words>}
      {open ? (
        <>
          <Words bold>A job is open on this pump already: finish it first.</Words>
          <Button
            label="To that job"
            testID="same-open"
            onPress={() => router.navigate(`/job/${open.id}/plan`)}
          />
        </>
      ) : (
        !nothing && (
          <Button
            kind="main"
            label={onOther ? 'Begin there' : 'Begin'}
            testID="same-begin"
            onPress={() => void beginSame(pump, same).then((jobId) => router.navigate(`/job/${jobId}/plan`))}
          />
        )
      )}
      {onOther && (
        <ButtonRow>
          <Button kind="quiet" label="Another pump" testID="same-other" onPress={onOther} />
        </ButtonRow>
      )}
    </Card>
  );
}

/** Line by line: what goes along, what is asked again, what is left behind and why, and what is different there. */
function Going({ from, pump, same }: { from: JobDocument; pump: PumpResource; same: SameAgain }) {
  const { profile, unit } = pump;
  const targets = same.targets.flatMap(({ address, value }) => {
    const parameter = parameterAt(profile, address);
    return parameter ? [`${parameter.label} ${valueWords(parameter, value)}`] : [];
  });
  const differs = [
    ...(profile.id === from.profile.id ? [] : [`another controller: ${profile.name}`]),
    ...(contentHash(unit.plate) === contentHash(from.unit.plate) ? [] : ['another plate: read it there']),
  ];
  const lines: readonly [string, string][] = [
    ['Goes along', [...(same.duty ? ['the duty'] : []), ...targets].join(' · ')],
    ['Asked again', same.duty ? askedIn(same).join(' · ') : ''],
    ['Left behind', same.left.map(({ label, why }) => `${label}: ${why}`).join(' · ')],
    ['Different there', differs.join(' · ')],
  ];
  return lines.map(
    ([name, words]) =>
      words !== '' && (
        <View key={name}>
          <Words size="small" colour="quiet">
            {name}
          </Words>
          <Words>{words}</Words>
        </View>
      ),
  );
}

/** What of the duty is of each unit, by its labels in the form. */
function askedIn({ duty, asked }: SameAgain): string[] {
  if (!duty) return [];
  const { duty: form } = familyOf(duty.family).forms;
  const texts = form.write(duty as never);
  const fields = form.parts.flatMap((part) => part.fields);
  return asked
    .filter((path) => textAt(texts, path) !== '')
    .map((path) => labelOf(fields, path.split('.').at(-1)!))
    .filter((label) => label !== null);
}

/** What a field is called, wherever it stands among others. */
function labelOf(fields: readonly Field[], key: string): string | null {
  for (const field of fields) {
    if ('key' in field && field.key === key && 'label' in field)
      return typeof field.label === 'string' ? field.label : key;
    const within = 'fields' in field ? labelOf(field.fields, key) : null;
    if (within !== null) return within;
  }
  return null;
}
