import {
  addressOf,
  expectedOf,
  inOrderOfWork,
  parametersIn,
  SEEN_WORDS,
  type Parameter,
  type Profile,
  type SettingValues,
} from '../../profile';
import { stateCheck, type ProofCheck } from '../../proof';

/**
 * Lamps and signs that must show one thing with the settings in force: looking at them proves what the controller was told, and costs
 * nothing. What they hang on and is not known lets nothing be expected.
 */
export function seenChecks(profile: Profile, values: SettingValues): ProofCheck[] {
  return inOrderOfWork(profile).flatMap((parameter) => {
    const { seen, label, key, options = [] } = parameter;
    const expected = seen === undefined ? null : expectedOf(parameter, values);
    const right = options.find(({ value }) => value === expected);
    if (seen === undefined || right === undefined) return [];
    return [
      {
        ...stateCheck(
          {
            key: seenKey({ key }),
            about: { kind: 'seen' },
            title: label,
            method: `Look at it: it is ${SEEN_WORDS[seen]}.`,
            expected: right.label,
          },
          Object.fromEntries(options.map(({ value, label: look }) => [value, look])),
          right.value,
        ),
        voidedBy: hangsOn(profile, parameter),
      },
    ];
  });
}

/** The key of the check of a lamp or sign. */
export const seenKey = ({ key }: Pick<Parameter, 'key'>): string => `seen-${key.replace('/', '--')}`;

/** Addresses of the settings that what it shows hangs on. */
function hangsOn(profile: Profile, { expects = [] }: Parameter): string[] {
  const keys = new Set(expects.flatMap(({ when }) => parametersIn(when)));
  return inOrderOfWork(profile)
    .filter(({ key }) => keys.has(key))
    .map(addressOf);
}
