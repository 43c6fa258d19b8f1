import { stateCheck, wrong, type ProofCheck } from '../../../proof';
import { parameterWithRole } from '../../../profile';
import { STARTS } from '../../parts/proof-checks';
import type { PoolContext } from '../settings/context';
import type { PoolSettings } from '../settings/understand';

/** What stands beside programs and guards, tried: stop and resume, circuits that end by themselves, the second pump. */
export function beside(context: PoolContext, settings: PoolSettings): ProofCheck[] {
  return [...resume(context), ...countsDown(context, settings), ...second(context)];
}

function resume({ profile }: PoolContext): ProofCheck[] {
  const modes = parameterWithRole(profile, 'mode')?.options ?? [];
  if (!modes.some(({ role }) => role === 'mode.stopped')) return [];
  return [
    stateCheck(
      {
        key: 'resume',
        title: 'Stopped, and resumed',
        method: 'Stop it until it is resumed, let the start of a program pass, then resume it.',
        expected: 'it stands until then, and the program of this hour takes over',
        caution: 'Stopped so is not an isolation.',
      },
      {
        resumes: 'Stands, then takes over',
        starts: wrong(
          'Starts by itself',
          'POO-24',
          'manual',
          'Does not stay stopped',
          'The key stops one run and no more: isolate it before hands go in, always.',
        ),
        stays: wrong(
          'Stays stopped',
          'POO-24',
          'manual',
          'No program takes over',
          'In another state: look at its display, and put it in automatic.',
        ),
      },
      'resumes',
    ),
  ];
}

function countsDown({ duty }: PoolContext, { circuits }: PoolSettings): ProofCheck[] {
  return duty.circuits.flatMap(({ name, place }) =>
    place === null || circuits.find((one) => one.place === place)?.timer !== 'counts'
      ? []
      : [
          stateCheck(
            {
              key: `counts-${place}`,
              about: { kind: 'timed' },
              title: `${name} ends by itself`,
              method: 'Start it by its key, and be there when its time is up.',
              expected: 'it ends, and the program of this hour takes over',
              caution: STARTS,
            },
            {
              ends: 'Ends',
              'goes-on': wrong(
                'Carries on',
                'POO-06',
                'manual',
                'Does not end by itself',
                'Its time was not stored, or it runs by a program too.',
              ),
            },
            'ends',
          ),
        ],
  );
}

/** A booster behind the main pump has no water of its own. */
function second({ duty }: PoolContext): ProofCheck[] {
  if (!duty.second) return [];
  const { circuit, behindMain } = duty.second;
  return [
    stateCheck(
      {
        key: 'second-pump',
        title: `The second pump, for ${circuit}`,
        method: behindMain
          ? 'Start its circuit with the main pump at rest, then stop the main pump while it runs.'
          : 'Start its circuit, and stop it again.',
        expected: behindMain
          ? 'the main pump runs first, and it stops with it'
          : 'it starts, and stops with its circuit',
        caution: STARTS,
      },
      {
        right: behindMain ? 'After it, and stops with it' : 'Starts, and stops',
        first: wrong(
          behindMain ? 'Starts first, or runs on alone' : 'Runs on',
          'POO-16',
          'standing',
          'The second pump runs without water',
          'The delay of its circuit, and whether a delay is skipped; then which output it hangs on.',
        ),
        not: wrong(
          'Does not start',
          'POO-20',
          'wiring',
          'The second pump does not start',
          'Which output it hangs on, and the second pump that is set.',
        ),
      },
      'right',
    ),
  ];
}
