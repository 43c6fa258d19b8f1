import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
  type RefObject,
} from 'react';
import { StyleSheet, View } from 'react-native';
import { useShort, useWide } from '../screen/layout';
import { PadKeys } from './pad-keys';
import type { PadTarget } from './pad-target';

/** The field the pad writes to, always as it is now: its value moves on while keys are pressed. */
type TargetRef = RefObject<PadTarget>;

interface Pad {
  readonly isOpen: boolean;
  readonly open: (target: TargetRef) => void;
  readonly close: () => void;
  /** the field is gone from the screen: a pad that wrote to it closes */
  readonly leave: (target: TargetRef) => void;
  /** the field's unit, name or record has changed under an open pad */
  readonly redraw: (target: TargetRef) => void;
}

/** Longer than a tap takes from down to up. */
const AFTER_TAP_MS = 300;

const PadContext = createContext<Pad>({
  isOpen: false,
  open: () => undefined,
  close: () => undefined,
  leave: () => undefined,
  redraw: () => undefined,
});

/** Whether the pad takes the lower part of the screen just now. */
export function usePadIsOpen(): boolean {
  return useContext(PadContext).isOpen;
}

/** Shows the large pad at the bottom of a phone while a figure is being entered; beside the field where the phone lies on its side. */
export function FigurePadProvider({ children }: { children: ReactNode }) {
  const short = useShort();
  const [active, setActive] = useState<TargetRef | null>(null);
  const written = useRef<TargetRef | null>(null);
  const closing = useRef<ReturnType<typeof setTimeout> | null>(null);
  const open = useCallback((target: TargetRef) => {
    if (closing.current) clearTimeout(closing.current);
    written.current = target;
    setActive(target);
  }, []);
  // not at once: the tap that left the field must still land on what it was aimed at, before things move
  const close = useCallback(() => {
    if (closing.current) clearTimeout(closing.current);
    closing.current = setTimeout(() => setActive(null), AFTER_TAP_MS);
  }, []);
  // a field that is taken away does not lose the focus first
  const leave = useCallback(
    (target: TargetRef) => {
      if (written.current === target) close();
    },
    [close],
  );
  useEffect(() => () => void (closing.current && clearTimeout(closing.current)), []);
  const [, setDrawn] = useState(0);
  const redraw = useCallback((target: TargetRef) => {
    if (written.current === target) setDrawn((drawn) => drawn + 1);
  }, []);
  const pad = useMemo(
    () => ({ isOpen: active !== null, open, close, leave, redraw }),
    [active, open, close, leave, redraw],
  );
  return (
    <PadContext.Provider value={pad}>
      <View style={[styles.fill, short && styles.beside]}>
        <View style={styles.fill}>{children}</View>
        {active && <PadKeys target={active} onDone={close} />}
      </View>
    </PadContext.Provider>
  );
}

/** Binds a field to the pad on phones; wide screens have a keyboard of their own. */
export function usePad(field: PadTarget & { readonly enabled: boolean }) {
  const { open, close, leave, redraw } = useContext(PadContext);
  const wide = useWide();
  const own = field.enabled && !wide;
  const ref = useRef<PadTarget>(field);
  useEffect(() => {
    ref.current = field;
  });
  // the pad shows the unit of the field, which changes while it is open
  useEffect(() => redraw(ref), [redraw, field.unit, field.about, field.hint, field.error, field.warning]);
  useEffect(() => () => leave(ref), [leave]);
  return {
    inputMode: own ? ('none' as const) : ('decimal' as const),
    onFocus: () => own && open(ref),
    onBlur: () => own && close(),
  };
}

const styles = StyleSheet.create({
  fill: { flex: 1, minHeight: 0, minWidth: 0 },
  beside: { flexDirection: 'row' },
});
