import type { Trip } from '../trip/model.js';
/** A change that may make things fit; tried out before anybody sees it. */
export interface CureCandidate {
    readonly label: string;
    readonly price: string;
    readonly after: Trip;
    /** Order among cures that do equally much: the gentler first. */
    readonly rank: number;
    /** What is not done twice when cures are taken together: less water, a limit raised. */
    readonly once?: string;
    /** It lightens nobody: somebody says that they carry more. Whatever lightens a pack comes before it. */
    readonly onlyByWord?: boolean;
}
