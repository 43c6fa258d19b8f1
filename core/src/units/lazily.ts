import { inWordsOf, presentReader } from './reader';

/**
 * An object whose parts are worked out when they are first asked for, once each, in the units of whoever reads when it is made. What
 * a part throws, it throws to whoever asks for it.
 *
 * @example
 * const view = lazily<View>({ rows: () => rowsOf(document), findings: () => judge(view.rows) });
 */
export function lazily<T extends object>(parts: { readonly [Part in keyof T]: () => T[Part] }): T {
  const reader = presentReader();
  const whole = {} as T;
  for (const part of Object.keys(parts) as (keyof T)[]) {
    Object.defineProperty(whole, part, {
      enumerable: true,
      configurable: true,
      get() {
        const value = inWordsOf(reader, parts[part]);
        Object.defineProperty(whole, part, { value, enumerable: true });
        return value;
      },
    });
  }
  return whole;
}
