import { Words } from '../words/words';

/** What stands under a field: what is wrong with it, and a hint. */
export function UnderField({ error, hint }: { error?: string | null; hint?: string | null }) {
  return (
    <>
      {error ? (
        <Words size="small" bold colour="rust" role="alert">
          {error}
        </Words>
      ) : null}
      {hint ? (
        <Words size="small" colour="quiet">
          {hint}
        </Words>
      ) : null}
    </>
  );
}
