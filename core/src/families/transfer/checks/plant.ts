import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { PLANT_WORDS, PUMP_KIND_WORDS } from '../wire/duty';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** What is set for another plant than this one: kinds, inlets, the input for cleaning, what comes after a cut. */
export function checkSetFor({ context, subject, settings, at }: CheckInput): Finding[] {
  const { duty } = context;
  const { plant, pumpKind, inlets, bottom_mm, cleaning, afterCut } = settings;
  const found: Finding[] = [];
  if (plant !== null && plant !== duty.plant)
    found.push(
      finding(
        'LEV-05.kind',
        subject,
        { what: 'plant', set: PLANT_WORDS[plant], is: PLANT_WORDS[duty.plant] },
        [at('plant')],
      ),
    );
  if (pumpKind !== null && pumpKind !== duty.pumpKind)
    found.push(
      finding(
        'LEV-05.kind',
        subject,
        { what: 'pump', set: PUMP_KIND_WORDS[pumpKind], is: PUMP_KIND_WORDS[duty.pumpKind] },
        [at('pump.kind')],
      ),
    );
  if (inlets !== null && inlets !== duty.inflow.inlets)
    found.push(
      finding('LEV-05.inlets', subject, { set: `${inlets}`, are: `${duty.inflow.inlets}` }, [at('inlets')]),
    );
  if (bottom_mm !== null && bottom_mm <= 0)
    found.push(finding('LEV-02.empty', subject, {}, [at('level.bottom')]));
  const { cleaningInput } = duty.inflow;
  if (cleaning === 'used' && cleaningInput === false)
    found.push(finding('LEV-07.nobody', subject, {}, [at('cleaning.input')]));
  // what nobody said is asked, and no slip of the settings
  if (cleaning === 'off' && cleaningInput === undefined && duty.inflow.cleaning_m3h > 0)
    found.push(finding('LEV-07.asked', subject, {}, [at('cleaning.input')]));
  if (cleaning === 'off' && cleaningInput === true && duty.inflow.cleaning_m3h > 0)
    found.push(
      finding('LEV-07.input', subject, { inflow: fig('waterFlow', duty.inflow.cleaning_m3h) }, [
        at('cleaning.input'),
      ]),
    );
  if (afterCut === 'wait' && duty.choices.afterCut !== 'wait')
    found.push(finding('ANY-12.waits', subject, {}, [at('power.after-cut')]));
  return found;
}
