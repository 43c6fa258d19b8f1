/** A count with its noun: `1 pump`, `3 pumps`. */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}
