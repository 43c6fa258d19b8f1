import { inOrderOfWork, parameterWithRole, type Parameter } from '../../../profile';
import type { PutBack } from '../../../sheet';
import { recordsOf } from '../../../visit';
import type { SpaProfile, SpaJob } from '../wire/job';

/** One step of changing the number, in the profile's own moment. */
export interface ChangeStep {
  readonly key:
    | 'written'
    | 'dead'
    | 'on'
    | 'shut'
    | 'page'
    | 'before'
    | 'choose'
    | 'inside'
    | 'dead-again'
    | 'off'
    | 'gone'
    | 'clock';
  readonly words: string;
  readonly caution?: string;
}

const DEAD = 'Supply off, locked and proved dead';
const LIVE = 'A licensed electrician: covers, an insulated tool, one hand, nothing else touched.';

/** Each change of number that was made, and put back what hangs on it; steps that were only seen later are none. */
export function numberChanges(document: SpaJob): PutBack[] {
  const number = parameterWithRole(document.profile, 'number');
  if (!number) return [];
  return recordsOf(document, 'number-change')
    .filter(({ body }) => body.amends !== true)
    .map(({ revision }) => ({ key: number.key, revision }));
}

/** What a change of number puts back, as the sheet names it: written down before it is changed. */
export function wipedBy(profile: SpaProfile): Parameter[] {
  const number = parameterWithRole(profile, 'number');
  const placed = inOrderOfWork(profile);
  const keys = new Set(placed.find(({ key }) => key === number?.key)?.rewrites ?? []);
  return placed.filter(({ key }) => keys.has(key));
}

/** The way to another number: power off wherever the profile lets the switch be read at power-up. */
export function changeSteps({ behaviours }: Pick<SpaProfile, 'behaviours'>, number: string): ChangeStep[] {
  const { bank, readAt } = behaviours;
  const at = bank.findIndex(({ setUp }) => setUp) + 1;
  const written: ChangeStep = {
    key: 'written',
    words: `Written down: all that the change puts back${behaviours.wipesClock ? ', and the clock' : ''}`,
  };
  const choose: ChangeStep[] =
    behaviours.numberSeen === 'set-up'
      ? [
          { key: 'before', words: 'The number in the set-up page read, before it is changed' },
          { key: 'choose', words: `Number ${number} chosen and stored; it restarts` },
          {
            key: 'inside',
            words: `Number ${number} read back in the set-up page, before ${at === 0 ? 'it is left' : `switch ${at} goes off`}`,
          },
        ]
      : [{ key: 'choose', words: `Number ${number} chosen and stored; it restarts` }];
  const gone: ChangeStep = { key: 'gone', words: 'The set-up page is gone: its own display' };
  const end: ChangeStep[] = [
    gone,
    ...(behaviours.wipesClock ? [{ key: 'clock', words: 'Clock set again to the true time' } as const] : []),
  ];
  // without a switch the page is opened by keys alone
  if (at === 0) return [written, ...choose, ...end];
  if (readAt === 'live')
    return [
      written,
      { key: 'on', words: `Switch ${at} on: the page opens at once`, caution: LIVE },
      ...choose,
      { key: 'off', words: `Switch ${at} off again`, caution: LIVE },
      ...end,
    ];
  const page =
    readAt === 'power-up'
      ? 'Supply on: the set-up page opens'
      : 'Supply on: while the start-up message stands, the set-up page is opened at the panel';
  return [
    written,
    { key: 'dead', words: DEAD, caution: 'Mains and water in one cabinet; nobody in the tub.' },
    { key: 'on', words: `Switch ${at} on` },
    { key: 'shut', words: 'Cabinet shut' },
    { key: 'page', words: page },
    ...choose,
    { key: 'dead-again', words: DEAD },
    { key: 'off', words: `Switch ${at} off again; cabinet shut` },
    ...end,
  ];
}
