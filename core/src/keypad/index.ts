export { dialled, pressesIn } from './dial';
export { keypadOf, pageKey, type Doing, type Keypad, type MenuPlace, type NamedPlace } from './keypad';
export { type WayStep } from './press';
export { type Way } from './way';
