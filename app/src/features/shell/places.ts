import BookOpen from 'lucide-react-native/icons/book-open';
import Calculator from 'lucide-react-native/icons/calculator';
import MapPin from 'lucide-react-native/icons/map-pin';
import Route from 'lucide-react-native/icons/route';

/** The four places, in the order of the bar; `key` is what follows `g` on a keyboard. */
export const PLACES = [
  { href: '/', label: 'Round', icon: Route, key: 'r' },
  { href: '/register', label: 'Register', icon: MapPin, key: 'e' },
  { href: '/tools', label: 'Tools', icon: Calculator, key: 't' },
  { href: '/library', label: 'Library', icon: BookOpen, key: 'l' },
] as const;

/** Which place a path belongs to. */
export function placeOf(path: string): (typeof PLACES)[number]['href'] {
  if (path.startsWith('/register') || path.startsWith('/site') || path.startsWith('/pump'))
    return '/register';
  if (path.startsWith('/tools') || path.startsWith('/bench') || path.startsWith('/settings')) return '/tools';
  if (path.startsWith('/library')) return '/library';
  return '/';
}
