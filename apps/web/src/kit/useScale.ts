import { useEffect, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { ScaleInfo } from '@graft/core/api';
import {
  hearReading,
  NOTHING_WEIGHED,
  weighingState,
  type ScaleReading,
  type Weighing,
  type WeighingState,
} from '@graft/core/lists';
import { api } from '../shared/api';

/** How often the page looks whether the scale has gone silent. */
const LOOK_EVERY_MS = 500;

interface Scale {
  readonly info: ScaleInfo | undefined;
  readonly problem: string | undefined;
  readonly state: WeighingState;
  readonly lost: number;
}

/** The bench scale's readings as long as this is on the page; a broken stream is asked for again by the browser. */
export function useScale(): Scale {
  const info = useQuery({ queryKey: ['scale'], queryFn: api.scale, retry: false });
  const divisionKg = info.data?.divisionKg;
  const [weighing, setWeighing] = useState<Weighing>(NOTHING_WEIGHED);
  const [now, setNow] = useState(() => performance.now());
  useEffect(() => {
    if (divisionKg === undefined) return undefined;
    const source = new EventSource(api.scaleReadingsUrl);
    source.addEventListener('reading', (event) => {
      const reading = JSON.parse((event as MessageEvent<string>).data) as ScaleReading;
      const heardAt = performance.now();
      setNow(heardAt);
      setWeighing((before) => hearReading(before, reading, heardAt, divisionKg));
    });
    const timer = setInterval(() => setNow(performance.now()), LOOK_EVERY_MS);
    return () => {
      source.close();
      clearInterval(timer);
    };
  }, [divisionKg]);
  return {
    info: info.data,
    problem: info.error?.message,
    state: weighingState(weighing, now, divisionKg ?? 0.001),
    lost: weighing.lost,
  };
}
