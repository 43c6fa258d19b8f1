import { eachOf } from '../../parts/check-input';
import type { Finding } from '../../../findings';
import { clockChanges, dateInWords } from '../../../time';
import { fig } from '../../../units';
import type { CheckInput } from './input';
import { hasHours } from '../settings/understand';
import { poolChoices } from '../wire/duty';
import { finding } from '../texts/texts';

/** POO-23 to 25, and what any pump is asked: access, power cut, clock. */
export function checkCommand(input: CheckInput): Finding[] {
  return eachOf(input, address, state, masters, access, edits, keys, powerCut, summer);
}

function address({ settings, context, subject, at }: CheckInput): Finding[] {
  const { otherAddresses } = context.duty;
  const range = context.profile.behaviours.addresses;
  if (settings.address === null || !range || !otherAddresses.includes(settings.address)) return [];
  const all = Array.from({ length: range.greatest - range.least + 1 }, (_, i) => range.least + i);
  const free = all.find((candidate) => !otherAddresses.includes(candidate));
  return [
    finding(
      'POO-23',
      subject,
      { address: `${settings.address}`, free: free === undefined ? 'of another link' : `${free}` },
      [at('link.address')],
    ),
  ];
}

function state({ held, subject, at }: CheckInput): Finding[] {
  if (held !== 'manual' && held !== 'hold' && held !== 'stopped') return [];
  return [finding(`POO-24.${held}`, subject, {}, [at('mode')])];
}

const MASTER = { own: 'its own programs', relay: 'relay contacts', link: 'a data link' } as const;

function masters({ settings, context, subject, at }: CheckInput): Finding[] {
  const found: Finding[] = [];
  const addresses = [at('command.source')];
  const { commandSeen, duty } = context;
  const set = settings.command;
  const meant = subject === 'target' ? duty.command : (set ?? duty.command);
  if (commandSeen !== null && subject !== 'target' && commandSeen !== meant) {
    found.push(
      finding('POO-25.masters', subject, { seen: MASTER[commandSeen], set: MASTER[meant] }, addresses),
    );
  }
  const enabled = settings.programs.filter(
    (program) =>
      !program.empty && !program.timed && program.enabled === true && hasHours(context.profile, program),
  );
  if ((meant === 'relay' || meant === 'link') && enabled.length > 0) {
    found.push(
      finding(
        'POO-25.command',
        subject,
        { master: meant === 'relay' ? 'panel’s relays' : 'panel’s link', count: `${enabled.length}` },
        enabled.map(({ slot }) => at('program.enable', slot) ?? at('program.start', slot)),
      ),
    );
  }
  return found;
}

/** A menu that stands open for longer than a person needs at it is open to whoever comes by, min. */
const MENU_OPEN_min = 15;

function access({ settings, context, subject, at }: CheckInput): Finding[] {
  const { place } = context.duty;
  const found: Finding[] = [];
  if (place.othersReach && (settings.password === 'default' || settings.password === 'none')) {
    const which = settings.password === 'default' ? 'The default' : 'No';
    found.push(finding('ANY-11.password', subject, { which }, [at('access.password')]));
  }
  const open = settings.menuOpen_min;
  if (place.othersReach && open !== null && open > MENU_OPEN_min)
    found.push(
      finding('ANY-11.stays', subject, { open: fig('minutes', open), most: fig('minutes', MENU_OPEN_min) }, [
        at('access.time-out'),
      ]),
    );
  return found;
}

/** ANY-11: programs that are edited as they run. */
function edits({ settings, context, subject, at }: CheckInput): Finding[] {
  if (!context.profile.behaviours.programs.editedRunning || !context.duty.place.othersReach) return [];
  const places = settings.programs.map(({ slot }) => at('program.speed', slot));
  return [finding('ANY-11.edits', subject, {}, places)];
}

function keys({ settings, context, subject, at }: CheckInput): Finding[] {
  const live = settings.keys.filter((key) => key !== null && key !== 'nothing').length;
  if (live === 0 || !context.duty.place.childrenReach) return [];
  const places = settings.keys.map((_, i) => at('key.function', i + 1));
  return [finding('ANY-11.keys', subject, { count: `${live}` }, places)];
}

/** A cut longer than this is common enough that a clock has to outlast it, h. */
const COMMON_CUT_h = 4;

function powerCut({ settings, context, subject, at }: CheckInput): Finding[] {
  const found: Finding[] = [];
  const { keeps_h, lost } = context.profile.behaviours.clock;
  if (settings.afterPowerCut === null)
    found.push(finding('ANY-12.unknown', subject, {}, [at('power.after-cut')]));
  if (settings.afterPowerCut === 'wait' && poolChoices(context.duty).afterCut !== 'wait')
    found.push(finding('ANY-12.water', subject, {}, [at('power.after-cut')]));
  if (subject !== 'target' && keeps_h < COMMON_CUT_h && settings.programs.length > 0) {
    const stands = lost === 'stands';
    found.push(
      finding('ANY-12.lost', subject, {
        keeps: fig('hours', keeps_h),
        does: stands ? 'stands still' : 'runs from 0:00',
        wrong: stands ? 'does not run until someone sets it' : 'runs the wrong program at the wrong time',
      }),
    );
  }
  return found;
}

function summer({ settings, context, subject, at }: CheckInput): Finding[] {
  if (settings.summer !== 'by-hand' || subject === 'target') return [];
  const [next] = clockChanges(context.zone, context.today);
  if (!next) return [];
  const forward = next.by_min > 0;
  return [
    finding(
      'ANY-04.summer',
      subject,
      { date: dateInWords(next.date), way: forward ? 'forward' : 'back', late: forward ? 'late' : 'early' },
      [at('clock.summer')],
    ),
  ];
}
