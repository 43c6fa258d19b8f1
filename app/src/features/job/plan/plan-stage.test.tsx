import { screen } from '@testing-library/react-native';
import { profileSchema } from '@barythm/core/families';
import { DUTY, PLATE } from '@barythm/core/families/drive/fixtures';
import pages from '../../../../../profiles/drive-pages-by-kind.json';
import booster from '../../../../../profiles/booster-two-pumps.json';
import { forgetDrafts } from '../../../draft/use-draft';
import { standJob } from '../../../testing/job-stand';
import { press, type, wordsOf } from '../../../testing/touch';
import { SetStage } from '../set/set-stage';
import { PlanStage } from './plan-stage';

afterEach(() => forgetDrafts(''));
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));

const BOOSTER = profileSchema.parse(booster);
const PAGES = profileSchema.parse(pages);

function small(profile = BOOSTER, duty: typeof DUTY | null = DUTY) {
  const stand = standJob(profile, <PlanStage />);
  const { document } = stand.view();
  screen.unmount();
  return standJob(profile, <PlanStage />, [], {
    job: { ...document.job, small: true },
    unit: { ...document.unit, plate: PLATE },
    dutyBefore: duty,
    lastLeft: { source: 'left', date: '2026-10-14', values: { P20: 3, P61: '1' } },
  });
}

test('a few settings: found by a word or in their menu, set by hand with a why in one tap, and listed with what is wrong', () => {
  const job = small();
  expect(screen.queryByTestId('targets')).toBeNull();
  type('find-setting', 'pressure');
  expect(screen.getByTestId('other-P20')).toBeTruthy();
  expect(screen.queryByTestId('other-P61')).toBeNull();
  type('find-setting', 'nothing of the kind');
  expect(wordsOf('other-settings')).toContain('No setting of this controller is called that.');
  type('find-setting', '');
  press('other-menu-press');
  expect(wordsOf('other-P20')).toContain('3 bar');
  press('other-P20');
  expect(wordsOf('choose-P20')).toContain('Now 3 bar');
  // nothing is chosen beforehand, and a tap without a value says so
  press('why-P20-1');
  expect(wordsOf('choose-P20')).toContain('Type what it is to be set to.');
  type('hand-P20', '99');
  expect(wordsOf('choose-P20')).toContain('1 to 10 bar');
  press('why-P20-1');
  expect(job.view().rows.some(({ chosen }) => chosen)).toBe(false);
  type('hand-P20', '3.4');
  press('why-P20-1');
  expect(wordsOf('target-P20')).toContain('By hand: Asked by the site.');
  expect(job.view().rows.find(({ chosen }) => chosen)?.target?.value).toBe(3.4);
  expect(job.view().document.job.state).toBe('planned');
  // the way on, and no other setting in the way
  expect(screen.getByTestId('to-as-found')).toBeTruthy();
  expect(screen.queryByTestId('other-settings')).toBeNull();
  press('small-more');
  expect(screen.getByTestId('other-settings')).toBeTruthy();
});

test('another reason is typed, and cannot be empty; what was chosen can be none again', () => {
  const job = small();
  press('other-menu-power');
  press('other-P61');
  press('hand-P61-0');
  press('why-P61-other');
  press('hand-save-P61');
  expect(wordsOf('choose-P61')).toContain('Say why');
  type('why-P61', 'The warden resets it himself.');
  press('hand-save-P61');
  expect(wordsOf('target-P61')).toContain('By hand: The warden resets it himself.');
  press('target-P61');
  press('as-planned-P61');
  expect(job.view().rows.some(({ chosen }) => chosen)).toBe(false);
  expect(screen.getByTestId('small-none')).toBeTruthy();
});

test('without a duty what is to change is not checked, and says so; a language needs none, and is judged by no check', () => {
  small(BOOSTER, null);
  press('other-menu-press');
  press('other-P20');
  type('hand-P20', '3.4');
  press('why-P20-3');
  expect(wordsOf('finding-ANY-00')).toContain('a limit that guards Set pressure is not entered');
  screen.unmount();
  forgetDrafts('');
  small(PAGES, null);
  press('other-menu-begin');
  press('other-language');
  const [, option] = PAGES.parameters.find(({ key }) => key === 'language')!.options!;
  press(`hand-language-${option.value}`);
  press('why-language-1');
  expect(wordsOf('target-language')).toContain('Judged by no check.');
  expect(screen.queryByTestId('finding-ANY-00')).toBeNull();
});

test('the plan from the duty is a tap away, and what was chosen stands in it beside the plan’s own', () => {
  small();
  press('other-menu-press');
  press('other-P20');
  type('hand-P20', '3.4');
  press('why-P20-2');
  press('plan-whole');
  expect(wordsOf('target-P20')).toMatch(/By hand: Maker’s manual\. Plan: [\d.]+ bar\./);
  press('target-P20');
  press('leave-P20');
  expect(wordsOf('target-P20')).toMatch(/Left as found\. Plan: [\d.]+ bar\./);
});

test('on the card of Set the target is changed where it stands', () => {
  const before = small();
  press('other-menu-press');
  press('other-P20');
  type('hand-P20', '3.8');
  press('why-P20-2');
  const document = before.view().document;
  screen.unmount();
  const job = standJob(
    BOOSTER,
    <SetStage />,
    [
      {
        kind: 'job.record',
        jobId: 'job-1',
        recordId: 'safe',
        record: { kind: 'make-safe', steps: ['stopped', 'by-itself', 'live', 'no-hands'] },
      },
      {
        kind: 'job.record',
        jobId: 'job-1',
        recordId: 'plate',
        record: { kind: 'identify', plate: PLATE, serial: '', controllerAsProfile: true, note: '' },
      },
      {
        kind: 'sheet.enter',
        jobId: 'job-1',
        entryId: 'found',
        address: 'press/1/P20',
        column: 'found',
        raw: '3',
        unit: 'bar',
        value: 3,
        reason: null,
      },
    ],
    document,
  );
  expect(wordsOf('set-target')).toContain('3.8');
  expect(wordsOf('set-chosen')).toBe('By hand: Maker’s manual.');
  press('change-P20');
  type('hand-P20', '3.9');
  press('why-P20-1');
  expect(wordsOf('set-target')).toContain('3.9');
  expect(job.view().rows.find(({ chosen }) => chosen)?.chosen?.reason).toBe('Asked by the site');
});
