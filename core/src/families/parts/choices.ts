import {
  addressOf,
  figureOfOption,
  meaningOfOption,
  type Parameter,
  type ParameterOption,
  type SettingValue,
} from '../../profile';
import { fig, type Quantity } from '../../units';
import type { Clamped, Way } from './clamped';
import type { Undecided } from './shared-problem';

/** A figure that is wanted, in the program's own unit. */
export interface Wanted {
  readonly figure: number;
  readonly quantity: Quantity;
  readonly way: Way;
}
/** What is wanted of a choice: a meaning, or a figure. */
export type Want = { readonly option: string } | Wanted;
export type Wants = Readonly<Record<string, Want>>;

/** Two figures are one and the same on a label that rounds them. */
const ALIKE = 0.01;

const dust = (value: number) => Math.max(1e-9, 1e-6 * Math.abs(value));

/** True where a figure is on the side of the wanted one that does. */
export function isNearEnough(figure: number, { figure: wanted, way }: Wanted): boolean {
  if (way === 'up') return figure >= wanted - dust(wanted);
  if (way === 'down') return figure <= wanted + dust(wanted);
  return Math.abs(figure - wanted) <= ALIKE * Math.abs(wanted) + dust(wanted);
}

/** What a choice comes to. */
interface Settled {
  readonly option: ParameterOption;
  /** all that are as good, where none of them stands there: nothing says which it is to be; null where one is the best */
  readonly alike: readonly ParameterOption[] | null;
}

/**
 * The option that means all that is wanted of its parameter: of those the one whose figures lie nearest, on the side that does before the
 * other, then the one that settles least besides; of several that are as good, the one that stands there already. Undefined where none
 * has all the meanings, or says a figure for each that is wanted.
 */
export function bestOption(parameter: Parameter, wants: Wants, standing?: SettingValue): Settled | undefined {
  const { options = [] } = parameter;
  const fitting = options
    .flatMap((option) => {
      const how = judged(parameter, option, wants);
      return how === null ? [] : [{ option, ...how }];
    })
    .sort((a, b) => a.wrong - b.wrong || a.off - b.off || a.besides - b.besides);
  const [first] = fitting;
  if (first === undefined) return undefined;
  const alike = fitting.filter(
    ({ wrong, off, besides }) => wrong === first.wrong && off === first.off && besides === first.besides,
  );
  const stands = alike.find(({ option }) => option.value === standing);
  // where one choice settles one thing alone, those of one meaning are one: the profile lists the usual first
  const several = alike.length > 1 && options.some(({ also }) => also !== undefined);
  return {
    option: (stands ?? first).option,
    alike: several && !stands ? alike.map(({ option }) => option) : null,
  };
}

/** What is said where nothing tells which of several choices is right. */
export function undecidedOf(parameter: Parameter, alike: readonly ParameterOption[]): Undecided {
  return {
    kind: 'undecided',
    address: addressOf(parameter),
    parameter: parameter.label,
    choices: alike.map(({ label }) => `“${label}”`).join(', '),
  };
}

/** How many figures lie on the wrong side, how far all lie off, and what it settles besides; null where it means something else. */
function judged(parameter: Parameter, option: ParameterOption, wants: Wants) {
  let [wrong, off] = [0, 0];
  for (const [role, want] of Object.entries(wants)) {
    if ('option' in want) {
      if (meaningOfOption(parameter, option, role) !== want.option) return null;
      continue;
    }
    const figure = figureOfOption(option, role);
    if (figure === null) return null;
    if (!isNearEnough(figure, want)) wrong += 1;
    off += Math.abs(figure - want.figure);
  }
  const besides = Object.keys(option.also ?? {}).filter((role) => !(role in wants)).length;
  return { wrong, off, besides };
}

/** What is said where no choice gives what is required. */
export function clampedChoice(parameter: Parameter, { label }: ParameterOption, wanted: Wanted): Clamped {
  return {
    kind: 'clamped',
    address: addressOf(parameter),
    values: { parameter: parameter.label, wanted: fig(wanted.quantity, wanted.figure), taken: label },
  };
}
