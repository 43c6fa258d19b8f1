import { pageKey } from '@barythm/core/keypad';
import { PAGE_WORDS, type PageOf } from '@barythm/core/profile';
import { View } from 'react-native';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { useJobScope } from '../job';
import { WayKeys } from './way-keys';

/** The keys to a page that is looked at, or to what a key does; nothing where the profile does not say them. */
export function PageKeys({ of }: { of: PageOf }) {
  const { profile } = useJobScope().view;
  const page = profile.pages?.find((one) => one.of === of);
  if (!page) return null;
  return (
    <View style={{ gap: SPACE.xs }} testID={`page-${of}`}>
      <Words size="small" bold>
        Keys: {PAGE_WORDS[of]}
      </Words>
      <WayKeys inline doing="read" parameter={{ key: pageKey(of), route: page.route }} />
    </View>
  );
}
