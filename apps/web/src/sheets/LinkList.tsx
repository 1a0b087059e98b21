import { Box, Button, Flex, Input, Text } from '../theme/chakra';
import { create } from 'qrcode';
import { useMemo } from 'react';
import { copyText } from '../shared/copyText';
import { UnreachableLinks } from '../shared/UnreachableLinks';

export interface NewLink {
  readonly memberId: string;
  readonly name: string;
  readonly url: string;
}

/** Links that were just made: to be copied, shown to a phone's camera, or printed; they cannot be shown again. */
export function LinkList({ links }: { links: readonly NewLink[] }) {
  const all = links.map(({ name, url }) => `${name}: ${url}`).join('\n');
  return (
    <>
      <Text fontSize="sm" mb="3">
        Send each to its member only: whoever has the link sees that member’s sheet. Copy them now; they are
        kept nowhere and cannot be shown again. A new link ends the old one.
      </Text>
      <UnreachableLinks />
      {links.length > 1 && (
        <Button size="sm" variant="outline" mb="3" onClick={() => void copyText(all)}>
          Copy all, one a line
        </Button>
      )}
      {links.map((link) => (
        <Flex
          key={link.memberId}
          gap="4"
          py="3"
          align="center"
          borderTopWidth="1px"
          borderColor="border.muted"
          data-link={link.memberId}
        >
          <QrCode text={link.url} label={`QR code of ${link.name}’s link`} />
          <Box flex="1" minW="0">
            <Text fontWeight="600" mb="1">
              {link.name}
            </Text>
            <Flex gap="2">
              <Input
                size="sm"
                readOnly
                value={link.url}
                aria-label={`Link for ${link.name}`}
                onFocus={(e) => e.target.select()}
              />
              <Button size="sm" variant="outline" onClick={() => void copyText(link.url)}>
                Copy
              </Button>
            </Flex>
          </Box>
        </Flex>
      ))}
    </>
  );
}

/** Empty modules around a code, as its standard asks for (ISO/IEC 18004, from memory). */
const QUIET = 4;

/** A QR code as one path: black on white in any theme, since cameras want it so. */
function QrCode({ text, label }: { text: string; label: string }) {
  const { size, path } = useMemo(() => {
    const { modules } = create(text, { errorCorrectionLevel: 'M' });
    const runs: string[] = [];
    for (let y = 0; y < modules.size; y += 1)
      for (let x = 0; x < modules.size; x += 1)
        if (modules.get(y, x)) runs.push(`M${x + QUIET} ${y + QUIET}h1v1h-1z`);
    return { size: modules.size + 2 * QUIET, path: runs.join('') };
  }, [text]);
  return (
    <svg
      width="132"
      height="132"
      viewBox={`0 0 ${size} ${size}`}
      role="img"
      aria-label={label}
      style={{ background: '#fff', flexShrink: 0 }}
      shapeRendering="crispEdges"
    >
      <path d={path} fill="#000" />
    </svg>
  );
}
