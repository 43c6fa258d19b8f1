import { screen } from '@testing-library/react-native';
import { forgetDrafts } from '../../draft/use-draft';
import { MOTOR, standJob } from '../../testing/job-stand';
import { press, type, valueOf, wordsOf } from '../../testing/touch';
import { Notes } from './notes';

afterEach(() => forgetDrafts(''));
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));

test('a note is written where the work is, and taken back there', () => {
  const job = standJob(MOTOR, <Notes about="drive/1/length" of="Stroke length" />);
  press('note-drive/1/length');
  press('note-save-drive/1/length');
  expect(wordsOf('notes-drive/1/length')).toContain('Write a word, or go back.');
  type('note-words-drive/1/length', 'The scale is worn.');
  press('note-save-drive/1/length');
  expect(wordsOf('notes-drive/1/length')).toContain('The scale is worn.');
  expect(job.view().document.records.map(({ body }) => body)).toEqual([
    { kind: 'note', about: 'drive/1/length', words: 'The scale is worn.' },
  ]);
  press(`note-back-${job.view().document.records[0].id}`);
  expect(wordsOf('notes-drive/1/length')).not.toContain('The scale is worn.');
});

test('20 000 signs are too many: said in words, and nothing of it is lost; nor is what was typed and left', () => {
  standJob(MOTOR, <Notes about="" of="the job" />);
  press('note-job');
  const long = 'a'.repeat(20_000);
  type('note-words-job', long);
  press('note-save-job');
  expect(wordsOf('notes-job')).toContain('A note holds 2000 signs; this one has 20000.');
  expect(valueOf('note-words-job')).toBe(long);
  press('note-leave-job');
  expect(wordsOf('notes-job')).toBe('Go on with the note');
  press('note-job');
  expect(valueOf('note-words-job')).toBe(long);
  // near miss: as many as it holds
  type('note-words-job', 'a'.repeat(2000));
  press('note-save-job');
  expect(screen.queryByTestId('note-words-job')).toBeNull();
});
