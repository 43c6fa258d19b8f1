/** A reading this near to a ratio of two ranges is taken for it. */
const NEAR = 0.04;

/** The range on a sensor's label and the one that was set instead which a reading off by a ratio fits best; null where no pair does. */
export function rangesBehind(
  ratio: number,
  ranges: readonly number[],
): { readonly label: number; readonly set: number } | null {
  const off = ({ label, set }: { label: number; set: number }) => Math.abs((ratio * set) / label - 1);
  const [pair] = ranges
    .flatMap((label) => ranges.map((set) => ({ label, set })))
    .filter((one) => one.label !== one.set && off(one) <= NEAR)
    .sort((a, b) => off(a) - off(b));
  return pair ?? null;
}
