/**
 * Whether an address leads to the very machine that follows it (RFC 6761 §6.3, RFC 1122 §3.2.1.3): a link that holds it
 * opens on no phone.
 *
 * @param url with its scheme, such as "http://127.0.0.1:4870"; what is no address is none of this machine's
 */
export function isLoopback(url) {
    let host;
    try {
        host = new URL(url).hostname;
    }
    catch {
        return false;
    }
    return (/(^|\.)localhost\.?$/i.test(host) ||
        /^127(\.\d+){3}$/.test(host) ||
        host === '0.0.0.0' ||
        host === '[::1]');
}
//# sourceMappingURL=loopback.js.map