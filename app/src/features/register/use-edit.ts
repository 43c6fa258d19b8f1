import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { patch, RefusedError } from '../../api/client';
import { useDraftOf } from '../../draft/use-draft';

type Edit = Readonly<Record<string, string | undefined>>;
const NOTHING: Edit = {};

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
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const [general, setGeneral] = useState<string | null>(null);
  const send = async (edit: Readonly<Record<string, unknown>>) => {
    try {
      await patch(`/register/${path}`, edit);
      setDraft(null);
      await client.invalidateQueries();
      router.navigate(back);
    } catch (failure) {
      const told = failure instanceof RefusedError ? (failure.problem.errors ?? []) : [];
      setErrors(Object.fromEntries(told.map(({ field, words }) => [field, words])));
      setGeneral(told.length > 0 ? 'Put the marked places right.' : (failure as Error).message);
    }
  };
  return {
    errors,
    general,
    /** what stands in a place: typed, else as it is registered */
    text: (key: string, registered: string) => draft[key] ?? registered,
    change: (key: string, text: string) => {
      setDraft({ ...draft, [key]: text });
      setErrors(Object.fromEntries(Object.entries(errors).filter(([one]) => one !== key)));
      setGeneral(null);
    },
    save: () => send(draft),
    /** with what was typed: nothing of it is lost by the way */
    retire: (retired: boolean) => send({ ...draft, retired }),
  };
}

export type RegisterEdit = ReturnType<typeof useEdit>;
