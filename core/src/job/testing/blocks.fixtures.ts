import type { Block, BlockOf, HandoverSummary } from '../../visit';

/** For tests: the block of a hand-over with this key. */
export function blockOf<K extends Block['kind']>(
  kind: K,
  key: string,
  { blocks }: HandoverSummary,
): BlockOf<K> {
  const all: readonly Block[] = [...blocks.first, ...blocks.behind, ...blocks.tried];
  const found = all.find((block) => block.kind === kind && block.key === key);
  if (!found) throw new Error(`No ${kind} “${key}” among ${all.map((block) => block.key).join(', ')}.`);
  return found as BlockOf<K>;
}

/** For tests: what stands on one side of a block that compares, line by line; pictures by what they say. */
export function sideOf(key: string, column: 'found' | 'left', summary: HandoverSummary): string[] {
  const side = blockOf('before-after', key, summary).sides.find((one) => one.column === column);
  return (side?.items ?? []).map((item) => (item.kind === 'strip' ? item.says : item.words));
}
