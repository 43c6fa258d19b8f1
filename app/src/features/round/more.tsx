import { Words } from '../../ui/words/words';

/** A list that is cut says so: nothing that is due drops out unseen. */
export function More({
  shown,
  total,
  what,
  testID,
}: {
  shown: number;
  total: number;
  what: string;
  testID: string;
}) {
  if (total <= shown) return null;
  return (
    <Words bold colour="quiet" testID={testID}>
      And {total - shown} more {what}, less pressing than these. Each stands on its site’s page.
    </Words>
  );
}
