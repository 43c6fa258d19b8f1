import type { AnyProfile } from '@barythm/core/families';
import { keypadOf, type MenuPlace } from '@barythm/core/keypad';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { matches } from '../../ui/fields/matches';
import { SearchInput } from '../../ui/fields/search-input';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';

/** More displays than these are folded until somebody looks for one. */
const IN_SIGHT = 12;

/** The menu of a controller as its displays hang under one another; a word or two finds one, with what leads to it. */
export function MenuTree({ profile }: { profile: AnyProfile }) {
  const [search, setSearch] = useState('');
  const [all, setAll] = useState(false);
  const places = keypadOf(profile)?.tree ?? [];
  if (places.length === 0) return null;
  const found = withWhatLeadsThere(
    places,
    places.filter(({ shows, under }) => matches([...under, shows].join(' '), search)),
  );
  const shown = all || search !== '' ? found : found.slice(0, IN_SIGHT);
  return (
    <Card title="Its menu" testID="profile-menu">
      {places.length > IN_SIGHT && (
        <SearchInput
          label="Search its menu"
          placeholder="What the display shows"
          testID="menu-search"
          value={search}
          onChange={setSearch}
        />
      )}
      {found.length === 0 && <Words>No display shows all of these words. Try a shorter one.</Words>}
      {shown.map(({ id, shows, under, by }) => (
        <View key={id} style={{ paddingLeft: under.length * SPACE.l }} testID={`menu-place-${under.length}`}>
          <Words>
            {shows}
            <Words size="small" colour="quiet">
              {'  '}
              {by}
            </Words>
          </Words>
        </View>
      ))}
      {shown.length < found.length && (
        <Button
          kind="quiet"
          label={`All ${found.length} displays`}
          testID="menu-all"
          onPress={() => setAll(true)}
        />
      )}
    </Card>
  );
}

/** Those that were looked for, and every display that leads to one of them. */
function withWhatLeadsThere(places: readonly MenuPlace[], found: readonly MenuPlace[]): readonly MenuPlace[] {
  const pathOf = ({ under, shows }: MenuPlace) => [...under, shows];
  const wanted = new Set(
    found.flatMap((place) =>
      pathOf(place).map((_, i) =>
        pathOf(place)
          .slice(0, i + 1)
          .join('\n'),
      ),
    ),
  );
  return places.filter((place) => wanted.has(pathOf(place).join('\n')));
}
