import { expect, test } from 'vitest';
import { long, ofDay, ofWork } from './clock';

test('a minute of work is shown by the clock once it is known when work starts', () => {
  expect(ofWork(40, undefined)).toBe('40 min');
  expect(ofWork(40, 450)).toBe('08:10');
  expect(ofDay(0)).toBe('00:00');
});

test('work past midnight goes on with the next day', () => {
  expect(ofWork(120, 1380)).toBe('01:00');
});

test('how long it is, is said in hours once there are some', () => {
  expect(long(45)).toBe('45 min');
  expect(long(425)).toBe('7 h 5 min');
});
