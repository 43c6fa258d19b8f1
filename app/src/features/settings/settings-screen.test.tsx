import { screen, waitFor } from '@testing-library/react-native';
import { act } from 'react';
import { forgetDrafts } from '../../draft/use-draft';
import { serve, standScreen } from '../../testing/server-stand';
import { press, type, valueOf } from '../../testing/touch';
import { setAppearance } from '../../ui/appearance';
import { setUnitsWanted, unitsWanted } from '../../ui/reader';
import { usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { SettingsScreen } from './settings-screen';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }) }));
afterEach(() => {
  forgetDrafts('');
  act(() => {
    setAppearance('device');
    setUnitsWanted('metric');
  });
});

const NONE = { name: '', contact: '', logo: null };
const OURS = { name: 'Moor pump service', contact: 'Quay 4', logo: null };
const Paper = () => <Words testID="paper">{usePalette().paper}</Words>;

/** The screen as it stands; what the server answers from then on can be changed. */
const stand = async () => {
  const shown = serve([{ to: '/firm', body: NONE }]);
  standScreen(
    <>
      <SettingsScreen />
      <Paper />
    </>,
  );
  await screen.findByTestId('firm-name');
  return shown;
};

test('light and dark are of this device, whatever that says; so are units', async () => {
  await stand();
  const light = screen.getByTestId('paper').props.children as string;
  press('appearance-dark');
  const dark = screen.getByTestId('paper').props.children as string;
  expect(dark).not.toBe(light);
  press('appearance-light');
  expect(screen.getByTestId('paper').props.children).toBe(light);
  press('units-choice-us');
  expect(unitsWanted()).toBe('us');
});

test('the firm is saved as it was typed, and nothing is sent before', async () => {
  await stand();
  expect(screen.queryByTestId('firm-save')).toBeNull();
  type('firm-name', OURS.name);
  type('firm-contact', OURS.contact);
  const { sent } = serve([{ to: '/firm', body: OURS }]);
  press('firm-save');
  await waitFor(() => expect(screen.getByTestId('firm-saved')).toBeTruthy());
  expect(sent).toEqual([OURS]);
  expect(valueOf('firm-name')).toBe(OURS.name);
  expect(screen.queryByTestId('firm-save')).toBeNull();
});

test('what is refused stands at its field, and what was typed stays; it can be taken back', async () => {
  await stand();
  type('firm-contact', 'Quay 4');
  const errors = [{ field: 'name', words: 'Enter the name of the firm.' }];
  serve([
    {
      to: '/firm',
      status: 400,
      body: {
        type: 'urn:barythm:problem:invalid',
        title: 'Not right.',
        status: 400,
        code: 'invalid',
        errors,
      },
    },
  ]);
  press('firm-save');
  expect(await screen.findByText('Enter the name of the firm.')).toBeTruthy();
  expect(valueOf('firm-contact')).toBe('Quay 4');
  press('firm-undo');
  expect(valueOf('firm-contact')).toBe('');
});

test('without the server the firm waits, and what was typed stays', async () => {
  await stand();
  type('firm-name', OURS.name);
  serve([]);
  press('firm-save');
  expect(await screen.findByText(/cannot be reached/)).toBeTruthy();
  expect(valueOf('firm-name')).toBe(OURS.name);
});

test('a picture that is none is told where it was chosen', async () => {
  await stand();
  const file = { name: 'notes.txt' };
  (globalThis as { createImageBitmap?: unknown }).createImageBitmap = () =>
    Promise.reject(new Error('No picture.'));
  const { onChange } = screen.UNSAFE_root.findByProps({ 'data-testid': 'firm-logo-input' }).props as {
    onChange: (event: object) => void;
  };
  act(() => onChange({ target: { files: [file] } }));
  expect(await screen.findByText(/“notes.txt” is no picture that can be read/)).toBeTruthy();
});
