import { dateInWords } from '@barythm/core/time';
import { displayUnit, fig, figureWithUnit, formatNumber, fromDisplay } from '@barythm/core/units';
import { useReader } from '../../../ui/reader';
import { useDeferredValue, useMemo, useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { useDraftForm } from '../../../draft/use-draft-form';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { useWide } from '../../../ui/screen/layout';
import { Words } from '../../../ui/words/words';
import { StockCard } from '../pump/stock-card';
import { CapacityCard, CuresCard } from './capacity-card';
import { DoseCard } from './dose-card';
import { DutyForm } from '../duty/duty-form';
import { dutyTexts, emptyDutyFor, type DutyTexts } from '../duty/duty-texts';
import { readDuty } from '../duty/read-duty';
import { ExpectedTable } from './expected-table';
import { PlanFindings, PlanFrame } from '../../../features/job/plan/plan-frame';
import { modeFound } from './mode-found';
import { PulseCard } from './pulse-card';
import { SignalCard } from './signal-card';
import { TargetList } from '../../../features/job/plan/target-list';
import { usePlan, type ByHand, type PlanWork } from './use-plan';
import { type MeteringView, measuredLoss, measuredHistory } from '@barythm/core/families/metering';
import { useMetering } from '../use-metering';

const NOTHING_MOVED: ByHand = {};

/** Plan: the duty, and at once the settings it leads to, what is wrong, and what the pump will do. */
export function MeteringPlan() {
  const { view, jobId, write, go } = useMetering();
  const wide = useWide();
  const initial = useMemo(
    () => (view.duty ? dutyTexts(view.duty) : emptyDutyFor(modeFound(view))),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- a mode read later does not change a form that is open
    [view.duty],
  );
  const { texts, set, forget } = useDraftForm<DutyTexts>(`duty:${jobId}`, initial);
  const [byHand, setByHand] = useDraftOf<ByHand>(`hand:${jobId}`, NOTHING_MOVED);
  const { duty, errors } = useMemo(() => readDuty(texts), [texts]);
  const [tried, setTried] = useState(false);
  const work = usePlan(view, duty, byHand);
  // a moved point is drawn at once; what only follows from it may come a frame later
  const calm = useDeferredValue(work);

  const agree = () => {
    if (!duty || !work) return;
    const refused = write({
      kind: 'plan.accept',
      jobId,
      planId: newId(),
      duty,
      targets: work.targets.map((target) => ({ ...target, entryId: newId() })),
    });
    if (refused === null) {
      forget();
      setByHand(null);
      go('set');
    }
  };

  const moved = Object.keys(byHand).length > 0;
  const targets = calm && (
    <TargetList
      profile={view.profile}
      targets={calm.targets}
      before={calm.before?.values ?? null}
      onReset={moved ? () => setByHand(null) : null}
    />
  );
  const findings = calm && (
    <PlanFindings target={calm.findings.target} found={calm.before ? calm.findings.found : null} />
  );

  return (
    <PlanFrame
      ready={Boolean(work)}
      missing={Object.keys(errors).length}
      onMissing={() => setTried(true)}
      onAgree={agree}
      aside={
        <>
          {findings}
          {targets}
        </>
      }
    >
      <DutyForm
        tried={tried}
        texts={texts}
        errors={errors}
        set={set}
        profile={view.profile}
        rows={view.rows}
      />
      {work?.context.calibration && <MeasuredNote work={work} />}
      <LossNote view={view} taken={texts.loss} onTake={(loss) => set('loss', loss)} />
      {!work && (
        <Card edge="ochre">
          <Words bold>The plan appears as soon as the duty is complete.</Words>
          <Words>What is missing or wrong is said at its field above.</Words>
        </Card>
      )}
      {work && (
        <>
          {!wide && targets}
          {!wide && findings}
          {calm && <PulseCard work={calm} onMove={setByHand} />}
          <SignalCard work={work} byHand={byHand} onMove={setByHand} />
          {calm && <DoseCard work={calm} />}
          {calm && <ExpectedTable work={calm} />}
          {calm && <CuresCard work={calm} />}
          {calm && <CapacityCard work={calm} />}
          {calm && <StockCard context={calm.context} values={calm.values} />}
        </>
      )}
    </PlanFrame>
  );
}

/** A drawdown stands: the plan goes by it and not by the plate. */
function MeasuredNote({ work }: { work: PlanWork }) {
  const reader = useReader();
  const { calibration, duty } = work.context;
  if (!calibration) return null;
  const full = figureWithUnit(fig('strokeVolume', duty.strokeVolume.full_mL), reader);
  return (
    <Card edge={calibration.servicedSince ? 'ochre' : 'moss'} testID="measured-note">
      <Words>
        {calibration.servicedSince
          ? `Serviced since the drawdown of ${dateInWords(calibration.date)}: the plan goes by the stroke volume typed above.`
          : `Measured by drawdown on ${dateInWords(calibration.date)}: ${full} at full stroke, instead of the figure typed above.`}
      </Words>
    </Card>
  );
}

/** Two drawdowns at two pressures measured the loss: it is offered, not taken silently. */
function LossNote({
  view,
  taken,
  onTake,
}: {
  view: MeteringView;
  taken: string;
  onTake: (loss: string) => void;
}) {
  const reader = useReader();
  const loss = measuredLoss(measuredHistory(view.document));
  if (!loss) return null;
  const percent = formatNumber(loss.lossPer_bar * 100, 2, '.');
  const one = displayUnit('pressure', reader.system);
  const forOne = formatNumber(loss.lossPer_bar * fromDisplay('pressure', 1, reader.system) * 100, 3, '.');
  return (
    <Card testID="loss-note">
      <Words>
        Drawdowns at {figureWithUnit(fig('pressure', loss.from_bar), reader)} and{' '}
        {figureWithUnit(fig('pressure', loss.to_bar), reader)}: the stroke loses {forOne} % for each {one}.
      </Words>
      {taken !== percent && (
        <Button label="Take it into the duty" testID="loss-take" onPress={() => onTake(percent)} />
      )}
    </Card>
  );
}
