import { typedInWords, type Quantity } from '../units';
import type { Look } from './look';

/** A figure of a form as its folded line says it: in the reader's units; *not known* where nothing stands. */
export function said(look: Look, path: string, quantity: Quantity): string {
  return look.at(path) === '' ? 'not known' : typedInWords(look.at(path), quantity, look.reader);
}
