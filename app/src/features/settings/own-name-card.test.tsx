import { render, screen } from '@testing-library/react-native';
import { act } from 'react';
import { ownName, setOwnName } from '../../ui/own-name';
import { type, valueOf } from '../../testing/touch';
import { OwnNameCard } from './own-name-card';

afterEach(() => act(() => setOwnName('')));

test('a name stands for what is recorded from now on; blank again it is nobody in particular', () => {
  expect(ownName()).toBe('Technician 1');
  render(<OwnNameCard />);
  expect(valueOf('own-name')).toBe('');
  type('own-name', ' Inner harbour, second shift ');
  expect(ownName()).toBe('Inner harbour, second shift');
  type('own-name', '');
  expect(ownName()).toBe('Technician 1');
});

test('what no paper can print, or is too long, is told and not taken; what was typed stays', () => {
  render(<OwnNameCard />);
  type('own-name', 'Shift 😀');
  expect(screen.getByText(/cannot be printed on paper/)).toBeTruthy();
  expect(valueOf('own-name')).toBe('Shift 😀');
  expect(ownName()).toBe('Technician 1');
  type('own-name', 'x'.repeat(61));
  expect(screen.getByText('At most 60 characters.')).toBeTruthy();
  expect(ownName()).toBe('Technician 1');
});
