import { faultOf, inOrderOfWork, shownIn, type Parameter, type SettingValues } from '../../profile';
import { fromUnit, type Quantity } from '../../units';
import { familyOf, profileSchema, type AnyProfile } from '../index';
import type { Sample } from '../../job/testing/walk.fixtures';

/**
 * For tests only: every shipped controller again as its neighbour might be: units of other countries, coarser steps, tighter limits, a
 * meaning that it lacks. What was found on it is brought along.
 */
export interface Varied {
  readonly name: string;
  readonly sample: Sample;
}

/** units that a figure is shown in elsewhere, with the step that such a display has */
const ELSEWHERE: Partial<Record<Quantity, readonly (readonly [unit: string, step: number])[]>> = {
  pressure: [
    ['kPa', 10],
    ['psi', 1],
  ],
  temperature: [['°F', 1]],
  difference: [['°F', 1]],
  minutes: [['s', 10]],
  seconds: [['min', 0.1]],
  waterFlow: [['gpm', 0.1]],
  length: [['ft', 1]],
};

const onStep = (value: number, step: number) => Number((Math.round(value / step) * step).toPrecision(12));

/** A parameter in another unit; itself where its limits hang on another, or its meaning has no other. */
function inUnit(parameter: Parameter, q: Quantity | undefined, way: number): Parameter {
  const others = (q && ELSEWHERE[q]) ?? [];
  const { least, greatest, unit } = parameter;
  if (!q || parameter.type !== 'number' || !others.length) return parameter;
  if (typeof least === 'object' || typeof greatest === 'object') return parameter;
  const [other, step] = others[way % others.length];
  const to = { ...parameter, unit: other, step } as Parameter;
  const brought = (value: number | undefined) => {
    const own = value === undefined ? undefined : fromUnit(q, value, unit ?? '');
    const shown = own === undefined ? null : shownIn(to, q, own);
    return shown === null ? undefined : onStep(shown, step);
  };
  const [from, up] = [brought(least as number | undefined), brought(greatest as number | undefined)];
  const first = brought(parameter.default as number | undefined);
  return {
    ...to,
    ...(from === undefined ? {} : { least: from }),
    ...(up === undefined ? {} : { greatest: up }),
    ...(typeof parameter.default === 'number' && first !== undefined ? { default: first } : {}),
  };
}

function valuesIn(profile: AnyProfile, to: AnyProfile, found: SettingValues): SettingValues {
  const { quantities } = familyOf(profile.family);
  return Object.fromEntries(
    Object.entries(found).map(([key, value]) => {
      const [bare] = key.split('/');
      const [was, is] = [profile, to].map(({ parameters }) => parameters.find((one) => one.key === bare));
      const q = was?.role ? quantities[was.role] : undefined;
      if (!was || !is || !q || was.unit === is.unit || typeof value !== 'number') return [key, value];
      const shown = shownIn(is, q, fromUnit(q, value, was.unit ?? '') ?? value) ?? value;
      return [key, onStep(shown, is.step ?? 1e-9)];
    }),
  );
}

const withParameters = (
  sample: Sample,
  change: (parameter: Parameter) => Parameter | null,
): Sample | null => {
  const { profile } = sample;
  const parameters = profile.parameters.flatMap((one) => change(one) ?? []);
  const read = profileSchema.safeParse({ ...profile, parameters });
  if (!read.success) return null;
  const to = read.data as AnyProfile;
  const brought = valuesIn(profile, to, sample.found as SettingValues);
  // what this controller cannot hold was not found on it
  const found = Object.fromEntries(
    inOrderOfWork(to).flatMap((parameter) => {
      const value = brought[parameter.key];
      return value === undefined || faultOf(parameter, value, brought) !== null
        ? []
        : [[parameter.key, value]];
    }),
  );
  return { ...sample, profile: to, found };
};

const COARSER = 3;
/** so much of its span is cut off either end */
const TIGHTER = 0.2;

function tighter(parameter: Parameter): Parameter {
  const { least, greatest, step } = parameter;
  if (parameter.type !== 'number' || typeof least !== 'number' || typeof greatest !== 'number')
    return parameter;
  const cut = onStep((greatest - least) * TIGHTER, step ?? 1);
  return { ...parameter, least: least + cut, greatest: greatest - cut };
}

/** A sample and all that it varies to. */
export function variedOf(sample: Sample): Varied[] {
  const { quantities } = familyOf(sample.profile.family);
  const all: (readonly [string, Sample | null])[] = [
    ['as shipped', sample],
    ...[0, 1].map(
      (way) =>
        [
          way === 0 ? 'in kPa, °F, s, gpm' : 'in psi',
          withParameters(sample, (one) => inUnit(one, one.role ? quantities[one.role] : undefined, way)),
        ] as const,
    ),
    [
      'coarser steps',
      withParameters(sample, (one) =>
        one.type === 'number' && one.step ? { ...one, step: one.step * COARSER } : one,
      ),
    ],
    ['tighter limits', withParameters(sample, tighter)],
    ...sample.profile.parameters
      .filter(({ role }) => role !== undefined)
      .map(
        (gone) =>
          [
            `without ${gone.role}`,
            withParameters(sample, (one) => (one.key === gone.key ? null : one)),
          ] as const,
      ),
  ];
  return all.flatMap(([name, varied]) => (varied ? [{ name, sample: varied }] : []));
}
