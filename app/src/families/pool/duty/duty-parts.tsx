import type { InputError } from '@barythm/core/input';
import { ChlorinatorPart } from './chlorinator-part';
import { CircuitsPart } from './circuits-part';
import { CommandPart } from './command-part';
import { HeatPart } from './heat-part';
import { LimitsPart } from './limits-part';
import { NeedsPart } from './needs-part';
import { PointsPart } from './points-part';
import { TariffPart } from './tariff-part';
import { TimedPart } from './timed-part';
import { WaterPart } from './water-part';
import { WinterPart } from './winter-part';
import type { Texts } from '../../../form/tree';

interface PartsProps {
  readonly texts: Texts;
  /** what could not be computed with, by its field: points or prices */
  readonly fault: InputError | null;
}

/** The duty of a pool pump in its parts, in the order of work. */
export function DutyParts({ texts, fault }: PartsProps) {
  const of = (field: string) => (fault?.field === field ? fault.message : null);
  return (
    <>
      <WaterPart texts={texts} />
      <PointsPart texts={texts} fault={of('points')} />
      <LimitsPart texts={texts} />
      <CircuitsPart texts={texts} />
      <NeedsPart texts={texts} />
      <TimedPart texts={texts} />
      <TariffPart texts={texts} fault={of('prices')} />
      <CommandPart texts={texts} />
      <WinterPart texts={texts} />
      <HeatPart texts={texts} />
      <ChlorinatorPart texts={texts} />
    </>
  );
}
