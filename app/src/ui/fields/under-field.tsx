import { Words } from '../words/words';

/** What stands under a field: what is wrong with it, and a hint. */
export function UnderField({
  error,
  hint,
  offered,
}: {
  error?: string | null;
  hint?: string | null;
  /** what stands in the field is nobody's answer yet */
  offered?: boolean;
}) {
  return (
    <>
      {error ? (
        <Words size="small" bold colour="rust" role="alert">
          {error}
        </Words>
      ) : null}
      {hint ? (
        <Words size="small" bold={offered} colour={offered ? 'ochre' : 'quiet'}>
          {hint}
        </Words>
      ) : null}
    </>
  );
}
