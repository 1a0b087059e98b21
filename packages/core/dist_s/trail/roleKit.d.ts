import type { Member, Piece, Role, Trip } from '../trip/model.js';
/** A role's kit that is in other hands than the one who has the role that day. */
export interface RoleHandover {
    readonly day: number;
    readonly role: Role;
    readonly piece: Piece;
    /** What it is called away from its kit. */
    readonly name: string;
    readonly from: Member;
    readonly to: Member;
}
/**
 * Every handover that the rota asks for, day by day, as if each were made. Where several have a role on one day, kit that
 * one of them has stays there.
 */
export declare function roleHandovers(trip: Trip): readonly RoleHandover[];
/** The trip with the rota's handovers of some days noted. */
export declare function handOverRoleKit(trip: Trip, handovers: readonly RoleHandover[]): Trip;
