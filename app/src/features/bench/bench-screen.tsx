import { familyOf } from '@barythm/core/families';
import type { PumpResource } from '@barythm/contract/resources';
import type { SettingValues } from '@barythm/core/profile';
import { useLocalSearchParams } from 'expo-router';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { BenchDraft } from '../../kit/bench';
import { screensOf } from '../../families/registry';
import { usePump } from '../../api/queries';
import { useDraftOf } from '../../draft/use-draft';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { useWide } from '../../ui/screen/layout';
import { Screen } from '../../ui/screen/screen';
import { Empty, Failed, Loading } from '../../ui/screen/states';
import type { Colour } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { sheetsOf, type BenchSheets, type SheetName } from './bench-sheets';
import { EditedCard } from './edited-card';
import { EventsCard } from './events-card';
import { HappeningsCard } from './happenings-card';
import { SheetChoice, SHEET_WORDS } from './sheet-choice';
import { StripsCard } from './strips-card';
import { eventsFor } from '@barythm/core/job';
import { SumsCard } from '../../kit/bench';
import { useBench } from './use-bench';
import { usePlayer } from './use-player';

const COLOUR: Record<SheetName, Colour> = {
  found: 'slate',
  target: 'petrol',
  left: 'plum',
  edited: 'ochre',
};

/** The bench: a pump's sheets run through a day, compared, and faults thrown in. */
export function BenchScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const pump = usePump(id);
  const sheets = useMemo(() => (pump.data ? sheetsOf(pump.data) : null), [pump.data]);
  if (pump.isLoading || pump.error || !pump.data) {
    return (
      <Screen title="Bench">
        {pump.error ? (
          <Failed error={pump.error} onRetry={() => void pump.refetch()} />
        ) : (
          <Loading what="the pump" />
        )}
      </Screen>
    );
  }
  if (!sheets) {
    return (
      <Screen title="Bench" over={pump.data.tag} back={`/pump/${pump.data.id}`}>
        <Empty
          title="Nothing to run yet"
          todo="The bench needs the pump’s duty: start a job and plan it first."
        />
      </Screen>
    );
  }
  return <OpenBench key={id} pump={pump.data} sheets={sheets} />;
}

function OpenBench({ pump, sheets }: { pump: PumpResource; sheets: BenchSheets }) {
  const wide = useWide();
  const { context } = sheets;
  const { bench: own } = screensOf(context.profile.family);
  const { SetUp, Closer } = own;
  const known = Object.keys(sheets.values) as SheetName[];
  const [first, setFirst] = useState<SheetName>(known.includes('found') ? 'found' : 'target');
  const [second, setSecond] = useState<SheetName>(known.includes('left') ? 'left' : 'target');
  const [draft, setDraft] = useDraftOf<BenchDraft>(`bench:${pump.id}`, own.start);
  const latest = useRef({ draft, setDraft });
  useEffect(() => {
    latest.current = { draft, setDraft };
  });
  // a fault that was thrown in to see what happens is not the pump's for ever: a reload keeps it, leaving the page does not
  useEffect(
    () => () => {
      const { draft: left, setDraft: keep } = latest.current;
      if (left.events.length > 0) keep({ ...left, events: [] });
    },
    [],
  );
  const [edited, setEdited] = useDraftOf<SettingValues>(`bench-sheet:${pump.id}`, sheets.values.target ?? {});
  const scenario = useMemo(() => own.scenario(draft, context), [own, draft, context]);
  const asked = [first, second].map((name) => ({
    name: SHEET_WORDS[name],
    values: name === 'edited' ? edited : (sheets.values[name] ?? {}),
  }));
  const bench = useBench(context, asked, scenario);
  const player = usePlayer(draft.days * 86_400);
  const colours = [COLOUR[first], COLOUR[second]];
  const setUp = (
    <>
      <SheetChoice sheets={sheets} first={first} second={second} onFirst={setFirst} onSecond={setSecond} />
      {(first === 'edited' || second === 'edited') && (
        <EditedCard context={context} values={edited} onChange={setEdited} />
      )}
      <SetUp draft={draft} context={context} onChange={setDraft} />
      <EventsCard
        kinds={eventsFor(context)}
        events={draft.events}
        days={draft.days}
        onChange={(events) => setDraft({ ...draft, events })}
      />
    </>
  );
  return (
    <Screen
      title={`Bench: ${pump.tag}`}
      over={`${pump.tag}, ${pump.name}`}
      back={`/pump/${pump.id}`}
      aside={wide && setUp}
    >
      {bench.progress !== null && (
        <Card testID="bench-progress">
          <Words bold>Running … {Math.round(bench.progress * 100)} %</Words>
          <Button label="Cancel" testID="bench-cancel" onPress={bench.cancel} />
        </Card>
      )}
      {bench.error && (
        <Card edge="ochre" testID="bench-error">
          <Words bold>{bench.error}</Words>
          <Button label="Run again" onPress={bench.runAgain} />
        </Card>
      )}
      <SumsCard runs={bench.runs} {...familyOf(context.profile.family).bench.sums(context)} />
      {bench.runs.length > 0 && (
        <StripsCard
          runs={bench.runs}
          colours={colours}
          context={context}
          player={player}
          onThrow={(event) => setDraft({ ...draft, events: [...draft.events, event] })}
        />
      )}
      {!wide && setUp}
      {bench.runs.length > 0 && (
        <>
          <HappeningsCard runs={bench.runs} colours={colours} />
          {Closer && (
            <Closer
              client={bench.client}
              at_s={player.at_s}
              seconds={bench.runs[0].seconds}
              colours={colours}
            />
          )}
        </>
      )}
      <Words size="small" colour="quiet">
        {familyOf(context.profile.family).bench.caveat(scenario)}
      </Words>
    </Screen>
  );
}
