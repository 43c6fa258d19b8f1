import { useRouter } from 'expo-router';
import { Button } from '../../ui/button';
import { useJobScope } from './job-context';

/** To the bench with this pump's sheets: what the change will do, before the pump is touched. */
export function BenchLink() {
  const { view } = useJobScope();
  const router = useRouter();
  return (
    <Button
      label="Simulate one day: as found against target"
      testID="to-bench"
      onPress={() => router.navigate(`/bench/${view.document.pump.id}`)}
    />
  );
}
