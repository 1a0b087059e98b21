/** @jest-environment jest-fixed-jsdom */
import { copyText } from './copyText';

afterEach(() => Reflect.deleteProperty(navigator, 'clipboard'));

test('the browser’s clipboard where there is one', async () => {
  const writeText = jest.fn().mockResolvedValue(undefined);
  Object.defineProperty(navigator, 'clipboard', { value: { writeText }, configurable: true });
  await copyText('a link');
  expect(writeText).toHaveBeenCalledWith('a link');
});

test('without one a field is copied, leaves nothing behind, and the focus stays', async () => {
  Object.defineProperty(navigator, 'clipboard', { value: undefined, configurable: true });
  const button = document.createElement('button');
  document.body.append(button);
  button.focus();
  let copied = '';
  document.execCommand = () => {
    copied = (document.activeElement as HTMLTextAreaElement).value;
    return true;
  };
  await copyText('http://192.168.1.20:4870/s/#token');
  expect(copied).toBe('http://192.168.1.20:4870/s/#token');
  expect([document.querySelector('textarea'), document.activeElement]).toEqual([null, button]);
});
