import { isLoopback } from './loopback.js';

test.each([
  ['http://127.0.0.1:4870', true],
  ['http://127.8.9.1', true],
  ['http://localhost:4870', true],
  ['http://graft.localhost', true],
  ['http://[::1]:4870', true],
  ['http://0.0.0.0:4870', true],
  ['http://192.168.1.7:4870', false],
  ['https://graft.example.org', false],
  ['https://localhost.example.org', false],
  ['no address', false],
])('%s: %s', (url, expected) => {
  expect(isLoopback(url)).toBe(expected);
});
