/** The words of a name, as a whole and of its head, each in the orders in which they may be said. */
export interface Orders {
    readonly whole: readonly (readonly string[])[];
    readonly heads: readonly (readonly string[])[];
}
/** The words of a name in the orders in which they may be said ("gloves, thin" are thin gloves), and those of its head. */
export declare function ordersOf(text: string): Orders;
