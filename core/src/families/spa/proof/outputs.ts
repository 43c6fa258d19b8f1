import { capital } from '../../../words';
import { stateCheck, wrong, type ProofCheck } from '../../../proof';
import { STARTS } from '../../parts/proof-checks';
import { currentsOf } from '../effect/load';
import { OUTPUT_WORDS } from '../wire/behaviours';
import type { SpaContext } from '../settings/context';
import type { SpaSettings } from '../settings/understand';
import type { Output } from '../wire/behaviours';

/** Everything that is connected is tried. */
export function triedOutputs({ duty }: Pick<SpaContext, 'duty'>): Output[] {
  return currentsOf(duty).map(({ output }) => output);
}

const ONE_SPEED = wrong(
  'One speed only',
  'SPA-01',
  'standing',
  'One speed only',
  'The row gives it one speed: compare number, table, switches and links.',
);
const ORDER = wrong(
  'In another order',
  'SPA-05',
  'standing',
  'The key goes through another order',
  'Another panel than its profile says, or another row: read the panel’s label and the number again.',
);
const DEAD = wrong(
  'Nothing runs',
  'SPA-01',
  'standing',
  'Nothing runs',
  'No output under this number, no key for it, or a plug in another place.',
);
const OTHER = wrong(
  'Another one runs',
  'SPA-01',
  'swapped',
  'Another one runs',
  'Two plugs are swapped, or the row is another one.',
);
const STAYS = wrong(
  'Does not stop',
  'SPA-05',
  'standing',
  'Does not stop',
  'It may belong to a cycle or the frost guard; else its relay has welded: off, and a licensed electrician.',
);

/** The states of a key in order, where they are those of something with so many speeds: one of another row goes through others. */
function statesFor(states: string | undefined, speeds: number): string | undefined {
  return states !== undefined && states.split(',').length === speeds + 1 ? states : undefined;
}

/** SPA-05: each key through all its states, the output seen or heard in each. */
export function outputChecks(context: SpaContext, settings: SpaSettings): ProofCheck[] {
  const { keys } = context.profile.behaviours;
  return triedOutputs(context).map((output) => {
    const key = settings.keys.indexOf(output);
    const pump = /^pump-(\d)$/.exec(output);
    const two = pump !== null && context.duty.pumps[Number(pump[1]) - 1]?.low !== null;
    const blows = output === 'blower' ? (context.duty.blower?.speeds ?? 1) : 1;
    const speeds = two ? 2 : blows;
    const states = key < 0 ? undefined : statesFor(keys[key].states, speeds);
    const by =
      key < 0
        ? 'Wait until the pack runs it by itself'
        : `Press “${keys[key].name}” through all its states${states === undefined ? '' : `, press by press: ${states}`}`;
    return stateCheck(
      {
        key: `output-${output}`,
        about: { kind: 'output' },
        title: capital(OUTPUT_WORDS[output]),
        method: `${by}: see or hear the output itself${two ? ' at low and at high speed' : ''}.`,
        expected: two
          ? 'it runs low, high, and stops'
          : blows > 1
            ? `it runs at ${blows} speeds, and stops`
            : key < 0
              ? 'it runs'
              : 'it runs, and stops',
        caution: STARTS,
      },
      two || blows > 1
        ? {
            all: two ? 'Low, high and off' : `${blows} speeds and off`,
            one: ONE_SPEED,
            ...(states === undefined ? {} : { order: ORDER }),
            dead: DEAD,
            other: OTHER,
            stays: STAYS,
          }
        : key < 0
          ? { all: 'Runs', dead: DEAD, other: OTHER }
          : {
              all: 'On and off',
              ...(states === undefined ? {} : { order: ORDER }),
              dead: DEAD,
              other: OTHER,
              stays: STAYS,
            },
      'all',
    );
  });
}
