import { describe, expect, test } from '@jest/globals';
import { Observable } from './observable';

describe('a watched value', () => {
  test('tells its watchers of each change, until they stop', () => {
    const watched = new Observable({ a: 1, b: 2 });
    let told = 0;
    const stop = watched.subscribe(() => (told += 1));
    watched.update({ b: 3 });
    stop();
    watched.update({ b: 4 });
    expect([told, watched.snapshot()]).toEqual([1, { a: 1, b: 4 }]);
  });

  test('keeps its snapshot while nothing changes', () => {
    const watched = new Observable({ a: 1 });
    expect(watched.snapshot()).toBe(watched.snapshot());
  });
});
