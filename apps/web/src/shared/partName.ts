/** The part alone, of a piece of a kit or a parcel: "tent body" of "Heron (2 people): tent body". */
export function partName(name: string): string {
  const at = name.lastIndexOf(': ');
  return at < 0 ? name : name.slice(at + 2);
}
