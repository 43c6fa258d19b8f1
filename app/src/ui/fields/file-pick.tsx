import { createElement, useRef } from 'react';
import { Button } from '../button';

interface FilePickProps {
  readonly label: string;
  readonly accept: string;
  readonly onText: (text: string, name: string) => void;
  readonly testID?: string;
}

/** Larger files are not read: nothing the product takes in comes near it. */
const MOST_BYTES = 32 * 1024 * 1024;

/** Picks a file of the device and reads it as text; the browser's own dialog does the choosing. */
export function FilePick({ label, accept, onText, testID }: FilePickProps) {
  const input = useRef<HTMLInputElement>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    onText(await file.slice(0, MOST_BYTES).text(), file.name);
    // the same file may be chosen again once it is mended
    if (input.current) input.current.value = '';
  };
  return (
    <>
      {createElement('input', {
        ref: input,
        type: 'file',
        accept,
        'data-testid': testID && `${testID}-input`,
        'aria-label': label,
        style: { display: 'none' },
        onChange: (event: { target: HTMLInputElement }) => void take(event.target.files?.[0]),
      })}
      <Button label={label} testID={testID} onPress={() => input.current?.click()} />
    </>
  );
}
