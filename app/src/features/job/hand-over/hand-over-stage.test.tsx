import { act, renderHook, screen } from '@testing-library/react-native';
import { DUTY, TEN_SLOTS } from '@barythm/core/families/pool/fixtures';
import { badlyRun } from '@barythm/core/job/testing/pool-fixtures';
import { forgetDrafts, useDraftOf } from '../../../draft/use-draft';
import { standJob } from '../../../testing/job-stand';
import { press, type, wordsOf } from '../../../testing/touch';
import { HandOverStage } from './hand-over-stage';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));
let mockPending: { body: { jobId: string } }[] = [];
jest.mock('../../../api/use-outbox', () => ({ useOutbox: () => ({ pending: mockPending }) }));
afterEach(() => {
  forgetDrafts('');
  mockPending = [];
});

const proved = () =>
  badlyRun()
    .plan()
    .set()
    .check('prime', null, { minutes: 2 })
    .check('power-1270', null, { power_W: 156 })
    .check('linked-1', 'fits')
    .check('start-5', 'starts')
    .record({ kind: 'automatic', seen: 'The program of this hour runs.', leaving: ['covers'] });
const stand = (writer = proved()) => standJob(TEN_SLOTS, <HandOverStage />, [], writer.document);

/** A finger's stroke, as the pad keeps it; drawn before the stand, for a rendered hook takes the screen. */
function sign() {
  const { result } = renderHook(() => useDraftOf<object>('handover:job-1', {}));
  act(() =>
    result.current[1]({
      signedAs: 'Visitor',
      nextDue: '2027-05-24',
      ...result.current[0],
      drawn: { width: 320, height: 160, paths: ['M 1 1 L 20 20'] },
    }),
  );
}

test('a stop on what is left keeps it from being handed over, until it is accepted in writing', () => {
  sign();
  const job = stand(badlyRun().plan().set().enterMany('left', { limit: 3260 }));
  const gate = wordsOf('gate');
  expect(gate).toContain('Not ready to hand over');
  expect(gate).toContain('Stop on what is left: Maximum speed left open.');
  expect(screen.getByTestId('gate-to-plan')).toBeTruthy();
  press('hand-over');
  expect(job.view().document.handover).toBeNull();
  for (const code of ['POO-08', 'ANY-22']) {
    press(`decide-${code}`);
    type(`decide-reason-${code}`, 'A new filter comes next week.');
    press(`accept-${code}`);
  }
  expect(screen.queryByTestId('gate')).toBeNull();
  // what the customer signed for stands on the screen too, with its reason
  press('hand-over');
  expect(screen.getAllByTestId('accepted-in-writing')).toHaveLength(2);
  expect(screen.getAllByText(/A new filter comes next week\./).length).toBeGreaterThan(0);
});

test('the week before and after, what was proved, and no word of signals on a pool pump', () => {
  stand();
  expect(screen.queryByTestId('gate')).toBeNull();
  expect(wordsOf('week-headline')).toMatch(/^\d+\.\d\d SKR less a month$/);
  expect(wordsOf('week-found')).toContain('m³ on its weakest day');
  const words = wordsOf('proved');
  expect(words).toContain('4 of 4 checks as expected.');
  expect(words).not.toContain('signal');
  expect(words).not.toContain('end-to-end');
});

test('a job on which nothing was done is closed as looked at only, with a word why, or cancelled', () => {
  const job = standJob(TEN_SLOTS, <HandOverStage />, [], { dutyBefore: DUTY });
  expect(wordsOf('gate')).toContain('No setting was read, set or proved');
  press('looked-at');
  press('looked-at-do');
  expect(screen.getByText('Say why, in a word or two.')).toBeTruthy();
  type('looked-at-reason', 'The plant room was locked.');
  press('looked-at-do');
  expect(screen.queryByTestId('gate')).toBeNull();
  expect(wordsOf('looked-at-card')).toContain('The plant room was locked.');
  press('cancel-job');
  type('cancel-job-reason', 'Wrong pump.');
  press('cancel-job-do');
  expect(job.view().document.job.state).toBe('cancelled');
  expect(wordsOf('job-cancelled')).toContain('Wrong pump.');
});

test('what was set cannot be cancelled away', () => {
  stand();
  expect(screen.queryByTestId('cancel-job')).toBeNull();
});

test('a date that is none, and a missing signature, are told at their places; nothing is lost', () => {
  stand();
  for (const none of ['5/24/2027', '2027-02-30']) {
    type('next-due', none);
    press('hand-over');
    expect(screen.getByText('A date is written 31.5.2027 or 2027-05-31.')).toBeTruthy();
  }
  // as it is written in most of the world, and understood at once
  type('next-due', '24.5.2027');
  expect(screen.getByText('24 May 2027')).toBeTruthy();
  press('hand-over');
  expect(screen.getByText('Nobody has signed yet. If nobody was there, say so above.')).toBeTruthy();
  expect(screen.getByTestId('next-due').props.value).toBe('24.5.2027');
});

test('signed, it is frozen and leaves as files, the calendar among them', () => {
  sign();
  const job = stand();
  press('signed-as-site');
  type('signed-name', 'Duty nurse ');
  press('hand-over');
  expect(job.view().document.handover).toMatchObject({
    signedAs: 'Duty nurse, for the site',
    nextDue: '2027-05-24',
  });
  expect(wordsOf('downloads')).toContain('Next due 24 May 2027.');
  const files = screen.getAllByTestId(/^download-/).map((node) => String(node.props.testID).slice(9));
  expect(files).toEqual([
    'hand-over.pdf',
    'owner.pdf',
    'job.json',
    'sheet.csv',
    'checks.csv',
    'programs.ics',
  ]);
  expect(screen.queryByTestId('sign')).toBeNull();
});

test('a name that finds no room is told at its field, and nothing of it is cut off', () => {
  sign();
  const job = stand();
  press('signed-as-site');
  type('signed-name', 'a'.repeat(61));
  press('hand-over');
  expect(job.view().document.handover).toBeNull();
  expect(screen.getByText('At most 60 characters.')).toBeTruthy();
  type('signed-name', 'a'.repeat(60));
  press('hand-over');
  expect(job.view().document.handover?.signedAs).toBe(`${'a'.repeat(60)}, for the site`);
});

test('nobody was there: the hand-over says so, and asks for neither name nor signature', () => {
  const job = stand();
  press('signed-as-nobody');
  expect(screen.queryByTestId('signature')).toBeNull();
  press('hand-over');
  expect(job.view().document.handover).toMatchObject({ signature: null, signedAs: 'nobody' });
  expect(wordsOf('downloads')).toContain('Nobody was there to sign, 24 Nov 2026.');
});

test('who signs and says neither name nor for whom is called neither', () => {
  sign();
  const job = stand();
  press('hand-over');
  expect(job.view().document.handover?.signedAs).toBe('no name given');
  expect(wordsOf('downloads')).toContain('Signed; no name given');
});

test('the files wait until everything is sent', () => {
  mockPending = [{ body: { jobId: 'job-1' } }];
  sign();
  stand();
  press('hand-over');
  expect(wordsOf('downloads')).toContain('The files will be ready when all entries have been sent.');
  expect(screen.queryByTestId('download-hand-over.pdf')).toBeNull();
});

test('what is open is decided in writing, with a reason that the customer reads', () => {
  const job = stand(badlyRun().plan().set().check('linked-1', 'fits'));
  const [code] = screen
    .getAllByTestId(/^decide-/)
    .map((node) => String(node.props.testID).slice('decide-'.length));
  press(`decide-${code}`);
  press(`accept-${code}`);
  expect(screen.getByText('Say why: the customer reads it on the hand-over.')).toBeTruthy();
  type(`decide-reason-${code}`, 'Agreed with the operator.');
  press(`customer-${code}`);
  expect(screen.getByText('The customer acts: Agreed with the operator.')).toBeTruthy();
  expect(job.view().document.decisions).toMatchObject([{ code, decision: 'customer-acts' }]);
});
