import { htmlOf } from './htmlPart.js';

test('words become paragraphs with links to follow, and nothing in them is taken for a page', () => {
  const html = htmlOf(
    'Ann <b>, this is yours:\n\nhttps://graft.example.org/s/#key\n\n- one & two\n- "three"',
  );
  expect(html).toContain('<p>Ann &lt;b&gt;, this is yours:</p>');
  expect(html).toContain(
    '<p><a href="https://graft.example.org/s/#key">https://graft.example.org/s/#key</a></p>',
  );
  expect(html).toContain('<p>- one &amp; two<br>- &quot;three&quot;</p>');
  expect(html).not.toMatch(/<script|<img|<b>|src=/);
});
