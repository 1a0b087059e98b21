import { Box, Text } from '../theme/chakra';
import type { ReadThings } from '@graft/core/formats';
import { isGroupWord, isUnweighed, type ReadRow } from '@graft/core/lists';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { listTotals } from './listTotals';
import { useQuantities } from '../shared/useInUnits';

const SHOWN_ROWS = 8;

/** The first rows as they were read; those without a mass before the others. */
export function CsvPreview({ read, whose }: { read: ReadThings; whose: string }) {
  const { show } = useQuantities();
  const { massUnit } = usePreferences();
  if (read.rows.length === 0) return null;
  const unknownFirst = [...read.rows].sort(
    (a, b) => Number(isUnweighed(b.thing)) - Number(isUnweighed(a.thing)),
  );
  const nameOf = ({ list }: ReadRow): string =>
    list === undefined ? whose : isGroupWord(list) ? 'the group' : list;
  return (
    <>
      <Text fontSize="xs" color="fg.muted" aria-label="Of whom">
        {listTotals(read.rows, nameOf, massUnit)}
      </Text>
      <Box as="table" w="100%" fontSize="xs" aria-label="Preview" borderTopWidth="1px">
        <thead>
          <tr className="muted">
            <th style={{ textAlign: 'start' }}>Line</th>
            <th style={{ textAlign: 'start' }}>Thing</th>
            <th style={{ textAlign: 'start' }}>List</th>
            <th style={{ textAlign: 'end' }}>Count</th>
            <th style={{ textAlign: 'end' }}>Weight</th>
            <th style={{ textAlign: 'end' }}>Packed</th>
          </tr>
        </thead>
        <tbody>
          {unknownFirst.slice(0, SHOWN_ROWS).map((r) => (
            <tr key={r.line}>
              <td>{r.line}</td>
              <td>
                {r.thing.name}
                {r.kitId !== undefined && <span className="muted"> in its pieces</span>}
              </td>
              <td>{r.list ?? '—'}</td>
              <td style={{ textAlign: 'end' }}>{r.count}</td>
              <td style={{ textAlign: 'end' }}>
                {isUnweighed(r.thing) ? (
                  <Box as="span" color="overload.fg">
                    ▲ not known
                  </Box>
                ) : (
                  `${r.thing.massEstimated ? '≈ ' : ''}${formatMass(r.thing.massKg, massUnit)}`
                )}
              </td>
              <td style={{ textAlign: 'end' }}>{show(r.thing.volumeL, 'volume')}</td>
            </tr>
          ))}
          {read.rows.length > SHOWN_ROWS && (
            <tr className="muted">
              <td colSpan={6}>and {read.rows.length - SHOWN_ROWS} more</td>
            </tr>
          )}
        </tbody>
      </Box>
    </>
  );
}
