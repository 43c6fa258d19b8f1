import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { patch, RefusedError } from '../../api/client';
import { useDraftOf } from '../../draft/use-draft';

type Edit = Readonly<Record<string, string | undefined>>;
const NOTHING: Edit = {};
const UNSEEN: Readonly<Record<string, string>> = {};

/**
 * What is put right in the register: only what was typed is sent, and nothing typed is lost where it is refused.
 *
 * @param path of the thing in the register: `pumps/pump-1`
 * @param back where its page is
 */
export function useEdit(path: string, back: string) {
  const client = useQueryClient();
  const router = useRouter();
  const [draft, setDraft] = useDraftOf<Edit>(`edit:${path}`, NOTHING);
  // what stood in each place when it was typed over: another may have changed it since
  const [was, setWas] = useDraftOf<Readonly<Record<string, string>>>(`edit-was:${path}`, UNSEEN);
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const [general, setGeneral] = useState<string | null>(null);
  const send = async (edit: Readonly<Record<string, unknown>>) => {
    try {
      await patch(`/register/${path}`, Object.keys(was).length > 0 ? { ...edit, was } : edit);
      setDraft(null);
      setWas(null);
      await client.invalidateQueries();
      router.navigate(back);
    } catch (failure) {
      const told = failure instanceof RefusedError ? (failure.problem.errors ?? []) : [];
      setErrors(Object.fromEntries(told.map(({ field, words }) => [field, words])));
      // what was told has been seen: saved again, it goes over that
      setWas(
        without(
          was,
          told.map(({ field }) => field),
        ),
      );
      // what stands there now is asked for; out of reach of the server that may take long
      void client.invalidateQueries();
      setGeneral(told.length > 0 ? 'Put the marked places right.' : (failure as Error).message);
    }
  };
  return {
    errors,
    general,
    /** what stands in a place: typed, else as it is registered */
    text: (key: string, registered: string) => draft[key] ?? registered,
    change: (key: string, text: string, registered: string) => {
      setDraft({ ...draft, [key]: text });
      if (was[key] === undefined) setWas({ ...was, [key]: registered });
      setErrors(without(errors, [key]));
      setGeneral(null);
    },
    save: () => send(asAsked(draft)),
    /** with what was typed: nothing of it is lost by the way */
    retire: (retired: boolean) => send({ ...asAsked(draft), retired }),
  };
}

/** A tick is asked for, or not at all. */
function asAsked({ newest, ...edit }: Edit): Readonly<Record<string, unknown>> {
  return newest ? { ...edit, newest: true } : edit;
}

export type RegisterEdit = ReturnType<typeof useEdit>;

function without(
  texts: Readonly<Record<string, string>>,
  keys: readonly string[],
): Readonly<Record<string, string>> {
  return Object.fromEntries(Object.entries(texts).filter(([key]) => !keys.includes(key)));
}
