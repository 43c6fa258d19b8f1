import type { Panel, Parameter, Profile } from '@barythm/core/profile';
import { useDraft } from '../../draft/use-draft';
import { useJobScope } from '../job';

type Reached = Partial<Pick<Parameter, 'panel' | 'alsoAt' | 'storedBy'>>;

/** The way to a setting at the panel that somebody stands at. */
export interface AtPanel {
  /** panels at which it is set; empty where the controller has one alone */
  readonly offered: readonly Panel[];
  /** the one that is at hand; null where nobody said it and there are several */
  readonly panel: Panel | null;
  /** it is set at that panel alone, and not at the controller's own */
  readonly elsewhereOnly: boolean;
  /** the keys of its own route lead there */
  readonly isOwn: boolean;
  /** what it is reached by at another panel, step by step */
  readonly words: readonly string[];
  readonly storedBy: string;
  readonly say: (panel: string) => void;
}

/** The panel that is at hand on a job: asked once, where a setting is reached at several. */
export function useAtPanel(parameter: Reached): AtPanel {
  const { jobId, view } = useJobScope();
  const [said, say] = useDraft(`panel:${jobId}`);
  const { panels = [] }: Pick<Profile, 'panels'> = view.profile;
  const own = parameter.panel ?? panels[0]?.key;
  const { alsoAt = [] } = parameter;
  const offered = panels.filter(({ key }) => key === own || alsoAt.some(({ panel }) => panel === key));
  const panel = offered.length === 1 ? offered[0] : (offered.find(({ key }) => key === said) ?? null);
  const other = alsoAt.find((one) => one.panel === panel?.key);
  return {
    offered,
    panel,
    elsewhereOnly: offered.length === 1 && offered[0] !== panels[0],
    isOwn: panels.length === 0 || panel?.key === own,
    words: other?.route ?? [],
    storedBy: other?.storedBy ?? parameter.storedBy ?? '',
    say,
  };
}
