import { useMemo } from 'react';
import { meteringFamily } from '@barythm/core/families/metering';
import { dateInWords } from '@barythm/core/time';
import { displayUnit, fig, figureWithUnit, formatNumber, fromDisplay } from '@barythm/core/units';
import {
  blankDuty,
  measuredHistory,
  measuredLoss,
  type MeteringDuty,
  type MeteringView,
} from '@barythm/core/families/metering';
import { PlanScreen, Still, useDuty, type DutyTyped, useMoved } from '../../../kit/plan';
import { textAt } from '@barythm/core/describe';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { Words } from '../../../ui/words/words';
import { StockCard } from '../pump/stock-card';
import { useMetering } from '../use-metering';
import { CapacityCard, CuresCard } from './capacity-card';
import { DoseCard } from './dose-card';
import { ExpectedTable } from './expected-table';
import { ModeSettings } from '../duty/mode-settings';
import { ProductPick } from '../duty/product-pick';
import { RatedFlow } from '../duty/rated-flow';
import { GearCard } from './gear-card';
import { PulseCard } from './pulse-card';
import { SignalCard } from './signal-card';
import { usePlan, type PlanWork } from './use-plan';

/** What the duty's form leaves to this family. */
const OWN = { ModeSettings, ProductPick, RatedFlow };

/** Plan of a metering pump: the signal's line can be moved by hand, and the dose follows. */
export function MeteringPlan() {
  const { view, jobId } = useMetering();
  const { texts: blank, seen } = useMemo(() => blankDuty(view), [view]);
  const typed = useDuty(meteringFamily.forms.duty, `duty:${jobId}`, view.duty, blank, undefined, seen);
  const { byHand, setByHand, screen } = useMoved(jobId);
  const { work, fault } = usePlan(view, typed.duty, byHand);
  return (
    <PlanScreen
      typed={typed}
      work={work}
      fault={fault}
      {...screen}
      own={OWN}
      notes={
        <>
          {work?.context.calibration && <MeasuredNote work={work} />}
          <LossNote view={view} typed={typed} />
        </>
      }
      then={(now, calm) => (
        <>
          <Still on={calm}>
            {() => (
              <>
                <GearCard work={calm} onChoose={(gear) => typed.choose('choices.gear', gear)} />
                <PulseCard work={calm} onMove={setByHand} />
              </>
            )}
          </Still>
          <SignalCard work={now} byHand={byHand} onMove={setByHand} />
          <Still on={calm}>
            {() => (
              <>
                <DoseCard work={calm} />
                <ExpectedTable work={calm} />
                <CuresCard work={calm} />
                <CapacityCard work={calm} />
                <StockCard context={calm.context} values={calm.values} agreedOn={calm.context.today} />
              </>
            )}
          </Still>
        </>
      )}
    />
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

const LOSS = 'pressure.lossPer_bar';

/** Two drawdowns at two pressures measured the loss: it is offered, not taken silently. */
function LossNote({
  view,
  typed: { texts, choose },
}: {
  view: MeteringView;
  typed: DutyTyped<MeteringDuty>;
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
      {textAt(texts, LOSS) !== percent && (
        <Button label="Take it into the duty" testID="loss-take" onPress={() => choose(LOSS, percent)} />
      )}
    </Card>
  );
}
