import type { Block } from '@barythm/core/visit';
import type { Pdf } from '../paper';
import { beforeAfter } from './before-after';
import { chart } from './chart';
import { rows } from './rows';
import { table } from './table';

/** Paints what a family says, one block below the other; answers the y below the last. */
export function paintBlocks(pdf: Pdf, blocks: readonly Block[], start: number): number {
  return blocks.reduce((y, block) => paintBlock(pdf, block, y), start);
}

function paintBlock(pdf: Pdf, block: Block, y: number): number {
  switch (block.kind) {
    case 'before-after':
      return beforeAfter(pdf, block, y);
    case 'chart':
      return chart(pdf, block, y);
    case 'table':
      return table(pdf, block, y);
    case 'rows':
      return rows(pdf, block, y);
  }
}
