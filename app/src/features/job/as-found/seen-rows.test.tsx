import { screen } from '@testing-library/react-native';
import { shipped } from '@barythm/core/families/suites/shipped.fixtures';
import { forgetDrafts } from '../../../draft/use-draft';
import { standJob } from '../../../testing/job-stand';
import { press, type, wordsOf } from '../../../testing/touch';
import { FoundSheet } from './found-sheet';

afterEach(() => forgetDrafts(''));
const LAMPS = shipped('metering-outside-lamps');
const MODULE = shipped('circulator-module-browser');

describe('lamps, pages and counters on the sheet', () => {
  const stand = (values: Record<string, string | number> = {}) =>
    standJob(LAMPS, <FoundSheet />, [], {
      lastLeft: { source: 'left', date: '2026-05-02', values },
    });

  test('a look is one tap; one that does not fit the settings that were read is said beside it', () => {
    const job = stand();
    press('found-menu-shown');
    press('found-row-outside');
    press('found-choice-outside-steady');
    expect(job.view().values.found.outside).toBe('steady');
    // what it hangs on is not known yet
    expect(screen.queryByTestId('otherwise-outside')).toBeNull();
    press('found-menu-mode');
    press('found-row-mode');
    press('found-choice-mode-hand');
    expect(wordsOf('otherwise-outside')).toBe('with these settings: Dark');
  });

  test('what showed last time is no answer now: a lamp and a counter are not offered, nor confirmed with the rest', () => {
    const job = stand({ outside: 'dark', strokes: 4000, version: '1.8', rate: 60, limit: 180, wire: 'off' });
    press('found-menu-shown');
    press('found-row-strokes');
    expect(screen.queryByTestId('same-strokes')).toBeNull();
    press('found-row-version');
    expect(screen.getByTestId('same-version')).toBeTruthy();
    press('sheet-as-left');
    expect(job.view().values.found).toMatchObject({ version: '1.8', rate: 60, limit: 180, wire: 'off' });
    expect(job.view().values.found.outside).toBeUndefined();
    expect(job.view().values.found.strokes).toBeUndefined();
  });

  test('words are typed as they stand; where nothing does, that is typed too', () => {
    const job = stand();
    press('found-menu-shown');
    press('found-row-version');
    press('record-version');
    expect(screen.getByText(/Type what stands there; “-” where nothing does/)).toBeTruthy();
    type('found-input-version', '1.8 b');
    press('record-version');
    expect(job.view().values.found.version).toBe('1.8 b');
    press('found-row-version');
    // longer than its display has room for: said, and recorded all the same
    type('found-input-version', '1.8 beta');
    expect(screen.getAllByText(/has room for 6 signs on this display/).length).toBeGreaterThan(0);
    press('record-version');
    expect(job.view().values.found.version).toBe('1.8 beta');
  });
});

test('what is fixed in the controller stands under the sheet, and is asked of nobody', () => {
  const job = standJob(MODULE, <FoundSheet />);
  const asked = MODULE.parameters.filter(({ fixed }) => !fixed).length;
  expect(wordsOf('found-sheet')).toContain(`0 of ${asked} settings recorded`);
  expect(wordsOf('found-fixed')).toBe('Fixed in it: Stops below 1 V · Starts at 1.5 V · Full speed at 10 V');
  expect(screen.queryByTestId('found-row-vOff')).toBeNull();
  expect(job.view().values.force).toMatchObject({ vOn: 1.5 });
});
