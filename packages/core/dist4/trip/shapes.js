/** No thing is turned in more ways than a box: what a trip file knows. */
export const MOST_TURNS = 6;
/** The volume of a shape's own outline, litres, or undefined for soft things that take any form. */
export function shapeVolumeL(shape) {
    switch (shape.kind) {
        case 'block':
        case 'flat':
            return (shape.lengthCm * shape.widthCm * shape.heightCm) / 1000;
        case 'cylinder':
        case 'roll':
        case 'long':
            return (Math.PI * (shape.diameterCm / 2) ** 2 * shape.lengthCm) / 1000;
        case 'pouch':
        case 'stuff':
            return undefined;
    }
}
/** Outer dimensions, longest first, cm; undefined for soft things. */
export function shapeSizeCm(shape) {
    switch (shape.kind) {
        case 'block':
        case 'flat': {
            const sorted = [shape.lengthCm, shape.widthCm, shape.heightCm].sort((a, b) => b - a);
            return [sorted[0], sorted[1], sorted[2]];
        }
        case 'cylinder':
        case 'roll':
        case 'long':
            return shape.lengthCm >= shape.diameterCm
                ? [shape.lengthCm, shape.diameterCm, shape.diameterCm]
                : [shape.diameterCm, shape.diameterCm, shape.lengthCm];
        case 'pouch':
        case 'stuff':
            return undefined;
    }
}
//# sourceMappingURL=shapes.js.map