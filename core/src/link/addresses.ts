/** The first address from `least` up to `greatest` that nobody has; null where none is left. */
export function freeAddress(taken: Iterable<number>, least: number, greatest: number): number | null {
  const all = new Set(taken);
  for (let address = least; address <= greatest; address++) if (!all.has(address)) return address;
  return null;
}

/** Addresses that stand more than once, each named once. */
export function repeatedAddresses(addresses: readonly number[]): number[] {
  return [...new Set(addresses.filter((address, i) => addresses.indexOf(address) !== i))];
}
