import { useLocalSearchParams } from 'expo-router';
import { useLibrary } from '../../api/queries';
import { Screen } from '../../ui/screen/screen';
import { Failed, Loading } from '../../ui/screen/states';
import { INSTRUMENT_FORM } from './instrument-form';
import { KeptForm } from './kept-form';

/** An instrument made for the library, or put right: it was calibrated again. */
export function InstrumentEditScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const library = useLibrary();
  const known = library.data?.instruments.find((one) => one.id === id);
  if (id !== 'new' && !known)
    return (
      <Screen title="Instrument" over="Library" back="/library">
        {library.error ? (
          <Failed error={library.error} onRetry={() => void library.refetch()} />
        ) : (
          <Loading what="the instrument" />
        )}
      </Screen>
    );
  return (
    <KeptForm
      title={known ? known.name : 'An instrument'}
      form={INSTRUMENT_FORM}
      known={known ? { ...known, measures: known.measures } : null}
      path={known ? `instruments/${known.id}` : 'instruments'}
      body={(kept) => kept}
      typedAt={(field) => field}
      after={() => '/library'}
    />
  );
}
