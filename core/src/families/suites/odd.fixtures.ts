import { renderFinding, type Finding } from '../../findings';
import { METRIC, type Reader } from '../../units';
import type { Sample } from '../../job/testing/walk.fixtures';
import { ALL_TEXTS, FAMILY_NAMES } from '../index';

/** For tests only: every sample of every family, by its name. */
export const EVERY_SAMPLE = FAMILY_NAMES.flatMap((name) =>
  jest
    .requireActual<{ SAMPLES: readonly Sample[] }>(`../${name}/fixtures`)
    .SAMPLES.map((sample) => [`${name}: ${sample.profile.id}`, sample] as const),
);

/** What words never hold: a slot that was not filled, a figure that is none. */
export const HOLE = /\{\w+\}|undefined|NaN|Infinity|\[object/;

const READERS: readonly Reader[] = [METRIC, { ...METRIC, system: 'us' }];

/** Findings in words for whoever reads, without a hole. */
export function expectInWords(findings: readonly Finding[]): void {
  for (const reader of READERS)
    for (const finding of findings)
      expect(JSON.stringify(renderFinding(finding, ALL_TEXTS, reader))).not.toMatch(HOLE);
}

/** A place in a duty. */
export type Path = readonly (string | number)[];

/** Where a duty has figures. */
export function figuresOf(value: unknown, path: Path = []): Path[] {
  if (typeof value === 'number') return [path];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) =>
    figuresOf(inner, [...path, Array.isArray(value) ? Number(key) : key]),
  );
}

/** What stands at a place. */
export const at = (value: unknown, path: Path): unknown =>
  path.reduce((inner, key) => (inner as Record<string | number, unknown>)[key], value);

/** A copy with another figure at a place. */
export function changed<T>(value: T, [key, ...rest]: Path, figure: number): T {
  if (key === undefined) return figure as T;
  const copy = (Array.isArray(value) ? [...value] : { ...value }) as Record<string | number, unknown>;
  copy[key] = changed(copy[key], rest, figure);
  return copy as T;
}
