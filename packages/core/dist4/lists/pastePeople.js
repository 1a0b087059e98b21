/** People as somebody pastes them: a name a line, with a body weight, an age or own things behind it where they are said. */
import { addMember } from '../trip/partyChanges.js';
import { KG_PER_LB } from '../units/convert.js';
import { isSameName } from '../trip/names.js';
/** A figure that is a body weight in kilograms and no age of a child, and one in pounds. */
const BODY_KG = [20, 200];
const NUMBER = String.raw `(\d+(?:[.,]\d+)?)`;
const FIGURE = new RegExp(String.raw `(?<![\p{L}\d.,])${NUMBER}\s*(kg|kgs|kilos?|lbs?|pounds?|st|cm|m|years?|yrs?|y\/?o)?(?![\p{L}\d])\.?`, 'giu');
/** Headers of a table, and what lists of people begin with. */
const HEADERS = /^(?:names?|members?|people|who|person|participants?|vorname|teilnehmer|nom|nombre|naam|namn|navn)\b/i;
const MARKS = /^[\s\-–—*•·]+|^\d+[.)]\s+|[\s:;,|\-–—]+$/gu;
const LONGEST_NAME = 60;
/**
 * @param massUnit what a bare figure is in
 * @returns whoever is named, in order; lines without a name are left out
 */
export function readPeople(text, massUnit) {
    return text.split(/\r\n|\r|\n/).flatMap((line) => {
        const bare = line.replace(MARKS, '');
        if (bare === '' || (HEADERS.test(bare) && !/\d/.test(bare)))
            return [];
        const person = readLine(bare, massUnit);
        return person.name === '' ? [] : [person];
    });
}
function readLine(line, massUnit) {
    const figures = [...line.matchAll(FIGURE)].map(({ index, 1: digits, 2: unit }) => ({
        index,
        value: Number(digits.replace(',', '.')),
        unit: unit?.toLowerCase() ?? '',
    }));
    const isYears = (unit) => unit.startsWith('y');
    const tall = figures.find((f, i) => isStature(f, figures.slice(i + 1), figures.slice(0, i)));
    const body = figures
        .filter((f) => f !== tall && !isYears(f.unit) && f.unit !== 'cm' && f.unit !== 'm')
        .map((f) => ({ ...f, kg: inKg(f.value, f.unit === '' ? massUnit : f.unit) }))
        .find((f) => f.kg >= BODY_KG[0] && f.kg <= BODY_KG[1]);
    // A bare figure is an age behind a body weight; before it, it is part of a name: "Guide 2".
    const age = figures.find((f) => isYears(f.unit) ||
        (body !== undefined && f.unit === '' && f !== tall && f.index > body.index && f.value <= 110));
    const end = Math.min(...[body, age, tall].map((f) => f?.index ?? Infinity));
    const name = line
        .slice(0, end)
        .replace(/[\s(,;:|=\-–—]+$/u, '')
        .trim()
        .slice(0, LONGEST_NAME);
    return {
        name: /\p{L}/u.test(name) ? name : '',
        ...(body === undefined ? {} : { bodyMassKg: Math.round(body.kg * 10) / 10 }),
        ...(tall === undefined
            ? {}
            : { statureCm: Math.round(tall.unit === 'm' ? tall.value * 100 : tall.value) }),
        ...(age === undefined ? {} : { ageYears: Math.round(age.value) }),
    };
}
/** A stature by its unit; or bare, where it stands beside a bare figure that is a body weight and it is none itself. */
function isStature({ value, unit }, ...others) {
    if (unit === 'cm')
        return value >= 80 && value <= 230;
    if (unit === 'm')
        return value >= 0.8 && value <= 2.3;
    const [least, most] = [130, 215];
    return (unit === '' &&
        value >= least &&
        value <= most &&
        others
            .flat()
            .some((o) => (o.unit === '' || o.unit === 'kg' ? o.value >= BODY_KG[0] && o.value < least : false)));
}
const KG_PER_STONE = 14 * KG_PER_LB;
function inKg(value, unit) {
    if (/^(?:lb|pound)/.test(unit))
        return value * KG_PER_LB;
    return unit === 'st' ? value * KG_PER_STONE : value;
}
/** What is said of a person, on a member. */
export function withSaid(member, { name, bodyMassKg, statureCm, ageYears }) {
    const { bodyEstimated: _guess, ...known } = member;
    return {
        ...(bodyMassKg === undefined ? member : { ...known, bodyMassKg }),
        name,
        ...(statureCm === undefined ? {} : { statureCm }),
        ...(ageYears === undefined ? {} : { ageYears, ageBand: ageYears < 18 ? 'under18' : 'adult' }),
    };
}
/**
 * People into the party: whoever is there already gets what is said of them, others are added.
 *
 * @param insteadOf a member that was added to be named: the first that is new takes their place
 */
export function takePeople(trip, people, insteadOf) {
    let free = insteadOf;
    return people.reduce((next, person) => {
        const known = next.members.find((m) => m.id !== free && isSameName(m.name, person.name));
        const id = known?.id ?? free;
        if (known === undefined && id !== undefined)
            free = undefined;
        const grown = id === undefined ? addMember(next, person.name) : next;
        const target = id ?? grown.members[grown.members.length - 1].id;
        return { ...grown, members: grown.members.map((m) => (m.id === target ? withSaid(m, person) : m)) };
    }, trip);
}
//# sourceMappingURL=pastePeople.js.map