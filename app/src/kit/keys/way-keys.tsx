import type { Doing, Keypad, Way } from '@barythm/core/keypad';
import type { Act, Parameter } from '@barythm/core/profile';
import { counted } from '@barythm/core/words';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/fields/choice';
import { SearchedChoice } from '../../ui/fields/searched-choice';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { Opening } from './opening';
import { RouteKeys } from './route-keys';
import { linkOf, useDisplay, type Display } from './use-display';
import { useAtPanel, type AtPanel } from './use-panel';

interface WayKeysProps {
  readonly parameter: Pick<Parameter, 'key' | 'route'> & Partial<Parameter>;
  readonly doing: Doing;
  /** the setting that was done just before it in the same look: the display stands there then */
  readonly behind?: Pick<Parameter, 'key'>;
  readonly inline?: boolean;
}

/** The way to a setting: what opens it, the panel that is at hand, and the keys there. */
export function WayKeys(props: WayKeysProps) {
  const { parameter, behind } = props;
  const { offered, panel, isOwn, elsewhereOnly, words, say } = useAtPanel(parameter);
  const several = offered.length > 1;
  return (
    <>
      {parameter.opensBy && <Opening opensBy={parameter.opensBy} />}
      {several && !behind && <AtHand offered={offered} panel={panel} onSay={say} />}
      {elsewhereOnly && <Words bold>Only at: {panel?.label}.</Words>}
      {panel?.caution && (
        <Words size="small" bold colour="ochre">
          {panel.caution}
        </Words>
      )}
      {isOwn ? <OwnKeys {...props} /> : <StepsInWords words={words} />}
    </>
  );
}

/** A knob is turned at a pump that is seen to stroke; keys are pressed at a display. */
const isKeyedRunning = ({ enterWhen, entry }: Partial<Parameter>) =>
  enterWhen === 'running' && entry !== 'knob';
/** Which panel is at hand: asked once, and said in a line from then on. */
function AtHand({
  offered,
  panel,
  onSay,
}: Pick<AtPanel, 'offered' | 'panel'> & { onSay: (key: string) => void }) {
  const [asks, setAsks] = useState(false);
  if (panel !== null && !asks)
    return (
      <View style={styles.from}>
        <Words size="small" colour="quiet" style={styles.grow} testID="at-panel-now">
          At hand: {panel.label}.
        </Words>
        <Button kind="quiet" label="Another" testID="at-panel-else" onPress={() => setAsks(true)} />
      </View>
    );
  return (
    <Choice
      label="Which is at hand?"
      testID="at-panel"
      options={offered.map(({ key, label }) => ({ value: key, label }))}
      value={panel?.key ?? null}
      onChange={(key) => {
        onSay(key);
        setAsks(false);
      }}
    />
  );
}

/** What is set while it runs moves water: somebody sees to that before the keys are shown. */
const RUNS = {
  key: '',
  words: 'It must run while this is set: water moves. See to valves and people first.',
};

/** The keys from what the display shows now; by the profile's route where it does not say how one gets about. */
function OwnKeys({ parameter, doing, behind, inline }: WayKeysProps) {
  const display = useDisplay();
  const { keypad } = display;
  // where a link goes in or comes out on the way, the display begins anew
  const at = display.link === linkOf(parameter) ? display.at : null;
  const runs = doing === 'set' && isKeyedRunning(parameter) ? [RUNS] : [];
  if (!keypad?.has(parameter))
    return (
      <Confirmed key={parameter.key} acts={runs}>
        <RouteKeys inline={inline} route={parameter.route} />
      </Confirmed>
    );
  const from = behind ? (keypad.after(behind.key, doing) ?? at) : at;
  const way = keypad.way(from, parameter.key, doing);
  return (
    <View style={styles.way} testID={`way-${parameter.key}`}>
      {!behind && <From display={{ ...display, at }} keypad={keypad} />}
      {way === null ? (
        <>
          <Words>No way is described from there. From the home display:</Words>
          <RouteKeys inline={inline} route={parameter.route} />
        </>
      ) : (
        <Confirmed key={parameter.key} acts={[...runs, ...way.acts]}>
          <Steps way={way} inline={inline} />
        </Confirmed>
      )}
      {way !== null && <Saved keypad={keypad} parameter={parameter} doing={doing} way={way} />}
    </View>
  );
}

/** The way at another panel, as it shows it. */
function StepsInWords({ words }: { words: readonly string[] }) {
  if (words.length === 0) return null;
  return <Words testID="panel-steps">{words.join(' › ')}</Words>;
}

function Steps({ way, inline }: { way: Way; inline?: boolean }) {
  if (way.steps.length === 0) return <Words>The display stands there.</Words>;
  return <RouteKeys inline={inline} route={way.steps} />;
}

/** Keys that set something going are shown once somebody said that he knows. */
function Confirmed({ acts, children }: { acts: readonly Pick<Act, 'key' | 'words'>[]; children: ReactNode }) {
  const [known, setKnown] = useState(false);
  if (known || acts.length === 0) return children;
  return (
    <>
      {acts.map(({ key, words }) => (
        <Words key={key} bold colour="ochre" role="alert">
          {key === '' ? '' : `${key}: `}
          {words}
        </Words>
      ))}
      <Button label="I have seen to it: show the keys" testID="way-known" onPress={() => setKnown(true)} />
    </>
  );
}

function Saved({
  keypad,
  parameter,
  doing,
  way,
}: Pick<WayKeysProps, 'parameter' | 'doing'> & { keypad: Keypad; way: Way }) {
  const home = keypad.way(null, parameter.key, doing);
  const less = home === null ? 0 : home.presses - way.presses;
  if (less <= 0) return null;
  return (
    <Words size="small" colour="quiet">
      {counted(way.presses, 'press', 'presses')}; by way of home {home!.presses}.
    </Words>
  );
}

/** What the display shows now, as far as anybody knows, and whoever sees something else says it. */
function From({ display: { at, say }, keypad }: { display: Display; keypad: Keypad }) {
  const [asks, setAsks] = useState(false);
  if (asks)
    return (
      <SearchedChoice
        atOnce
        label="The display shows"
        testID="display-at"
        options={[
          ...keypad.named.map(({ id, words }) => ({ value: id, label: words })),
          { value: ELSE, label: 'Something else' },
        ]}
        value={at}
        onChange={(id) => {
          say(id === ELSE ? null : id);
          setAsks(false);
        }}
      />
    );
  return (
    <View style={styles.from}>
      <Words size="small" colour="quiet" style={styles.grow} testID="display-now">
        {at === null
          ? 'What the display shows is not known: home first.'
          : `The display shows “${keypad.wordsOf(at)}”.`}
      </Words>
      <Button
        kind="quiet"
        label={at === null ? 'Say what it shows' : 'Something else'}
        testID="display-else"
        onPress={() => setAsks(true)}
      />
    </View>
  );
}
const ELSE = 'else';

const styles = StyleSheet.create({
  way: { gap: SPACE.xs },
  from: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  grow: { flex: 1 },
});
