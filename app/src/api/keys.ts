/** Keys of everything fetched, in one place. */
export const keys = {
  round: ['round'] as const,
  pumps: (search: string, page: number, more: string) => ['pumps', search, page, more] as const,
  sites: (search: string, page: number) => ['sites', search, page] as const,
  site: (id: string) => ['site', id] as const,
  pump: (id: string) => ['pump', id] as const,
  history: (id: string) => ['history', id] as const,
  code: (code: string) => ['code', code] as const,
  job: (id: string) => ['job', id] as const,
  library: ['library'] as const,
  firm: ['firm'] as const,
  explained: ['explained'] as const,
  profile: (id: string) => ['profile', id] as const,
};
