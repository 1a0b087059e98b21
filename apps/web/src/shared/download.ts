import type { Trip } from '@graft/core/trip';

/** Hand a text over as a file. */
export function download(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** The trip as this page has it, as a file. */
export async function exportTrip(trip: Trip): Promise<void> {
  const { serialiseTripFile } = await import('@graft/core/formats');
  download(`${trip.id}.graft.json`, 'application/json', serialiseTripFile(trip));
}
