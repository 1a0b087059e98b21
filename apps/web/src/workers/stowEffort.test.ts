/** @jest-environment jest-fixed-jsdom */
import { stowEffort } from './stowEffort';

test.each([
  [undefined, 1],
  ['0.2', 0.2],
  ['0', 0.02],
  ['-3', 0.02],
  ['7', 1],
  ['much', 1],
])('kept as %s, a search makes %d of its usual moves', (kept, part) => {
  window.localStorage.clear();
  if (kept !== undefined) window.localStorage.setItem('graft-stow-effort', kept);
  expect(stowEffort()).toBe(part);
});
