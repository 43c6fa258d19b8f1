import type { Block } from '@barythm/core/visit';
import { BeforeAfterCard } from './before-after-card';
import { ChartCard } from './chart-card';
import { RowsCard } from './rows-card';
import { TableCard } from './table-card';

/** What a family says on a hand-over, a card a block: the paper paints the same ones. */
export function BlockCards({ blocks }: { blocks: readonly Block[] }) {
  return blocks.map((block) => <BlockCard key={block.key} block={block} />);
}

function BlockCard({ block }: { block: Block }) {
  switch (block.kind) {
    case 'before-after':
      return <BeforeAfterCard block={block} />;
    case 'chart':
      return <ChartCard block={block} />;
    case 'table':
      return <TableCard block={block} />;
    case 'rows':
      return <RowsCard block={block} />;
  }
}
