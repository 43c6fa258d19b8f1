import { recordsOf, type HandoverFact } from '../../../visit';
import { arrivalFacts, shown } from '../../parts/arrival-facts';
import { readings } from '../arrival/readings';
import { neededSet_bar } from '../effect/set';
import type { DriveView } from '../kind';
import { gasFound_bar, gasHistory } from '../settings/gas';
import { HOLDS_WORDS, type DriveDuty } from '../wire/duty';
import type { DriveJob } from '../wire/job';

/** What it holds, in a line. */
export function holdsSaid({ holds, ...duty }: Pick<DriveDuty, 'holds' | 'draw'>): string {
  const needed = neededSet_bar({ holds });
  if (holds.kind === 'pressure' && needed !== null)
    return `${shown('pressure', holds.tap_bar)} at a tap ${shown('length', holds.above_m)} above its sensor: ${shown('pressure', needed)} there at ${shown('waterFlow', duty.draw.greatest_m3h)}`;
  if (holds.kind === 'difference') return `${shown('pressure', holds.set_bar)} of difference`;
  if (holds.kind === 'speed') return shown('frequency', holds.set_hz);
  return HOLDS_WORDS[holds.kind];
}

/** What the settings rest on, and what was read on arrival. */
export function factsOf({ document, duty }: DriveView): HandoverFact[] {
  const read = arrivalFacts(document, readings);
  if (!duty) return read;
  const { draw, inlet, vessel, pump } = duty;
  const gas = gasHistory(document).at(-1)?.body;
  const foundAt = gasFound_bar(document);
  const holds: HandoverFact[] = [
    { label: 'Controls', words: holdsSaid(duty) },
    {
      label: 'Drawn',
      words: `${shown('waterFlow', draw.least_m3h)} at least, ${shown('waterFlow', draw.usual_m3h)} usually, ${shown('waterFlow', draw.greatest_m3h)} at most; ${draw.leak_m3h === null ? 'leak not known' : `leak ${shown('waterFlow', draw.leak_m3h)}`}`,
    },
    {
      label: 'At its inlet',
      words: `${shown('pressure', inlet.least_bar)} to ${shown('pressure', inlet.greatest_bar)}`,
    },
    { label: 'Pumps', words: `${pump.count}${pump.oneOut ? ', one of them may be out' : ''}` },
  ];
  holds.push(...turned(document, pump.count));
  if (!vessel) return [...holds, ...read];
  const gasSaid = gas
    ? gas.empty
      ? foundAt !== null && foundAt !== gas.measured_bar
        ? `gas found at ${shown('pressure', foundAt)} and left at ${shown('pressure', gas.measured_bar)}, both empty of water`
        : `gas ${shown('pressure', gas.measured_bar)}, measured empty of water`
      : 'gas not measured empty of water'
    : vessel.precharge_bar === null
      ? 'gas not measured'
      : `gas ${shown('pressure', vessel.precharge_bar)}, as stated`;
  return [...holds, { label: 'Vessel', words: `${shown('volume', vessel.volume_L)}, ${gasSaid}` }, ...read];
}

const TURNED_WORDS = {
  right: 'turned the right way',
  menu: 'turned round by menu',
  leads: 'turned round by swapping two leads',
} as const;

/** How each unit turned, and what was done about it: the last of each counts. */
function turned(document: DriveJob, count: number): HandoverFact[] {
  const last = new Map(recordsOf(document, 'turning').map(({ body }) => [body.unit, body]));
  if (last.size === 0) return [];
  const words = [...last.values()].map(
    ({ unit, way, waited_min, provedDead }) =>
      `${count === 1 ? '' : `unit ${unit} `}${TURNED_WORDS[way]}${
        way === 'leads'
          ? ` (${waited_min === null ? 'time off not written down' : `off for ${shown('minutes', waited_min)}`}, ${provedDead ? 'proved dead' : 'not proved dead'})`
          : ''
      }`,
  );
  return [{ label: 'Direction', words: words.join('; ') }];
}
