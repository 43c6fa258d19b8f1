import { fig } from '../../../units';
import type { DrivenPump } from '../effect/pump';
import { enoughAtNil_bar } from '../effect/set';
import { cheaperSharing, offFrequency_hz, SETTLES_s, sharingDay_kWh } from '../effect/sharing';
import type { DriveDraft } from './draft';

const BELOW_bar = 0.3;
const RIPPLE_bar = 0.1;
const DELAY_s = 5;
const LEADS_h = 24;
/** One less is enough with this much of its flow to spare. */
const SPARE = 0.9;

/** The next pump, and how they share. */
export function planCascade(draft: DriveDraft, pump: DrivenPump): void {
  const { context } = draft;
  planSharing(draft, pump);
  // before any tap runs short, but never within its own ripple
  const nil = enoughAtNil_bar(context.duty);
  const { set_bar } = draft.settings();
  const room = set_bar === null || nil === null ? BELOW_bar : set_bar - nil;
  draft.set(
    'next.below',
    Math.max(RIPPLE_bar, Math.min(BELOW_bar, room)),
    { text: 'next.below', values: {} },
    'down',
  );
  const slow = draft.settings().sharing === 'one-varies';
  draft.set('next.delay', slow ? SETTLES_s : DELAY_s, {
    text: slow ? 'next.settles' : 'next.delay',
    values: {},
  });
  draft.set('next.hours', LEADS_h, { text: 'next.hours', values: {} });
  const off = offFrequency_hz(context, pump, draft.settings(), SPARE);
  if (off !== null) draft.set('next.off', off, { text: 'next.off', values: {} }, 'down');
}

function planSharing(draft: DriveDraft, pump: DrivenPump): void {
  const { context } = draft;
  const { sharing } = context.duty.choices;
  if (!draft.has('sharing')) return;
  if (sharing && context.profile.behaviours.sharing.includes(sharing))
    return draft.choose('sharing', `sharing.${sharing}`, { text: 'sharing.chosen', values: {} });
  const cheaper = cheaperSharing(context, pump, draft.settings());
  const way = cheaper ?? context.profile.behaviours.sharing[0];
  if (!way) return;
  const day = sharingDay_kWh(context, pump, draft.settings());
  const other = way === 'all-vary' ? 'one-varies' : 'all-vary';
  const [mine, its] = [day[way], day[other]];
  draft.choose(
    'sharing',
    `sharing.${way}`,
    mine === null || its === null || Math.abs(mine - its) < 0.005
      ? { text: 'sharing.only', values: {} }
      : {
          text: 'sharing.cheaper',
          values: { this: fig('plain', round(mine)), other: fig('plain', round(its)) },
        },
  );
}

const round = (value: number) => Math.round(value * 100) / 100;
