import {
  frostyWeek,
  sameRunning,
  trueWeek,
  type RunStretch,
  type WantedProgram,
} from '@barythm/core/families/pool';
import { parameterWithRole } from '@barythm/core/profile';
import { pricesOfWeek } from '@barythm/core/schedule';
import { clockChanges, clockErrorInWords, dateInWords, onDay } from '@barythm/core/time';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, ButtonRow } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check, Choice } from '../../../ui/fields/choice';
import { useWide } from '../../../ui/screen/layout';
import { SPACE } from '../../../ui/theme';
import { UndoButton } from '../../../ui/touch/undo-button';
import { useUndo } from '../../../ui/touch/use-undo';
import { Words } from '../../../ui/words/words';
import { ProgramBlock } from './program-block';
import { ProgramFields } from './program-fields';
import type { PoolWork } from './use-pool-plan';
import { WeekRows } from './week-rows';

interface ProgramsCardProps {
  readonly work: PoolWork;
  /** programs stand by hand, not as worked out */
  readonly moved: boolean;
  readonly onMove: (programs: readonly WantedProgram[] | null) => void;
}

/** Programs are dragged in steps of this, or of the controller's own where that is longer, min. */
const DRAG_STEP_min = 15;
const ROW = { phone: 48, wide: 44 } as const;
const NOTHING: readonly RunStretch[] = [];

/** The week on its timeline: what will truly run, with the programs to be moved and stretched on it. */
export function ProgramsCard({ work, moved, onMove }: ProgramsCardProps) {
  const wide = useWide();
  const { context, programs, weeks } = work;
  const { found, target } = weeks;
  const [shown, setShown] = useState<'target' | 'found'>('target');
  const [chosen, setChosen] = useState<number | null>(null);
  const month = Number(context.today.slice(5, 7));
  const prices = useMemo(
    () => pricesOfWeek(context.duty.tariff.windows, month).days,
    [context.duty.tariff, month],
  );
  const step = parameterWithRole(context.profile, 'program.start')?.step ?? 1;
  const snap = Math.max(DRAG_STEP_min, step);
  const rowHeight = wide ? ROW.wide : ROW.phone;
  const fullSpeed_rpm = context.profile.behaviours.speed.greatest_rpm;
  const put = (i: number, program: WantedProgram) =>
    onMove(programs.map((old, k) => (k === i ? program : old)));
  const undo = useUndo<readonly WantedProgram[] | null>(moved ? programs : null, onMove);
  const [frosty, setFrosty] = useState(false);
  const [after, setAfter] = useState(false);
  const [change] = useMemo(() => clockChanges(context.zone, context.today), [context.zone, context.today]);
  const byHand = found?.settings.summer === 'by-hand' ? change : undefined;
  const withFrost = (column: PoolWork['weeks']['found'], week: readonly RunStretch[]) =>
    frosty && column ? frostyWeek(context, column.settings, week) : week;
  // what would run if nothing held it: a held pump's programs are worth seeing too
  const foundWeek = useMemo(() => {
    if (!found) return NOTHING;
    // a clock that nobody puts forward falls behind by as much
    const clockAhead_min = context.clockFound_min - (after && byHand ? byHand.by_min : 0);
    return trueWeek({ ...context, clockAhead_min }, { ...found.settings, mode: 'automatic', command: 'own' });
  }, [context, found, after, byHand]);
  const add = () => {
    undo.keep();
    const last = programs[programs.length - 1];
    const start = last ? last.stop : 480;
    onMove([
      ...programs,
      {
        name: '',
        days: '1234567',
        start,
        stop: (start + 120) % 1440,
        speed_rpm: last?.speed_rpm ?? 1500,
        circuit: last?.circuit ?? context.duty.circuits[0].name,
      },
    ]);
    setChosen(programs.length);
  };
  const edited = chosen === null ? undefined : programs[chosen];
  return (
    <Card title="The week" testID="programs">
      {found && (
        <Choice
          label="Show"
          hideLabel
          testID="week-shown"
          options={[
            { value: 'target', label: 'Target' },
            { value: 'found', label: 'As found' },
          ]}
          value={shown}
          onChange={setShown}
        />
      )}
      {shown === 'target' ? (
        <WeekRows
          label="Week of the target, day by day"
          week={withFrost(target, target?.week ?? NOTHING)}
          prices={prices}
          fullSpeed_rpm={fullSpeed_rpm}
          colour="petrol"
          rowHeight={rowHeight}
          over={(day, width) =>
            programs.map((program, i) =>
              onDay(program.days, day + 1) ? (
                <ProgramBlock
                  key={i}
                  day={day}
                  testID={`block-${i}-${day + 1}`}
                  program={program}
                  width={width}
                  snap={snap}
                  rowHeight={rowHeight}
                  chosen={chosen === i}
                  onChoose={() => setChosen(i)}
                  onBegin={undo.keep}
                  onMove={(next) => put(i, next)}
                />
              ) : null,
            )
          }
        />
      ) : (
        <WeekRows
          label="Week as found, day by day"
          week={withFrost(found, foundWeek)}
          prices={prices}
          fullSpeed_rpm={fullSpeed_rpm}
          colour="slate"
          rowHeight={rowHeight}
        />
      )}
      {context.duty.winter !== 'none' && (
        <Check label="With frost each night" testID="week-frosty" checked={frosty} onChange={setFrosty} />
      )}
      {shown === 'found' && byHand && (
        <Check
          label={`As it runs after ${dateInWords(byHand.date)}, when nobody sets its clock`}
          testID="week-after-change"
          checked={after}
          onChange={setAfter}
        />
      )}
      <Words size="small" colour="quiet">
        Tinted: peak price. Hatched: prime. Dotted: frost guard. A dashed bar at the top: a program that does
        not get the pump.
        {shown === 'found' && context.clockAhead_min !== 0
          ? ` Drawn by true time: the controller’s clock is ${clockErrorInWords(context.clockAhead_min)}.`
          : ''}
      </Words>
      {shown === 'target' && (
        <>
          <ButtonRow>
            <Button label="Add a program" testID="program-add" onPress={add} />
            <UndoButton undo={undo} testID="programs-undo" />
            {moved && (
              <Button
                kind="quiet"
                label="As calculated"
                testID="programs-reset"
                onPress={() => {
                  undo.keep();
                  onMove(null);
                }}
              />
            )}
          </ButtonRow>
          {found && target && context.duty.linked.length > 0 && !sameRunning(found.week, target.week) && (
            <Words size="small" bold colour="ochre" testID="linked-again">
              The schedule changes: {context.duty.linked.map(({ name }) => name).join(', ')} to be checked
              again under Prove.
            </Words>
          )}
          <View style={styles.list}>
            {programs.map((program, i) => (
              <ProgramFields
                key={i}
                index={i}
                work={work}
                program={program}
                open={edited !== undefined && chosen === i}
                onOpen={() => setChosen(chosen === i ? null : i)}
                onChange={(next) => put(i, next)}
                onRemove={() => {
                  setChosen(null);
                  undo.keep();
                  onMove(programs.filter((_, k) => k !== i));
                }}
              />
            ))}
          </View>
        </>
      )}
    </Card>
  );
}

const styles = StyleSheet.create({ list: { gap: SPACE.s } });
