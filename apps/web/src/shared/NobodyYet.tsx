import { EmptyStation } from './EmptyStation';

/** What a station about people says while there are none. */
export function NobodyYet({ what, later }: { what: string; later: 'beams' | 'pack' | 'list' }) {
  return (
    <EmptyStation title="Nobody is on this trip yet" first={[['people', 'Add people']]} later={later}>
      {what}
    </EmptyStation>
  );
}
