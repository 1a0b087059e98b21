import { Box, Button, Flex, Heading, Text } from '../theme/chakra';
import { useMutation } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { LEAST_PASSWORD_LENGTH, type AccountState } from '@graft/core/api';
import type { FieldError } from '@graft/core/schema';
import { AccountField } from '../account/AccountField';
import { useAccountSession } from '../shared/AccountProvider';
import { api, ApiProblem } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';

type Way = 'in' | 'new' | 'forgotten';
const TITLES: Readonly<Record<Way, string>> = {
  in: 'Sign in',
  new: 'New account',
  forgotten: 'Forgotten password',
};
const BUTTONS: Readonly<Record<Way, string>> = {
  in: 'Sign in',
  new: 'Create the account',
  forgotten: 'Send me a link',
};
export const PASSWORD_HELP = `At least ${LEAST_PASSWORD_LENGTH} characters; a few words that nobody would put together are good`;

/** The way in: an account that one has, a new one, or a link for a new password. */
export function DoorForm() {
  const { enter, demoOffered, mail } = useAccountSession();
  const [way, setWay] = useState<Way>('in');
  const [form, setForm] = useState({ name: '', email: '', password: '' });
  const { name, email, password } = form;
  const submit = useMutation<AccountState>({
    mutationFn: () =>
      way === 'new'
        ? api.signUp({ name, email, password })
        : way === 'in'
          ? api.signIn({ email, password })
          : api.forgotten(email),
    // Nobody is in yet where a link goes to the address first.
    onSuccess: (state) => {
      if (state.account !== null) enter(state);
    },
  });
  const choose = (next: Way): void => {
    setWay(next);
    submit.reset();
  };
  const problem = submit.error;
  const errors: readonly FieldError[] = problem instanceof ApiProblem ? problem.errors : [];
  const field = (
    key: keyof typeof form,
    label: string,
    type: 'text' | 'email' | 'password',
    autoComplete: string,
    help?: string,
  ) => (
    <Box mb="3">
      <AccountField
        label={label}
        name={key}
        type={type}
        autoComplete={autoComplete}
        value={form[key]}
        onChange={(value) => setForm((old) => ({ ...old, [key]: value }))}
        error={errors.find((e) => e.path === key)?.message}
        {...(help === undefined ? {} : { help })}
      />
    </Box>
  );
  if (submit.data !== undefined && submit.data.account === null)
    return <Mailed way={way} email={email} onBack={() => choose('in')} />;
  return (
    <form
      onSubmit={(e: FormEvent) => {
        e.preventDefault();
        submit.mutate();
      }}
    >
      <Heading as="h2" fontFamily="heading" fontSize="lg" mb="4">
        {TITLES[way]}
      </Heading>
      {way === 'new' && field('name', 'Your name', 'text', 'name', 'As co-leaders see it')}
      {field('email', 'E-mail', 'email', 'username')}
      {way === 'in' && field('password', 'Password', 'password', 'current-password')}
      {way === 'new' && field('password', 'Password', 'password', 'new-password', PASSWORD_HELP)}
      {problem !== null && (
        <Box mb="3">
          <ErrorList
            title={problem.message}
            errors={errors.filter((e) => !(e.path in form) || (way !== 'new' && e.path === 'name'))}
          />
        </Box>
      )}
      <Button
        size="sm"
        type="submit"
        w="100%"
        variant={demoOffered ? 'outline' : 'solid'}
        loading={submit.isPending}
      >
        {BUTTONS[way]}
      </Button>
      <Flex mt="3" columnGap="4" wrap="wrap">
        {way !== 'in' && <Other label="I have an account" onChoose={() => choose('in')} />}
        {way !== 'new' && <Other label="I am new here: make an account" onChoose={() => choose('new')} />}
        {way === 'in' && mail && <Other label="I forgot my password" onChoose={() => choose('forgotten')} />}
      </Flex>
    </form>
  );
}

function Other({ label, onChoose }: { label: string; onChoose: () => void }) {
  return (
    <Button size="xs" variant="plain" px="0" textDecoration="underline" onClick={onChoose}>
      {label}
    </Button>
  );
}

function Mailed({ way, email, onBack }: { way: Way; email: string; onBack: () => void }) {
  return (
    <Box role="status">
      <Heading as="h2" fontFamily="heading" fontSize="lg" mb="4">
        Look into your mail
      </Heading>
      <Text mb="3">
        {way === 'new'
          ? `A mail is on its way to ${email}: its link finishes your account. `
          : `If ${email} has an account here, a mail with a link for a new password is on its way to it. `}
        If none comes within a few minutes, look among the unwanted mail, or ask for it again.
      </Text>
      <Other label="Back to signing in" onChoose={onBack} />
    </Box>
  );
}
