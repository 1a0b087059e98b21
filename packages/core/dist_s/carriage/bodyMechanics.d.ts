/**
 * What a load does to the body that stands under it: forward lean, pull on the shoulders, sway at the belt, inertia.
 * Statics of a trunk that leans until trunk and pack are over the feet; planning estimates, compared with each other,
 * never good to a degree.
 *
 * Body segments after Winter, Biomechanics and Motor Control of Human Movement (anthropometric tables; from memory).
 */
import type { Member, PointCm } from '../trip/model.js';
import type { PointMass } from './centreOfGravity.js';
/** Standard gravity, m/s² (exact by definition). */
export declare const STANDARD_GRAVITY = 9.80665;
export interface BodyModel {
    /** Mass of head, arms and trunk as a part of the whole body's. */
    readonly trunkMassShare: number;
    /** Where its centre is, of the way from hip to shoulder. */
    readonly trunkCentreShare: number;
    readonly hipHeightShare: number;
    readonly shoulderHeightShare: number;
    /** Half the depth of the trunk: from its middle to the back panel, cm (Graft's own number). */
    readonly halfTrunkDepthCm: number;
    /** The hip belt's centre line above the hip joint, cm (Graft's own number). */
    readonly beltAboveHipCm: number;
}
/** Winter's tables, from memory. */
export declare const REFERENCE_BODY: BodyModel;
/** Sideways acceleration of a quick step to the side, m/s² (Graft's own number). */
export declare const SIDE_STEP_M_S2 = 2;
export interface BodyLoad {
    /** Forward lean of the trunk, degrees. */
    readonly leanDeg: number;
    /** Horizontal force the straps give about the belt, N. */
    readonly shoulderPullN: number;
    /** Moment at the belt for a quick step to the side, N·m. */
    readonly swayNm: number;
    /** Moment of inertia of the loaded pack about the hip axis, kg·m². */
    readonly inertiaKgM2: number;
}
/**
 * @param member body mass and stature of the wearer, and the torso length, cm, that the pack is set to
 * @param massKg the loaded pack
 * @param centre its centre of gravity, pack frame, cm
 * @param masses what it is made of, for the inertia; the whole at its centre when left out
 */
export declare function bodyLoad(member: Pick<Member, 'bodyMassKg' | 'statureCm' | 'torsoCm'>, massKg: number, centre: PointCm, masses?: readonly PointMass[], body?: BodyModel): BodyLoad;
/**
 * tan θ = m·b / (0.678·M·hT + m·hP) is the lean that brings trunk and pack over the hip. b is the pack's distance
 * behind the trunk's middle; hT and hP are the heights of the trunk's and the pack's centres above the hip joint.
 *
 * @throws RangeError unless the body has a mass
 */
export declare function forwardLeanDeg(member: Pick<Member, 'bodyMassKg' | 'statureCm'>, massKg: number, centre: PointCm, body?: BodyModel): number;
/** F = m·g·y / T: the straps' horizontal pull that keeps the pack from tipping back about the belt, N. */
export declare function shoulderPullN(torsoCm: number, massKg: number, outCm: number): number;
/** m·a·z at the belt, N·m, for a step to the side with the acceleration a. */
export declare function swayMomentNm(massKg: number, heightCm: number, accelerationMs2?: number): number;
/** Σ m(y² + z²) about the sideways axis through the belt's centre line at the back, kg·m². */
export declare function momentOfInertiaKgM2(masses: readonly PointMass[]): number;
/** Rounded as it is shown: to half a degree, never finer. */
export declare function roundLeanDeg(deg: number): number;
