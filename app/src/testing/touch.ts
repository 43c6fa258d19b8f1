import { fireEvent, screen } from '@testing-library/react-native';

/** What a person does to a part with this test id, and what is read on it. */
export const press = (id: string) => fireEvent.press(screen.getByTestId(id));
export const type = (id: string, text: string) => fireEvent.changeText(screen.getByTestId(id), text);
export const valueOf = (id: string): string => screen.getByTestId(id).props.value as string;
/** All words of a part in their order, with plain spaces. */
export const wordsOf = (id: string): string => textIn(screen.getByTestId(id)).replace(/\u00a0/g, ' ');

/** All words of a node. */
export function textIn(node: unknown): string {
  if (typeof node === 'string' || typeof node === 'number') return String(node);
  if (Array.isArray(node)) return node.map(textIn).join('');
  const children = (node as { children?: unknown[] }).children;
  return children ? children.map(textIn).join('') : '';
}
