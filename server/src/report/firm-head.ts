import { finish, INK, newDocument, PAGE, picture, TEXT_WIDTH, write, type Pdf } from './paper';

/** The firm at the head of a paper. */
export interface FirmHead {
  readonly name: string;
  readonly contact: string;
  /** PNG or JPEG, in base64 */
  readonly logo: string | null;
}

/** Room for a logo, in points. */
const LOGO = { width: 110, height: 32 } as const;
/** A picture of more points than this is a photograph. */
const MOST_PIXELS = 4_000_000;

/** Paints the firm at the head of a page: its logo at the left, its name and how it is reached beside that. Answers the y below it. */
export function firmHead(pdf: Pdf, { name, contact, logo }: FirmHead, aside = 0): number {
  const { left, top } = PAGE;
  let x: number = left;
  if (logo !== null) {
    const drawn = sizeOf(pdf, Buffer.from(logo, 'base64'));
    const scale = Math.min(LOGO.width / drawn.width, LOGO.height / drawn.height);
    picture(pdf, `Logo of ${name}`, () => {
      pdf.image(Buffer.from(logo, 'base64'), left, top, { fit: [LOGO.width, LOGO.height] });
    });
    x += drawn.width * scale + 12;
  }
  const width = PAGE.left + TEXT_WIDTH - x - aside;
  let y = write(pdf, name, { x, y: top + 2, width }, { font: 'bold', size: 13 });
  if (contact !== '') y = write(pdf, contact, { x, y, width }, { size: 8.5, colour: INK.quiet });
  return Math.max(y, top + (logo === null ? 0 : LOGO.height));
}

/** Why a picture cannot stand on a paper, in words; null where it can. It is put on one to see. */
export async function logoFault(logo: string): Promise<string | null> {
  const bytes = Buffer.from(logo, 'base64');
  const isPng = bytes.subarray(0, 4).equals(Buffer.from([0x89, 0x50, 0x4e, 0x47]));
  const isJpeg = bytes[0] === 0xff && bytes[1] === 0xd8;
  if (!isPng && !isJpeg) return 'This is no picture that a paper can carry: choose a PNG or a JPEG.';
  try {
    const pdf = newDocument('Logo', '1970-01-01T00:00:00.000Z');
    const { width, height } = sizeOf(pdf, bytes);
    if (!(width > 0 && height > 0)) return 'This picture is empty.';
    if (width * height > MOST_PIXELS) return 'This picture is too large: 2000 by 2000 points at most.';
    pdf.image(bytes, PAGE.left, PAGE.top, { fit: [LOGO.width, LOGO.height] });
    await finish(pdf);
    return null;
  } catch {
    return 'This picture cannot be read: it may be cut off. Save it anew as PNG.';
  }
}

/** The size of a picture, from its head alone: nothing of it is unpacked. Throws where it is none. */
function sizeOf(pdf: Pdf, bytes: Buffer): { readonly width: number; readonly height: number } {
  // the package has it, and its types have not
  return (pdf as Pdf & { openImage(bytes: Buffer): { width: number; height: number } }).openImage(bytes);
}
