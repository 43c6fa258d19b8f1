import { Redirect, useLocalSearchParams } from 'expo-router';
import { useCode } from '../../api/queries';
import { Screen } from '../../ui/screen/screen';
import { Empty, Loading } from '../../ui/screen/states';

/** Where the QR code of a label leads: on to the pump's page. */
export function CodeScreen() {
  const { code } = useLocalSearchParams<{ code: string }>();
  const pump = useCode(code);
  if (pump.data) return <Redirect href={`/pump/${pump.data.id}`} />;
  return (
    <Screen title="Label">
      {pump.isLoading ? (
        <Loading what="the pump" />
      ) : (
        <Empty
          title={`No pump has the code ${code}`}
          todo="Read the code on the label again, or find the pump in the register."
        />
      )}
    </Screen>
  );
}
