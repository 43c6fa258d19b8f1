import {
  CARRIES_AIR_MS,
  purgeTime_s,
  purgeVelocity_ms,
  type CirculatorDuty,
} from '@barythm/core/families/circulator';
import { orElse } from '@barythm/core/input';
import { fig, figureWithUnit, parseFigure } from '@barythm/core/units';
import { recordsOf } from '@barythm/core/visit';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button, ButtonRow } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Field } from '../../../ui/fields/field';
import { useReader } from '../../../ui/reader';
import { Words } from '../../../ui/words/words';
import { useCirculator } from '../use-circulator';
import { PurgeTimer } from './purge-timer';

interface Draft {
  readonly loop: string;
  readonly volume: string;
  /** loops that were purged, and how long each took */
  readonly timed: readonly { readonly loop: string; readonly seconds: number }[];
}
const EMPTY: Draft = { loop: '', volume: '', timed: [] };

/** Names of loops that were typed before they were timed one by one. */
interface EarlierDraft {
  readonly loops: string;
}

/** Air is driven out loop by loop, at the highest fixed speed and timed: before a mode that adjusts itself (CIR-03). */
export function PurgeCard() {
  const { view, jobId, write } = useCirculator();
  const reader = useReader();
  const [kept, setDraft] = useDraftOf<Draft | EarlierDraft>(`purge:${jobId}`, EMPTY);
  const draft = 'timed' in kept ? kept : { ...EMPTY, loop: kept.loops };
  const [error, setError] = useState<string | null>(null);
  const done = recordsOf(view.document, 'purged');
  const { duty } = view;
  const seconds = (value: number) => figureWithUnit(fig('seconds', value), reader);
  const volume = parseFigure(draft.volume, 'volume');
  const least_s = duty && volume.ok ? orElse(() => purgeTime_s(duty, volume.value), null) : null;
  const save = (clear: boolean) => {
    if (draft.timed.length === 0) return setError('Name the loop, and time it.');
    const record = {
      kind: 'purged',
      loops: draft.timed.map(({ loop }) => loop),
      seconds: draft.timed.map(({ seconds: took }) => Math.round(took)),
      clear,
    } as const;
    const refused = write({ kind: 'job.record', jobId, recordId: newId(), record });
    setError(refused);
    if (refused === null) setDraft(null);
  };
  return (
    <Card title="Loops purged" testID="purge">
      {done.map(({ body, id }) => (
        <Words key={id} bold colour={body.clear ? 'moss' : 'ochre'}>
          {body.loops
            .map((loop, i) => (body.seconds ? `${loop} ${seconds(body.seconds[i] ?? 0)}` : loop))
            .join(', ')}
          : {body.clear ? 'nothing heard at the end' : 'air is still heard'}
        </Words>
      ))}
      {!view.document.handover && (
        <>
          <Words size="small" colour="quiet">
            Highest fixed speed, one loop open after the other, until nothing is heard or seen.
            {duty ? ` ${carriedSaid(duty, (value) => figureWithUnit(fig('velocity', value), reader))}` : ''}
          </Words>
          <Words bold colour="ochre">
            Air vents spit hot water.
          </Words>
          {draft.timed.map(({ loop, seconds: took }, i) => (
            <Words key={i} testID={`purged-${i}`}>
              {loop}: {seconds(Math.round(took))}
            </Words>
          ))}
          <Field
            words
            label="Loop"
            testID="purge-loop"
            value={draft.loop}
            error={error}
            onChange={(loop) => {
              setDraft({ ...draft, loop });
              setError(null);
            }}
          />
          <Field
            label="Holds"
            quantity="volume"
            hint="Where you know it: a loop of 100 m in 16 mm pipe holds about 13 L"
            testID="purge-volume"
            value={draft.volume}
            onChange={(text) => setDraft({ ...draft, volume: text })}
          />
          {least_s !== null && (
            <Words testID="purge-least">
              Three times through takes {seconds(Math.round(least_s))} at least.
            </Words>
          )}
          <PurgeTimer
            least_s={least_s}
            onTake={(took) => {
              if (draft.loop.trim() === '') return setError('Name the loop that was purged.');
              setDraft({
                loop: '',
                volume: '',
                timed: [...draft.timed, { loop: draft.loop.trim(), seconds: took }],
              });
              setError(null);
            }}
          />
          <ButtonRow>
            <Button grow label="Clear" testID="purge-clear" onPress={() => save(true)} />
            <Button grow label="Air is still heard" testID="purge-air" onPress={() => save(false)} />
          </ButtonRow>
        </>
      )}
    </Card>
  );
}

/** Whether the water is fast enough to carry its air along, by the pipe at the pump. */
function carriedSaid(duty: CirculatorDuty, say: (velocity: number) => string): string {
  const velocity = orElse(() => purgeVelocity_ms(duty), null);
  if (velocity === null) return `Air goes along from about ${say(CARRIES_AIR_MS)} on.`;
  return velocity >= CARRIES_AIR_MS
    ? `In the pipe at the pump ${say(velocity)}: it carries the air along.`
    : `In the pipe at the pump only ${say(velocity)}: under ${say(CARRIES_AIR_MS)} the air stays where it is. Open one loop alone.`;
}
