import QRCode from 'qrcode';
import { finish, INK, newDocument, PAGE, write, type Pdf } from './paper';

export interface LabelPump {
  readonly tag: string;
  readonly name: string;
  readonly siteName: string;
  readonly code: string;
}

/** Labels on A4, two by six; in points. */
const LABEL = { width: 240, height: 116, gap: 14, columns: 2, rows: 6 } as const;
const QR = 84;

/** A page of labels to stick on pumps: a QR code that opens the pump's page, and the short code beside it. */
export async function labelsPdf(
  pumps: readonly LabelPump[],
  base: string,
  createdAt: string,
): Promise<Buffer> {
  const pdf = newDocument('Pump labels', createdAt);
  const perPage = LABEL.columns * LABEL.rows;
  pumps.forEach((pump, i) => {
    if (i > 0 && i % perPage === 0) pdf.addPage();
    const place = i % perPage;
    const x = PAGE.left + (place % LABEL.columns) * (LABEL.width + LABEL.gap);
    const y = PAGE.top + Math.floor(place / LABEL.columns) * (LABEL.height + LABEL.gap);
    label(pdf, pump, base, x, y);
  });
  if (pumps.length === 0) {
    write(pdf, 'There are no pumps to label.', { x: PAGE.left, y: PAGE.top, width: 300 });
  }
  return finish(pdf);
}

function label(pdf: Pdf, pump: LabelPump, base: string, x: number, y: number): void {
  pdf.roundedRect(x, y, LABEL.width, LABEL.height, 8).lineWidth(0.8).strokeColor(INK.line).stroke();
  paintCode(pdf, `${base}/p/${pump.code}`, x + 14, y + 16);
  const text = { x: x + 14 + QR + 12, width: LABEL.width - QR - 38 };
  let below = write(pdf, pump.tag, { ...text, y: y + 16 }, { font: 'bold', size: 14 });
  below = write(pdf, pump.name, { ...text, y: below + 2 }, { size: 9 });
  write(pdf, pump.siteName, { ...text, y: below + 2 }, { size: 8, colour: INK.quiet });
  write(pdf, pump.code, { ...text, y: y + LABEL.height - 30 }, { font: 'figuresBold', size: 13 });
}

/** The code's dark modules as squares: no picture, so that any printer keeps it sharp. */
function paintCode(pdf: Pdf, text: string, x: number, y: number): void {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'Q' });
  const side = QR / modules.size;
  for (let row = 0; row < modules.size; row++) {
    for (let column = 0; column < modules.size; column++) {
      if (modules.get(row, column)) pdf.rect(x + column * side, y + row * side, side, side);
    }
  }
  pdf.fillColor(INK.ink).fill();
}
