/**
 * The text of bytes that are no UTF: Windows-1252, the DOS code page 850 (and 437 in its letters), or Mac Roman. Nothing in
 * a file says which; the one is taken in which its letters stand where letters stand, and its signs where signs do.
 */
/** Upper half of code page 850 (from memory, checked against Python's codec). */
const DOS = 'ÇüéâäàåçêëèïîìÄÅÉæÆôöòûùÿÖÜø£Ø×ƒáíóúñÑªº¿®¬½¼¡«»░▒▓│┤ÁÂÀ©╣║╗╝¢¥┐└┴┬├─┼ãÃ╚╔╩╦╠═╬¤ðÐÊËÈıÍÎÏ┘┌█▄¦Ì▀ÓßÔÒõÕµþÞÚÛÙýÝ¯´\u00ad±‗¾¶§÷¸°¨·¹³²■\u00a0';
/** Letters that lists of Western Europe are full of, and those that they have now and then. */
const COMMON = /[äöüßÄÖÜéèàçñåæøáíóú]/;
const RARER = /[ÅÆØêëâìòùîïôûœãõ]/;
/** So much of a text tells its code page. */
const LOOKED_AT = 20_000;
/** Of Windows-1252 what differs from Latin-1; written out, since not every decoder of that name knows it. */
const WINDOWS = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';
const byTable = (upper) => (bytes) => Array.from(bytes, (b) => (b < 128 ? undefined : upper[b - 128]) ?? String.fromCharCode(b)).join('');
/** Windows-1252 first: of readings that are as good as each other it is the likeliest. */
const READINGS = [
    byTable(WINDOWS),
    byTable(DOS),
    (bytes) => new TextDecoder('macintosh').decode(bytes),
];
export function decodeCodePage(bytes) {
    const start = bytes.subarray(0, LOOKED_AT);
    const scores = READINGS.map((read) => plausibility(read(start)));
    const best = scores.reduce((a, s, i) => (s > scores[a] ? i : a), 0);
    return READINGS[best](bytes);
}
/** How much a text looks like words: usual letters for, signs within words and capitals behind small letters against. */
function plausibility(text) {
    let score = 0;
    for (let i = 0; i < text.length; i += 1) {
        const char = text[i];
        if (char < '\u0080')
            continue;
        const [before, after] = [text[i - 1] ?? ' ', text[i + 1] ?? ' '];
        score += /\p{L}/u.test(char) ? ofLetter(char, before, after) : ofSign(char, before, after);
    }
    return score;
}
const isLetter = (char) => /\p{L}/u.test(char);
function ofLetter(char, before, after) {
    // One of "à" and "é" may stand alone, others hardly.
    if (!isLetter(before) && !isLetter(after))
        return /[àéèyoe]/.test(char) ? 1 : -2;
    if (/\p{Lu}/u.test(char) && /\p{Ll}/u.test(before))
        return -3;
    return COMMON.test(char) ? 1 : RARER.test(char) ? 0.4 : 0;
}
function ofSign(char, before, after) {
    if (isLetter(before) && isLetter(after))
        return /[’·­]/.test(char) ? 1 : -3;
    if (/[„“‚‘«»”’]/.test(char) && isLetter(before) !== isLetter(after))
        return 1.5;
    if (/[–—]/.test(char))
        return 1;
    return /[°½¼²³£€·×…]/.test(char) ? 0.5 : -1;
}
/** The UTF-16 that a byte order mark says; undefined without one. */
export function utf16Of([a, b]) {
    if (a === 0xff && b === 0xfe)
        return 'utf-16le';
    return a === 0xfe && b === 0xff ? 'utf-16be' : undefined;
}
//# sourceMappingURL=codePages.js.map