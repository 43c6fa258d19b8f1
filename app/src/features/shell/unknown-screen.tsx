import { usePathname, useRouter } from 'expo-router';
import { Button } from '../../ui/button';
import { Screen } from '../../ui/screen/screen';
import { Words } from '../../ui/words/words';

/** An address that leads nowhere: says so, and leads back to work. */
export function UnknownScreen() {
  const router = useRouter();
  const path = usePathname();
  return (
    <Screen title="No such page">
      <Words>
        Nothing stands at <Words figures>{path}</Words>. A pump is found by its tag in the register, or by the
        code on its label.
      </Words>
      <Button kind="main" label="To the round" testID="to-round" onPress={() => router.navigate('/')} />
      <Button label="To the register" testID="to-register" onPress={() => router.navigate('/register')} />
    </Screen>
  );
}
