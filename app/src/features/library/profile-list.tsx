import { FAMILY_NAMES, kindInWords, type FamilyName } from '@barythm/core/families';
import type { Library } from '@barythm/contract/resources';
import { useRouter } from 'expo-router';
import { LinkCard } from '../../ui/card';
import { Heading, Words } from '../../ui/words/words';

type ProfileRow = Library['profiles'][number];

/** Profiles by the kind of pump that their controller is of; one of a kind that this app does not know yet stands last. */
export function ProfileList({ profiles }: { profiles: readonly ProfileRow[] }) {
  const kinds = [...FAMILY_NAMES, null];
  return kinds.map((kind) => {
    const own = profiles.filter(({ family }) => knownKind(family) === kind);
    if (own.length === 0) return null;
    return <Kind key={kind} title={kind === null ? 'Other' : kindInWords(kind)} profiles={own} />;
  });
}

function Kind({ title, profiles }: { title: string; profiles: readonly ProfileRow[] }) {
  const router = useRouter();
  return (
    <>
      <Heading level={3}>{title}</Heading>
      {profiles.map(({ id, name, about, version }) => (
        <LinkCard key={id} testID={`profile-${id}`} onPress={() => router.navigate(`/library/profile/${id}`)}>
          <Words bold size="large">
            {name}
          </Words>
          <Words>{about}</Words>
          <Words size="small" colour="quiet">
            Version {version}
          </Words>
        </LinkCard>
      ))}
    </>
  );
}

const knownKind = (family: string): FamilyName | null => FAMILY_NAMES.find((one) => one === family) ?? null;

/** What of a profile is looked through: its kind, its name and what it is. */
export function wordsOfProfile({ family, name, about }: ProfileRow): string {
  const kind = knownKind(family);
  return [kind === null ? '' : kindInWords(kind), name, about].join(' ');
}
