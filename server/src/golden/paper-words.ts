import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** The words of a paper, a line after each sentence: a page’s line is too long to compare by eye. */
export function wordsOfPaper(pdf: Buffer): string {
  const folder = mkdtempSync(join(tmpdir(), 'barythm-paper-'));
  try {
    const path = join(folder, 'paper.pdf');
    writeFileSync(path, pdf);
    const reader = join(__dirname, '../../../e2e/src/pdf-text.mjs');
    return execFileSync(process.execPath, [reader, path], { encoding: 'utf8' }).replace(/([.;]) /g, '$1\n');
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
