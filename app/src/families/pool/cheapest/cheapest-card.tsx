import type { PoolContext, ReasonedProgram, WantedProgram } from '@barythm/core/families/pool';
import { WEEKS_PER_MONTH } from '@barythm/core/schedule';
import type { SolveProgress } from '@barythm/core/solver';
import { daysInWords, timeOfDay } from '@barythm/core/time';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { SPACE } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { PlanCancelled, PlanClient } from './plan-client';
import type { PlannerAnswer } from './plan-messages';

/** The search ends here whatever it has by then, and says how far that may be from the cheapest. */
const TIME_LIMIT_s = 25;
/** A slow phone, or a hard week, may be given longer. */
const LONGER_s = 180;

type FoundPlan = Extract<PlannerAnswer, { kind: 'plan' }>;

interface Answer {
  readonly duty: string;
  readonly told: PlannerAnswer;
  readonly within_s: number;
}

interface CheapestCardProps {
  readonly context: PoolContext;
  /** what the week as it is planned now costs a month, when it is known whole */
  readonly plannedMonth: number | null;
  readonly onTake: (programs: readonly WantedProgram[]) => void;
}

/** The cheapest plan of the week: searched for in a worker, with its bound, its reasons, or why there is none. */
export function CheapestCard({ context, plannedMonth, onTake }: CheapestCardProps) {
  const [client] = useState(() => new PlanClient());
  const [progress, setProgress] = useState<SolveProgress | null>(null);
  /** what the search under way may take; null while none is */
  const [limit_s, setLimit] = useState<number | null>(null);
  const running = limit_s !== null;
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [error, setError] = useState<string | null>(null);
  useEffect(() => () => client.cancel(), [client]);
  // an answer holds for the duty it was made for; programs alone do not change the question
  const asked = JSON.stringify({ ...context.duty, programs: null });
  const told = answer?.duty === asked ? answer.told : null;
  const { currency } = context.duty.tariff;

  const search = (within_s: number) => {
    setLimit(within_s);
    setProgress(null);
    setError(null);
    client
      .find(context, within_s, setProgress)
      .then((found) => setAnswer({ duty: asked, told: cheaper(told, found), within_s }))
      .catch((failure: Error) => setError(failure instanceof PlanCancelled ? 'Cancelled.' : failure.message))
      .finally(() => setLimit(null));
  };
  // what was found stays while it is searched for longer, and when that is cancelled
  const more = told && !running && isOpen(told) && answer && answer.within_s < LONGER_s;
  return (
    <Card title="Cheapest plan" testID="cheapest">
      {!running && !told && (
        <Words>
          Looks through every way to move the water within slots, speeds, needs and quiet hours, and proves
          how near it comes.
        </Words>
      )}
      {running ? (
        <>
          <Words bold testID="cheapest-progress">
            Searching … {Math.round(progress?.seconds ?? 0)} of at most {limit_s} s.
            {progress?.best != null && progress.bound != null && progress.best > 0
              ? ` Found ${(progress.best * WEEKS_PER_MONTH).toFixed(2)} ${currency} a month, within ${((1 - progress.bound / progress.best) * 100).toFixed(1)} % of the cheapest.`
              : ''}
          </Words>
          <Button label="Cancel" testID="cheapest-cancel" onPress={() => client.cancel()} />
        </>
      ) : (
        <Button label="Find the cheapest plan" testID="cheapest-find" onPress={() => search(TIME_LIMIT_s)} />
      )}
      {more && (
        <Button
          label={`Search on, up to ${LONGER_s / 60} min`}
          testID="cheapest-longer"
          onPress={() => search(LONGER_s)}
        />
      )}
      {error && (
        <Words bold colour="ochre" role="alert" testID="cheapest-error">
          {error}
        </Words>
      )}
      {told?.kind === 'none' && (
        <View style={{ gap: SPACE.xs }} testID="cheapest-none">
          <Words bold colour="rust">
            No plan meets this, because these are in each other’s way:
          </Words>
          {told.because.map((words) => (
            <Words key={words}>· {words}</Words>
          ))}
          <Words colour="quiet">Without any one of them there is a plan.</Words>
        </View>
      )}
      {told?.kind === 'out-of-time' && (
        <Words bold colour="ochre" testID="cheapest-late">
          No plan was found in {answer?.within_s} s, and none was ruled out.
        </Words>
      )}
      {told?.kind === 'plan' && (
        <Found told={told} currency={currency} plannedMonth={plannedMonth} onTake={onTake} />
      )}
    </Card>
  );
}

function Found({
  told,
  currency,
  plannedMonth,
  onTake,
}: {
  told: FoundPlan;
  currency: string;
  plannedMonth: number | null;
  onTake: (programs: readonly WantedProgram[]) => void;
}) {
  const month = (week: number) => (week * WEEKS_PER_MONTH).toFixed(2);
  return (
    <View style={{ gap: SPACE.s }} testID="cheapest-found">
      <Words figures bold size="figure" colour="petrol">
        {told.costMonth.toFixed(2)}
        <Words size="large" colour="quiet">
          {' '}
          {currency} a month
        </Words>
      </Words>
      {plannedMonth !== null && (
        <Words testID="cheapest-against">{againstPlanned(plannedMonth - told.costMonth, currency)}</Words>
      )}
      <Words bold colour={told.proven ? 'moss' : 'ochre'} testID="cheapest-bound">
        {proofOf(told, month)}: no such plan costs less than {month(told.bound)}, this one {month(told.cost)}.
      </Words>
      <Words size="small" colour="quiet" testID="cheapest-scope">
        {told.scope}
      </Words>
      {told.programs.map((program) => (
        <View key={`${program.days}${program.start}${program.speed_rpm}`}>
          <Words bold figures>
            {timeOfDay(program.start)}–{timeOfDay(program.stop)}, {daysInWords(program.days)}:{' '}
            {program.speed_rpm} rev/min
          </Words>
          <Words size="small" colour="quiet">
            {program.circuit}: {program.reason}.
          </Words>
        </View>
      ))}
      <Button
        kind="main"
        label="Use this plan"
        testID="cheapest-take"
        onPress={() => onTake(told.programs.map(withoutReason))}
      />
    </View>
  );
}

/** How near it is to the cheapest: proven to be it only where both sums are the same to the last digit that is shown. */
function proofOf({ proven, gap, bound, cost }: FoundPlan, month: (week: number) => string): string {
  if (!proven) return `Within ${(gap * 100).toFixed(1)} % of the cheapest, at the time limit`;
  return month(bound) === month(cost)
    ? 'Proven cheapest'
    : `Proven to be within ${Math.max(0.01, gap * 100).toFixed(2)} % of the cheapest`;
}

/** True while more time might tell more. */
function isOpen(told: PlannerAnswer): boolean {
  return told.kind === 'out-of-time' || (told.kind === 'plan' && !told.proven);
}

/** A second search may end before it has what the first one had. */
function cheaper(before: PlannerAnswer | null, found: PlannerAnswer): PlannerAnswer {
  if (before?.kind !== 'plan') return found;
  return found.kind === 'out-of-time' || (found.kind === 'plan' && found.cost > before.cost) ? before : found;
}

/** A search that ran out of time may come back with less than what is planned already: that is said, not hidden. */
function againstPlanned(saved: number, currency: string): string {
  if (Math.abs(saved) < 0.005) return 'Costs what the week above costs.';
  const sum = `${Math.abs(saved).toFixed(2)} ${currency} a month`;
  return saved > 0
    ? `${sum} less than the week above.`
    : `${sum} more than the week above: that one is cheaper, if nothing is found wrong with it.`;
}

function withoutReason({ reason: _, ...program }: ReasonedProgram): WantedProgram {
  return program;
}
