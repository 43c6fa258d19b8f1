import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { PLACES } from './places';

/** Keys of the wide screen: `/` searches, `g` then a letter goes to a place, `?` lists the keys. */
export function Shortcuts() {
  const router = useRouter();
  const [listed, setListed] = useState(false);
  const going = useRef(false);
  useEffect(() => {
    if (typeof window === 'undefined' || !window.addEventListener) return;
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement | null;
      if (target && /^(INPUT|TEXTAREA)$/.test(target.tagName)) return;
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const place = going.current ? PLACES.find((candidate) => candidate.key === event.key) : undefined;
      going.current = event.key === 'g';
      if (place) router.navigate(place.href);
      else if (event.key === '/') {
        event.preventDefault();
        router.navigate('/register?focus=search');
      } else if (event.key === '?') setListed(true);
      else if (event.key === 'Escape') setListed(false);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [router]);
  if (!listed) return null;
  return (
    <View style={styles.over} role="dialog" aria-label="Keys">
      <Pressable style={styles.shade} aria-label="Close" onPress={() => setListed(false)} />
      <Card title="Keys">
        <Words>
          <Words figures bold>
            /
          </Words>{' '}
          search the register
        </Words>
        {PLACES.map(({ key, label }) => (
          <Words key={key}>
            <Words figures bold>
              g {key}
            </Words>{' '}
            {label}
          </Words>
        ))}
        <Words>
          <Words figures bold>
            ← → ↑ ↓
          </Words>{' '}
          move the chart point or program that is focused; with Shift further, a program’s end with Alt
        </Words>
        <Button label="Close" onPress={() => setListed(false)} />
      </Card>
    </View>
  );
}

const styles = StyleSheet.create({
  over: { position: 'absolute', inset: 0, alignItems: 'center', justifyContent: 'center', padding: SPACE.xl },
  shade: { position: 'absolute', inset: 0, backgroundColor: '#00000066' },
});
