import { Button } from '../button';
import type { Undo } from './use-undo';

/** Takes back the last move on a chart; not there while there is none. */
export function UndoButton({ undo, testID }: { undo: Undo; testID: string }) {
  if (!undo.canUndo) return null;
  return <Button again kind="quiet" label="Undo the last move" testID={testID} onPress={undo.undo} />;
}
