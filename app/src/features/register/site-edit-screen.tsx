import { useLocalSearchParams } from 'expo-router';
import { useSite } from '../../api/queries';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { Words } from '../../ui/words/words';
import { EditField, RetireCard } from './edit-parts';
import { useEdit } from './use-edit';

/** What the register says of a site, put right; and the site out of use. */
export function SiteEditScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const site = useSite(id);
  const edit = useEdit(`sites/${id}`, `/site/${id}`);
  return (
    <Screen
      title="Edit the site"
      over={site.data?.name ?? 'Site'}
      back={`/site/${id}`}
      action={
        site.data && (
          <Button grow kind="main" label="Save" testID="edit-save" onPress={() => void edit.save()} />
        )
      }
    >
      {site.isLoading && <Loading what="the site" />}
      {site.error && <Failed error={site.error} onRetry={() => void site.refetch()} />}
      {edit.general && (
        <Words bold colour="rust" role="alert">
          {edit.general}
        </Words>
      )}
      {site.data && (
        <>
          <Card title="Site">
            <EditField edit={edit} name="name" label="Name of the site" registered={site.data.name} />
            <EditField edit={edit} name="place" label="Where it is" registered={site.data.place} />
          </Card>
          <RetireCard edit={edit} what="site" retired={site.data.retiredOn !== null} />
        </>
      )}
    </Screen>
  );
}
