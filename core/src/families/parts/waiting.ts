import { Unanswered } from '../../describe';
import {
  addressOf,
  inOrderOfWork,
  isSettable,
  limitFor,
  rolesIn,
  type Parameter,
  type Profile,
  type SettingValue,
  type SettingValues,
} from '../../profile';

/** A setting whose target waits for what nobody has answered. */
export interface Waiting {
  readonly address: string;
  readonly key: string;
  /** where that is asked in the duty, `index.head_m` */
  readonly for: string;
}

/** So many values of each waiting setting are tried to see what hangs on it. */
const MOST_TRIED = 6;

/** The settings of a plan in the making that wait: whatever hangs on one of them waits too. */
export class WaitingSettings {
  private readonly byKey = new Map<string, Waiting>();

  constructor(private readonly profile: Profile) {}

  get all(): readonly Waiting[] {
    return inOrderOfWork(this.profile).flatMap(({ key }) => this.byKey.get(key) ?? []);
  }

  /** Every setting with one of some roles that has no target yet waits for an answer. */
  wait(roles: readonly string[], path: string, isPlanned: (key: string) => boolean): void {
    this.waitWhere((parameter) => rolesIn(parameter).some((role) => roles.includes(role)), path, isPlanned);
  }

  /** The same for settings by their keys: what the change of another puts back. */
  waitWith(keys: readonly string[], path: string, isPlanned: (key: string) => boolean): void {
    this.waitWhere(({ key }) => keys.includes(key), path, isPlanned);
  }

  private waitWhere(
    test: (parameter: Parameter) => boolean,
    path: string,
    isPlanned: (key: string) => boolean,
  ): void {
    for (const parameter of inOrderOfWork(this.profile)) {
      const { key } = parameter;
      if (!isSettable(parameter) || isPlanned(key) || this.byKey.has(key) || !test(parameter)) continue;
      this.byKey.set(key, { address: addressOf(parameter), key, for: path });
    }
  }

  has(key: string): boolean {
    return this.byKey.has(key);
  }

  /** It was decided after all. */
  decided(key: string): void {
    this.byKey.delete(key);
  }

  /** Values without those that wait: what was found of them may not be what will stand. */
  without(values: SettingValues): SettingValues {
    if (this.byKey.size === 0) return values;
    return Object.fromEntries(Object.entries(values).filter(([key]) => !this.byKey.has(key)));
  }

  /** The same values, of which one that waits cannot be read. */
  guarded(values: SettingValues): SettingValues {
    if (this.byKey.size === 0) return values;
    const read = (key: string | symbol) => {
      const waits = typeof key === 'string' ? this.byKey.get(key) : undefined;
      if (waits) throw new Unanswered(waits.for);
    };
    return new Proxy(this.without(values) as Record<string, SettingValue>, {
      get: (known, key) => {
        read(key);
        return Reflect.get(known, key);
      },
      ownKeys: (known) => {
        for (const key of this.byKey.keys()) read(key);
        return Reflect.ownKeys(known);
      },
    });
  }

  /**
   * What is understood of some values, of which nothing can be read that hangs on a setting that waits: what is not the same whatever
   * that is set to.
   */
  understood<Settings extends object>(
    values: SettingValues,
    understand: (values: SettingValues) => Settings,
  ): Settings {
    const [first] = this.byKey.values();
    const known = understand(this.without(values));
    if (!first) return known;
    const tried = Array.from({ length: MOST_TRIED }, (_, i) =>
      understand({ ...this.without(values), ...this.anyValues(i) }),
    );
    const same = (key: keyof Settings) =>
      tried.every((one) => JSON.stringify(one[key]) === JSON.stringify(known[key]));
    const keys = new Set([known, ...tried].flatMap((one) => Object.keys(one) as (keyof Settings)[]));
    const hangs = new Set([...keys].filter((key) => !same(key)));
    return new Proxy(known, {
      get: (settings, key) => {
        if (hangs.has(key as keyof Settings)) throw new Unanswered(first.for);
        return Reflect.get(settings, key) as unknown;
      },
      ownKeys: (settings) => {
        if (hangs.size > 0) throw new Unanswered(first.for);
        return Reflect.ownKeys(settings);
      },
    });
  }

  /** A value of each setting that waits, as its controller takes them. */
  private anyValues(i: number): SettingValues {
    return Object.fromEntries(
      inOrderOfWork(this.profile).flatMap((parameter) => {
        const values = this.byKey.has(parameter.key) ? someValues(parameter) : [];
        return values.length > 0 ? [[parameter.key, values[i % values.length]]] : [];
      }),
    );
  }
}

function someValues(parameter: Parameter): readonly SettingValue[] {
  const { options, default: begins } = parameter;
  if (options && options.length > 0) return options.map(({ value }) => value);
  const least = limitFor(parameter.least, {}) ?? 0;
  const greatest = limitFor(parameter.greatest, {}) ?? least + 100;
  const between =
    parameter.type === 'days' || parameter.type === 'text' ? [] : [least, (least + greatest) / 2, greatest];
  return [...(begins === undefined || begins === null ? [] : [begins]), ...between];
}
