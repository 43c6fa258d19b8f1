import { readFileSync } from 'node:fs';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** Prints the text of a PDF, one page a line. */
const pdf = await getDocument({ data: new Uint8Array(readFileSync(process.argv[2])), verbosity: 0 }).promise;
for (let i = 1; i <= pdf.numPages; i++) {
  const content = await (await pdf.getPage(i)).getTextContent();
  console.log(
    content.items
      .map((item) => item.str)
      .join(' ')
      .replace(/\s+/g, ' '),
  );
}
