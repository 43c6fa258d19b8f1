import type { Firm } from '@barythm/contract/resources';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Image, StyleSheet, View } from 'react-native';
import { post, RefusedError } from '../../api/client';
import { keys } from '../../api/keys';
import { useFirm } from '../../api/queries';
import { useDraftOf } from '../../draft/use-draft';
import { Button, ButtonRow } from '../../ui/button';
import { Card } from '../../ui/card';
import { Field } from '../../ui/fields/field';
import { PicturePick } from '../../ui/fields/picture-pick';
import { Failed, Loading } from '../../ui/screen/states';
import { RADIUS, SPACE, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';

/** Twice what a paper has room for, so that it is sharp in print. */
const MOST = { width: 460, height: 134 } as const;

type Errors = Readonly<Partial<Record<keyof Firm | 'general', string>>>;

/** The firm at the head of every paper: its name, how it is reached, its logo. What is signed keeps the firm of its day. */
export function FirmCard() {
  const firm = useFirm();
  if (firm.isLoading) return <Loading what="the firm" />;
  if (!firm.data) return firm.error && <Failed error={firm.error} onRetry={() => void firm.refetch()} />;
  return <FirmForm known={firm.data} />;
}

function FirmForm({ known }: { known: Firm }) {
  const client = useQueryClient();
  const palette = usePalette();
  const [typed, setTyped] = useDraftOf<Firm>('firm', known);
  const [errors, setErrors] = useState<Errors>({});
  const [saved, setSaved] = useState(false);
  const change = (part: Partial<Firm>) => {
    setTyped({ ...typed, ...part });
    setErrors({});
    setSaved(false);
  };
  const save = async () => {
    try {
      const now = await post<Firm>('/firm', typed);
      client.setQueryData(keys.firm, now);
      setTyped(null);
      setSaved(true);
    } catch (error) {
      setErrors(errorsOf(error));
    }
  };
  const changed = JSON.stringify(typed) !== JSON.stringify(known);
  return (
    <Card title="The firm, on papers" testID="firm">
      <Words>At the head of hand-overs, work orders and the page for the owner.</Words>
      <Field
        words
        label="Name"
        testID="firm-name"
        value={typed.name}
        error={errors.name ?? null}
        hint="Leave empty to print none"
        onChange={(name) => change({ name })}
      />
      <Field
        words
        label="Where it is, and how it is reached"
        testID="firm-contact"
        value={typed.contact}
        error={errors.contact ?? null}
        onChange={(contact) => change({ contact })}
      />
      <View style={styles.logo}>
        <Words bold size="small">
          Logo
        </Words>
        {typed.logo !== null && (
          // a paper is white, whatever the screen is
          <View style={[styles.paper, { borderColor: palette.line }]}>
            <Image
              source={{ uri: `data:image/png;base64,${typed.logo}` }}
              resizeMode="contain"
              style={styles.picture}
              aria-label={`Logo of ${typed.name}`}
              testID="firm-logo-shown"
            />
          </View>
        )}
        <ButtonRow>
          <PicturePick
            label={typed.logo === null ? 'Choose a picture' : 'Choose another'}
            testID="firm-logo"
            most={MOST}
            onPicture={(logo) => change({ logo })}
            onFault={(words) => setErrors({ logo: words })}
          />
          {typed.logo !== null && (
            <Button
              kind="quiet"
              label="No logo"
              testID="firm-no-logo"
              onPress={() => change({ logo: null })}
            />
          )}
        </ButtonRow>
        {errors.logo !== undefined && (
          <Words bold colour="rust" role="alert">
            {errors.logo}
          </Words>
        )}
      </View>
      {errors.general !== undefined && (
        <Words bold colour="rust" role="alert">
          {errors.general}
        </Words>
      )}
      {changed ? (
        <ButtonRow>
          <Button kind="main" label="Save" testID="firm-save" onPress={() => void save()} />
          <Button kind="quiet" label="As it was" testID="firm-undo" onPress={() => setTyped(null)} />
        </ButtonRow>
      ) : (
        saved && (
          <Words bold colour="moss" testID="firm-saved">
            Saved. Papers from now on carry it; what is signed stays as it is.
          </Words>
        )
      )}
    </Card>
  );
}

function errorsOf(error: unknown): Errors {
  const told = error instanceof RefusedError ? (error.problem.errors ?? []) : [];
  const own = Object.fromEntries(
    told.map(({ field, words }) => [field.replace(/^body\./, ''), words]),
  ) as Errors;
  return Object.keys(own).length > 0 ? own : { general: (error as Error).message };
}

const styles = StyleSheet.create({
  logo: { gap: SPACE.s },
  paper: {
    backgroundColor: '#FFFFFF',
    borderWidth: 1,
    borderRadius: RADIUS.control,
    padding: SPACE.m,
    alignSelf: 'flex-start',
  },
  picture: { width: 220, height: 64 },
});
