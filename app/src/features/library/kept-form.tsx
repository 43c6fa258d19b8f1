import type { Form, Texts } from '@barythm/core/describe';
import { textsOver } from '@barythm/core/describe';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { post, RefusedError } from '../../api/client';
import { keys } from '../../api/keys';
import { useDraftOf } from '../../draft/use-draft';
import { OpenParts } from '../../form/parts';
import { FormProvider } from '../../form/scope';
import { Button } from '../../ui/button';
import { goToFirstError } from '../../ui/pad/next-field';
import { Screen } from '../../ui/screen/screen';
import { Words } from '../../ui/words/words';

interface KeptFormProps<T> {
  readonly title: string;
  readonly form: Form<T>;
  /** what stands there already; null for a new one */
  readonly known: T | null;
  /** where it is sent: `products`, `products/p-1` */
  readonly path: string;
  /** what is sent of it */
  readonly body: (kept: T) => object;
  /** a path of what is sent, where it is typed in the form */
  readonly typedAt: (field: string) => string;
  /** where it is found afterwards */
  readonly after: (id: string) => string;
}

/** Something of the library, made or put right: nothing typed is lost where it is refused, or the server is out of reach. */
export function KeptForm<T>({ title, form, known, path, body, typedAt, after }: KeptFormProps<T>) {
  const client = useQueryClient();
  const router = useRouter();
  const [initial] = useState<Texts>(() => (known === null ? form.blank : form.write(known)));
  const [draft, setDraft] = useDraftOf<Texts>(`library:${path}`, initial);
  const texts = textsOver(initial, draft);
  const [tried, setTried] = useState(false);
  const [told, setTold] = useState<Readonly<Record<string, string>>>({});
  const [general, setGeneral] = useState<string | null>(null);
  const { value, errors } = form.read(texts);
  const save = async () => {
    setTried(true);
    if (value === null) return goToFirstError();
    try {
      const { id } = await post<{ id: string }>(`/library/${path}`, body(value));
      setDraft(null);
      await client.invalidateQueries({ queryKey: keys.library });
      router.navigate(after(id));
    } catch (failure) {
      const faults = failure instanceof RefusedError ? (failure.problem.errors ?? []) : [];
      setTold(
        Object.fromEntries(faults.map(({ field, words }) => [typedAt(field.replace(/^body\./, '')), words])),
      );
      setGeneral(faults.length > 0 ? 'Put the marked places right.' : (failure as Error).message);
    }
  };
  return (
    <Screen
      title={title}
      over="Library"
      back="/library"
      action={<Button grow kind="main" label="Keep it" testID="kept-save" onPress={() => void save()} />}
    >
      {general !== null && (
        <Words bold colour="rust" role="alert">
          {general}
        </Words>
      )}
      <FormProvider
        value={{
          texts,
          errors: { ...errors, ...told },
          change: (now) => {
            setDraft(now);
            setTold({});
            setGeneral(null);
          },
          name: 'kept',
          tried: tried || general !== null,
        }}
      >
        <OpenParts parts={form.parts} />
      </FormProvider>
    </Screen>
  );
}
