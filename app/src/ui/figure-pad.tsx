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
import { Pressable, StyleSheet, View, type GestureResponderEvent } from 'react-native';
import { useWide } from './layout';
import { RADIUS, SPACE, TOUCH, usePalette } from './theme';
import { Words } from './words';

interface Target {
  readonly label: string;
  readonly unit: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
}

/** The field the pad writes to, always as it is now: its value moves on while keys are pressed. */
type TargetRef = RefObject<Target>;

interface Pad {
  readonly isOpen: boolean;
  readonly open: (target: TargetRef) => void;
  readonly close: () => void;
  /** the field is gone from the screen: a pad that wrote to it closes */
  readonly leave: (target: TargetRef) => void;
}

/** Longer than a tap takes from down to up. */
const AFTER_TAP_MS = 300;

const PadContext = createContext<Pad>({
  isOpen: false,
  open: () => undefined,
  close: () => undefined,
  leave: () => undefined,
});

/** Whether the pad takes the lower part of the screen just now. */
export function usePadIsOpen(): boolean {
  return useContext(PadContext).isOpen;
}

/** Shows the large pad at the bottom of a phone while a figure is being entered. */
export function FigurePadProvider({ children }: { children: ReactNode }) {
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
  const pad = useMemo(() => ({ isOpen: active !== null, open, close, leave }), [active, open, close, leave]);
  return (
    <PadContext.Provider value={pad}>
      <View style={styles.fill}>
        {children}
        {active && <FigurePad target={active} onDone={close} />}
      </View>
    </PadContext.Provider>
  );
}

/** Binds a field to the pad on phones; wide screens have a keyboard of their own. */
export function usePad(field: Target & { readonly enabled: boolean }) {
  const { open, close, leave } = useContext(PadContext);
  const wide = useWide();
  const own = field.enabled && !wide;
  const ref = useRef<Target>(field);
  useEffect(() => {
    ref.current = field;
  });
  useEffect(() => () => leave(ref), [leave]);
  return {
    inputMode: own ? ('none' as const) : ('decimal' as const),
    onFocus: () => own && open(ref),
    onBlur: () => own && close(),
  };
}

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '−'] as const;

function FigurePad({ target, onDone }: { target: TargetRef; onDone: () => void }) {
  const palette = usePalette();
  const { label, unit } = target.current;
  const press = (key: string) => {
    const { value, onChange } = target.current;
    if (key === '−') onChange(value.startsWith('-') ? value.slice(1) : `-${value}`);
    else onChange(value + key);
  };
  return (
    <View
      style={[styles.pad, { backgroundColor: palette.paper, borderColor: palette.edge }]}
      testID="figure-pad"
      role="group"
      aria-label={`Figures for ${label}`}
    >
      <View style={styles.grid}>
        {KEYS.map((key) => (
          <PadKey key={key} label={key} onPress={() => press(key)} />
        ))}
      </View>
      <View style={styles.side}>
        <View style={styles.unit}>
          <Words bold colour="petrol">
            {unit === '-' ? '' : unit}
          </Words>
        </View>
        <PadKey
          side
          label="⌫"
          name="Delete last"
          onPress={() => target.current.onChange(target.current.value.slice(0, -1))}
        />
        <PadKey side label="Clear" onPress={() => target.current.onChange('')} />
        <PadKey
          side
          label="Done"
          main
          onPress={() => {
            if (typeof document !== 'undefined') (document.activeElement as HTMLElement | null)?.blur();
            onDone();
          }}
        />
      </View>
    </View>
  );
}

function PadKey({
  label,
  name,
  onPress,
  main,
  side,
}: {
  label: string;
  name?: string;
  onPress: () => void;
  main?: boolean;
  side?: boolean;
}) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={name ?? label}
      tabIndex={-1}
      // keeps the field focused, so that what is typed and what is tapped go to the same place
      {...{ onMouseDown: (event: GestureResponderEvent) => event.preventDefault() }}
      onPress={onPress}
      style={({ pressed }) => [
        styles.key,
        side ? styles.sideKey : styles.gridKey,
        { borderColor: palette.line, backgroundColor: main ? palette.petrol : palette.surface },
        pressed && styles.pressed,
      ]}
    >
      <Words bold figures={label.length === 1} size="large" colour={main ? 'onPetrol' : 'ink'}>
        {label}
      </Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1, minHeight: 0 },
  pad: { flexDirection: 'row', gap: SPACE.s, padding: SPACE.s, borderTopWidth: 1.5 },
  grid: { flex: 3, flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.xs },
  side: { flex: 1, gap: SPACE.xs },
  unit: { height: TOUCH, alignItems: 'center', justifyContent: 'center' },
  gridKey: { flexBasis: '30%', flexGrow: 1 },
  sideKey: { alignSelf: 'stretch' },
  key: {
    minHeight: TOUCH,
    alignItems: 'center',
    justifyContent: 'center',
    borderWidth: 1,
    borderRadius: RADIUS.control,
  },
  pressed: { opacity: 0.6 },
});
