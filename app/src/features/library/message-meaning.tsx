import type { ControllerMessage } from '@barythm/core/profile';
import { View } from 'react-native';
import { Words } from '../../ui/words/words';

/** A message or lamp with what it means and what to do, as the profile has it from the maker’s manual. */
export function MessageMeaning({ message }: { message: ControllerMessage }) {
  const { shows, lamp, kind, means, todo, page } = message;
  return (
    <View testID={`means-${shows}`}>
      <Words bold colour={kind === 'fault' ? 'rust' : 'ink'}>
        {lamp ? `Lamp ${shows}` : `“${shows}”`}: {kind === 'fault' ? 'a fault' : 'a reminder'}
      </Words>
      <Words>{means}</Words>
      <Words>{todo}</Words>
      {page !== undefined && (
        <Words size="small" colour="quiet">
          Maker’s manual, page {page}.
        </Words>
      )}
    </View>
  );
}
