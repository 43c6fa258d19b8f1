import { createElement, useRef } from 'react';
import { Button } from '../button';

interface PicturePickProps {
  readonly label: string;
  readonly testID: string;
  /** wider than this it is made smaller, in pixels */
  readonly most: { readonly width: number; readonly height: number };
  /** the picture as PNG in base64 */
  readonly onPicture: (png: string) => void;
  readonly onFault: (words: string) => void;
}

/** Picks a picture of the device, and makes it as small as it is shown: whatever it was, it is a plain PNG then. */
export function PicturePick({ label, testID, most, onPicture, onFault }: PicturePickProps) {
  const input = useRef<HTMLInputElement>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    try {
      onPicture(await asPng(file, most));
    } catch {
      onFault(`“${file.name}” is no picture that can be read: choose a PNG or a JPEG.`);
    }
    // the same file may be chosen again once it is mended
    if (input.current) input.current.value = '';
  };
  return (
    <>
      {createElement('input', {
        ref: input,
        type: 'file',
        accept: 'image/png,image/jpeg',
        'data-testid': `${testID}-input`,
        'aria-label': label,
        style: { display: 'none' },
        onChange: (event: { target: HTMLInputElement }) => void take(event.target.files?.[0]),
      })}
      <Button label={label} testID={testID} onPress={() => input.current?.click()} />
    </>
  );
}

async function asPng(file: File, most: PicturePickProps['most']): Promise<string> {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, most.width / picture.width, most.height / picture.height);
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL('image/png').split(',')[1];
}
