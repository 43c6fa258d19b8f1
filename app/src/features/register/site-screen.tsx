import { useLocalSearchParams } from 'expo-router';
import { useSite } from '../../api/queries';
import { Screen } from '../../ui/screen';
import { Empty, Failed, Loading } from '../../ui/states';
import { Words } from '../../ui/words';
import { PumpLink } from './register-screen';

/** One site and its pumps. */
export function SiteScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const site = useSite(id);
  return (
    <Screen title={site.data?.name ?? 'Site'} over="Register">
      {site.isLoading && <Loading what="the site" />}
      {site.error && <Failed error={site.error} onRetry={() => void site.refetch()} />}
      {site.data && (
        <Words colour="quiet">
          {site.data.place} · time zone {site.data.zone}
        </Words>
      )}
      {site.data?.pumps.length === 0 && (
        <Empty title="No pump here yet" todo="Pumps are added to the register by the workshop." />
      )}
      {site.data?.pumps.map((pump) => (
        <PumpLink key={pump.id} pump={pump} />
      ))}
    </Screen>
  );
}
