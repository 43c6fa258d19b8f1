import type { Parameter } from '@barythm/core/profile';
import { StyleSheet, View } from 'react-native';
import { ValueEntry } from '../../../kit/value';
import { Button, ButtonRow } from '../../../ui/button';
import { RADIUS, SPACE, textSize, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { placeName, plain, shortLabel, type SlotTexts } from './slot-texts';

interface SlotEntryProps {
  readonly slot: number;
  readonly parameters: readonly Parameter[];
  /** what else the slot is, in words */
  readonly besides: string | null;
  readonly texts: SlotTexts;
  /** what stands in the slot above; null in the first */
  readonly above: SlotTexts | null;
  readonly error: string | null;
  readonly onTexts: (texts: SlotTexts) => void;
  readonly onSave: () => void;
  /** records the slot as empty; null where nothing shows that a slot is */
  readonly onEmpty: (() => void) | null;
  /** records this slot and all behind it as empty; null where that says nothing new */
  readonly onRestEmpty: (() => void) | null;
}

/** One program as found, place by place: typed, copied from the slot above, or empty. */
export function SlotEntry(props: SlotEntryProps) {
  const { slot, parameters, besides, texts, above, error, onTexts, onSave, onEmpty, onRestEmpty } = props;
  const palette = usePalette();
  const days = parameters.filter(({ type }) => type === 'days').map(plain);
  return (
    <View
      style={[styles.entry, { borderColor: palette.slate, backgroundColor: palette.paper }]}
      testID={`slot-${slot}`}
    >
      <Words bold size="large">
        {placeName(parameters[0])}
      </Words>
      {besides && (
        <Words size="small" bold colour="ochre" testID={`slot-${slot}-key`}>
          {besides}
        </Words>
      )}
      {above && (
        <ButtonRow>
          <Button label="Same as above" testID={`slot-${slot}-copy`} onPress={() => onTexts(above)} />
          {days.length > 0 && (
            <Button
              label="Days as above"
              testID={`slot-${slot}-days-above`}
              onPress={() =>
                onTexts({ ...texts, ...Object.fromEntries(days.map((key) => [key, above[key] ?? ''])) })
              }
            />
          )}
        </ButtonRow>
      )}
      <View style={styles.fields}>
        {parameters.map((parameter) => {
          const key = plain(parameter);
          const put = (text: string) => onTexts({ ...texts, [key]: text });
          const small = parameter.type === 'number' || parameter.type === 'time';
          return (
            <View key={key} style={small ? styles.cell : styles.whole}>
              <ValueEntry
                parameter={parameter}
                label={shortLabel(parameter)}
                testID={`slot-${slot}-${key}`}
                text={texts[key] ?? ''}
                chosen={
                  parameter.options?.find(({ value, label }) => value === texts[key] || label === texts[key])
                    ?.value ?? null
                }
                onText={put}
                onOption={(value) => put(String(value))}
              />
            </View>
          );
        })}
      </View>
      {error && (
        <Words bold colour="rust" role="alert">
          {error}
        </Words>
      )}
      <ButtonRow>
        <Button kind="main" grow label="Record" testID={`slot-${slot}-save`} onPress={onSave} />
        {onEmpty && <Button label="This slot is empty" testID={`slot-${slot}-empty`} onPress={onEmpty} />}
      </ButtonRow>
      {onRestEmpty && (
        <Button
          kind="quiet"
          label="This one and all that follow are empty"
          testID="week-rest-empty"
          onPress={onRestEmpty}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  entry: { borderWidth: 2, borderRadius: RADIUS.card, padding: SPACE.m, gap: SPACE.m },
  fields: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
  cell: { flexGrow: 1, flexBasis: '28%', minWidth: textSize(96) },
  whole: { flexBasis: '100%' },
});
