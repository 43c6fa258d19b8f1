import { atLeast, atMost, within, type Claim, type Claims } from '../../suites/claims.fixtures';
import { cleanUpsOf, minutesOf, runsOf } from '../effect/cycles';
import type { SpaContext } from '../settings/context';
import type { SpaSettings } from '../settings/understand';
import type { SPA_REASONS } from './reasons';

/** Cycles and clean-up runs together filter as long as is said. */
const filters: Claim<SpaContext, SpaSettings> = ({ settings, given, context: { duty } }) => {
  const runs = runsOf(settings);
  if (runs === null) return true;
  const minutes = minutesOf([...runs, ...cleanUpsOf(duty, settings.cleanUp_min)]);
  return atLeast(minutes.reduce((sum, on) => sum + on, 0) + 1, given('hours') * 60);
};

export const CLAIMS: Claims<keyof typeof SPA_REASONS, SpaContext, SpaSettings> = {
  'number.match': ({ set, settings, given, context: { duty } }) =>
    set === settings.number && atMost(given('worst'), duty.supply.breaker_A),
  'need.row': null,
  'switch.set-up': null,
  'range.near': ({ given, context: { profile } }) =>
    Object.values(profile.behaviours.ranges!).every(
      ([least, greatest]) => given('set') < least || given('set') > greatest,
    ),
  'range.holds': ({ settings, given, context: { profile } }) => {
    const [least, greatest] = profile.behaviours.ranges![settings.range!];
    return atLeast(given('set'), least) && atMost(given('set'), greatest);
  },
  'set.display': ({ set, step, given }) => within(set, given('water') + given('off'), step),
  'set.wanted': ({ set, step, context: { duty } }) =>
    atMost(set, duty.wanted.temperature_C) && within(set, duty.wanted.temperature_C, step),
  'set.limit': ({ set, given }) => atMost(set, given('limit')) && given('limit') < given('wanted'),
  'heating.always': null,
  'heating.chosen': null,
  'offset.read': null,
  'clean-up.stated': ({ set, context: { duty } }) => atLeast(set, duty.choices.cleanUp_min!),
  'cycle.turnover': filters,
  'cycle.most': (it) => !filters(it),
  'cycle.spread': null,
  'time-out.bath': ({ set, given }) => atLeast(set, given('long')),
  'time-out.most': ({ set, given }) => set < given('long'),
  'key.output': null,
  'lock.shared': ({ context: { duty } }) => duty.code !== null,
  'again.number': null,
};
