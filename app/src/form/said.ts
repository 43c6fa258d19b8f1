import { typedInWords, type Quantity } from '@barythm/core/units';
import { useReader } from '../ui/reader';
import { textAt, type Texts } from './tree';

/** A figure of a form as its folded line says it: in the reader's units; *not known* where nothing stands. */
export function useSaid(texts: Texts): (path: string, quantity: Quantity) => string {
  const reader = useReader();
  return (path, quantity) => {
    const text = textAt(texts, path);
    return typeof text === 'string' && text.trim() !== ''
      ? typedInWords(text, quantity, reader)
      : 'not known';
  };
}
