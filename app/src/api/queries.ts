import type {
  Firm,
  Library,
  PumpHistory,
  PumpPage,
  PumpQuery,
  PumpResource,
  Round,
  SiteResource,
  SiteRow,
} from '@barythm/contract/resources';
import type { AnyProfile } from '@barythm/core/families';
import type { Explained } from '@barythm/core/profile';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { get } from './client';
import { keys } from './keys';

export interface Page<T> {
  readonly items: readonly T[];
  readonly total: number;
  readonly page: number;
  readonly size: number;
}

export const useRound = () =>
  useQuery({ queryKey: keys.round, queryFn: () => get<Round>(`/round?zone=${ownZone()}`) });

/** The phone’s own time zone: its today is the round’s. */
const ownZone = () => encodeURIComponent(Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC');

/** A page of pumps; those of one kind, with something open or due alone, where that is asked. */
export function usePumps(query: {
  search: string;
  page: number;
  sort: PumpQuery['sort'];
  family: string | null;
  only?: PumpQuery['only'] | null;
}) {
  const { search, page, sort, family, only } = query;
  const narrowed = `${family ? `&family=${encodeURIComponent(family)}` : ''}${only ? `&only=${only}` : ''}`;
  const more = `${sort === 'tag' ? '' : `&sort=${sort}`}${narrowed}`;
  return useQuery({
    queryKey: keys.pumps(search, page, more),
    queryFn: () => get<PumpPage>(`/pumps?search=${encodeURIComponent(search)}&page=${page}${more}`),
    placeholderData: keepPreviousData,
  });
}

export function useSites(search: string, page: number) {
  return useQuery({
    queryKey: keys.sites(search, page),
    queryFn: () => get<Page<SiteRow>>(`/sites?search=${encodeURIComponent(search)}&page=${page}`),
    placeholderData: keepPreviousData,
  });
}

export const useSite = (id: string) =>
  useQuery({ queryKey: keys.site(id), queryFn: () => get<SiteResource>(`/sites/${id}`) });

export const usePump = (id: string) =>
  useQuery({ queryKey: keys.pump(id), queryFn: () => get<PumpResource>(`/pumps/${id}`) });

export const useHistory = (id: string) =>
  useQuery({ queryKey: keys.history(id), queryFn: () => get<PumpHistory>(`/pumps/${id}/history`) });

/** The pump that a label's short code names. */
export const useCode = (code: string) =>
  useQuery({
    queryKey: keys.code(code),
    queryFn: () => get<{ id: string }>(`/codes/${encodeURIComponent(code)}`),
    retry: false,
  });

export const useLibrary = () => useQuery({ queryKey: keys.library, queryFn: () => get<Library>('/library') });

export const useExplained = () =>
  useQuery({ queryKey: keys.explained, queryFn: () => get<Explained[]>('/library/explained') });

export const useProfile = (id: string) =>
  useQuery({
    queryKey: keys.profile(id),
    queryFn: () => get<AnyProfile>(`/profiles/${id}`),
    // none is chosen yet
    enabled: id !== '',
  });

/** The firm at the head of papers. */
export const useFirm = () => useQuery({ queryKey: keys.firm, queryFn: () => get<Firm>('/firm') });
