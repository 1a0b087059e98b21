import { sheetChanges } from './sheetChanges.js';
export const MESSAGE_KINDS = ['link', 'changes', 'reminder'];
export const MESSAGE_CHANNELS = ['mail', 'text'];
export const MESSAGE_STATES = ['sent', 'delivered', 'failed'];
export const LONGEST_ADDRESS = 200;
/** How an address is reached: mail, or a text message to a telephone number; undefined when it is neither. */
export function channelOf(address) {
    if (/^[^\s@<>"]+@[^\s@<>"]+\.[^\s@<>".]+$/.test(address))
        return 'mail';
    return /^\+?\d[\d ()-]{4,19}\d$/.test(address) ? 'text' : undefined;
}
export function linkMessage(sheet, url) {
    return {
        subject: `${sheet.tripName}: your sheet`,
        text: [
            `${sheet.name}, this is your sheet for ${sheet.tripName}, from ${sheet.startDate}:`,
            url,
            'It shows what you carry and from whom you get it, where each thing goes, and who has the rest. Open it once while you have a network; then it works without. It is yours alone: whoever has the link sees it.',
        ].join('\n\n'),
    };
}
/** To somebody who has not said all of themselves yet; their link they have. */
export function reminderMessage(sheet) {
    return {
        subject: `${sheet.tripName}: a few answers`,
        text: [
            `${sheet.name}, before ${sheet.tripName} (from ${sheet.startDate}) a few answers of yours are still missing: your pack, what you bring, what you can carry.`,
            'Open your sheet with the link that you have, and say them under “About you”. It takes a few minutes and works without a network.',
        ].join('\n\n'),
    };
}
/** Only what changed for this member; undefined when nothing did. */
export function changesMessage(before, after) {
    const changes = sheetChanges(before, after);
    if (changes.length === 0)
        return undefined;
    return {
        subject: `${after.tripName}: changed for you`,
        text: [
            `${after.name}, this changed for you:`,
            changes.map((c) => `- ${c}`).join('\n'),
            'Your sheet has it all: open it with the link that you have.',
        ].join('\n\n'),
    };
}
//# sourceMappingURL=messages.js.map