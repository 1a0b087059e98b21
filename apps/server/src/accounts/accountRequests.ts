/** What the account routes accept. How easily a password is guessed is measured apart, by passwordStrength.ts. */
import { object, string, type StringSchema } from 'yup';
import { LEAST_PASSWORD_LENGTH, MOST_PASSWORD_LENGTH } from '@graft/core/api';
import { noUnknown } from '../http/checked.js';

const text = (words: string, most: number): StringSchema<string> =>
  string()
    .strict()
    .typeError(`expected ${words}`)
    .max(most, `expected at most ${most} characters`)
    .required(`expected ${words}`);

const email = text('an e-mail address', 254).matches(
  /^[^\s@]+@[^\s@]+\.[^\s@]+$/,
  'expected an e-mail address such as "ilse@example.org"',
);
const newPassword = text('a password', MOST_PASSWORD_LENGTH).min(
  LEAST_PASSWORD_LENGTH,
  `expected at least ${LEAST_PASSWORD_LENGTH} characters`,
);
const password = text('the password', MOST_PASSWORD_LENGTH);

export const signUpRequest = object({
  email,
  name: text('a name', 120).matches(/\S/, 'expected a name'),
  password: newPassword,
})
  .strict()
  .noUnknown(noUnknown);
export const signInRequest = object({ email, password }).strict().noUnknown(noUnknown);
export const passwordRequest = object({ current: password, next: newPassword }).strict().noUnknown(noUnknown);
export const deleteRequest = object({ email, password: string().strict() }).strict().noUnknown(noUnknown);
const token = text('the token of a link', 200);
export const tokenRequest = object({ token }).strict().noUnknown(noUnknown);
export const forgottenRequest = object({ email }).strict().noUnknown(noUnknown);
export const resetRequest = object({ token, password: newPassword }).strict().noUnknown(noUnknown);
