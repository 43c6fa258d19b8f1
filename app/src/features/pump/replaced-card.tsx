import type { PumpResource } from '@barythm/contract/resources';
import { dateInWords } from '@barythm/core/time';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { remove } from '../../api/client';
import { keepDraft, useDraft } from '../../draft/use-draft';
import { Button, ButtonRow } from '../../ui/button';
import { Card } from '../../ui/card';
import { Words } from '../../ui/words/words';

/** A unit that took the place of another and was not worked on yet: what is known of it, and the two ways on. */
export function ReplacedCard({ pump }: { pump: PumpResource }) {
  const router = useRouter();
  const client = useQueryClient();
  const [failed, setFailed] = useState<string | null>(null);
  const [typed, setTyped] = useDraft(`replaced-unit:${pump.id}`);
  const { replaced } = pump;
  if (!replaced || pump.latest) return null;
  const before = [replaced.model, replaced.serial && `serial ${replaced.serial}`].filter(Boolean).join(', ');
  const takeBack = async () => {
    try {
      await remove(`/register/pumps/${pump.id}/unit`);
      if (typed !== null) keepDraft(`replace-unit:${pump.id}`, typed);
      setTyped(null);
      await client.invalidateQueries();
    } catch (failure) {
      setFailed((failure as Error).message);
    }
  };
  return (
    <Card edge="ochre" title={`Unit replaced on ${dateInWords(replaced.on)}`} testID="replaced">
      <Words>
        {`Nothing is known of the new one’s settings yet. Before it: ${before || 'a unit of unknown model'}.`}
      </Words>
      {failed !== null && (
        <Words bold colour="rust" role="alert">
          {failed}
        </Words>
      )}
      <ButtonRow>
        {replaced.jobId !== null && (
          <Button
            label="Set up like the unit before"
            testID="replaced-same"
            onPress={() => router.navigate(`/same/${replaced.jobId}?on=${pump.id}`)}
          />
        )}
        <Button kind="quiet" label="Undo" testID="replaced-undo" onPress={() => void takeBack()} />
      </ButtonRow>
    </Card>
  );
}
