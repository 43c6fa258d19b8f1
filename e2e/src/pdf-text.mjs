import { readFileSync } from 'node:fs';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** Prints the text of PDFs, one page a line; an empty line parts one file from the next. */
const [, , ...paths] = process.argv;
for (const [n, path] of paths.entries()) {
  if (n > 0) console.log('');
  const pdf = await getDocument({ data: new Uint8Array(readFileSync(path)), verbosity: 0 }).promise;
  for (let i = 1; i <= pdf.numPages; i++) {
    const content = await (await pdf.getPage(i)).getTextContent();
    console.log(
      content.items
        .map((item) => item.str)
        .join(' ')
        .replace(/\s+/g, ' '),
    );
  }
}
