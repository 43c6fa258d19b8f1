import { useLocalSearchParams, useRouter } from 'expo-router';
import { Linking } from 'react-native';
import { addressOfFile } from '../../api/client';
import { useSite } from '../../api/queries';
import { Button } from '../../ui/button';
import { Screen } from '../../ui/screen/screen';
import { Empty, Failed, Loading } from '../../ui/screen/states';
import { Words } from '../../ui/words/words';
import { PumpLink } from './pump-list';

/** One site and its pumps. */
export function SiteScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const site = useSite(id);
  return (
    <Screen title={site.data?.name ?? 'Site'} over="Register" back="/register">
      {site.isLoading && <Loading what="the site" />}
      {site.error && <Failed error={site.error} onRetry={() => void site.refetch()} />}
      {site.data && (
        <Words colour="quiet">
          {site.data.place} · time zone {site.data.zone}
        </Words>
      )}
      {site.data?.pumps.length === 0 && <Empty title="No pump here yet" todo="Add the first one." />}
      {site.data && (
        <Button
          label="Add a pump here"
          testID="add-pump"
          onPress={() => router.navigate(`/register/new?site=${id}`)}
        />
      )}
      {site.data && (
        <Button
          kind="quiet"
          label="Edit the site"
          testID="to-edit"
          onPress={() => router.navigate(`/register/site/${id}`)}
        />
      )}
      {site.data && site.data.pumps.length > 0 && (
        <Button
          label="Labels of this site (PDF)"
          testID="labels-site"
          onPress={() => void Linking.openURL(addressOfFile(`/labels.pdf?site=${id}`))}
        />
      )}
      {site.data?.pumps.map((pump) => (
        <PumpLink key={pump.id} pump={pump} />
      ))}
    </Screen>
  );
}
