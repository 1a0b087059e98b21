import { Box, Button, Flex, Heading, Text } from '../theme/chakra';
import { useMutation } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { LEAST_PASSWORD_LENGTH } from '@graft/core/api';
import type { FieldError } from '@graft/core/schema';
import { useAccountSession } from '../shared/AccountProvider';
import { api, ApiProblem } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { AccountField } from './AccountField';

/** What stands in the way of an unknown visitor: sign in, make an account, or look at the demo. */
export function SignInPage() {
  const { enter, demoOffered } = useAccountSession();
  const [isNew, setNew] = useState(false);
  const [form, setForm] = useState({ name: '', email: '', password: '' });
  const { name, email, password } = form;
  const submit = useMutation({
    mutationFn: () => (isNew ? api.signUp({ name, email, password }) : api.signIn({ email, password })),
    onSuccess: enter,
  });
  const demo = useMutation({ mutationFn: api.demo, onSuccess: enter });
  const problem = submit.error ?? demo.error;
  const errors: readonly FieldError[] = problem instanceof ApiProblem ? problem.errors : [];
  const fieldError = (path: string): string | undefined => errors.find((e) => e.path === path)?.message;
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
        error={fieldError(key)}
        {...(help === undefined ? {} : { help })}
      />
    </Box>
  );
  return (
    <Flex maxW="60rem" mx="auto" px="6" py="10" gap="14" wrap="wrap" align="start">
      <Box flex="1" minW="18rem">
        <Heading as="h1" fontFamily="heading" fontSize="3xl" mb="3">
          Graft
        </Heading>
        <Text fontSize="md" mb="5">
          For whoever leads a group on foot: tents, cook kits, food and water shared so that each load fits
          its body, and every pack planned so that it rides right.
        </Text>
        {demoOffered && (
          <Box borderTopWidth="1px" pt="4">
            <Button size="sm" variant="outline" loading={demo.isPending} onClick={() => demo.mutate()}>
              Open the demo
            </Button>
            <Text mt="2" color="fg.muted" fontSize="xs">
              A made-up plover census of eight, a hut roof, a field class of 28. Nothing to fill in; whoever
              uses this machine shares it.
            </Text>
          </Box>
        )}
        <Text mt="8" fontSize="xs" color="fg.muted">
          Graft shows planning estimates, never medical advice. A qualified leader decides on the ground. Body
          weights and health notes are kept for the leaders of a trip only; you can export or delete all you
          entered at any time.
        </Text>
      </Box>
      <Box
        as="form"
        w="22rem"
        bg="bg.panel"
        borderWidth="1px"
        p="5"
        onSubmit={(e: FormEvent) => {
          e.preventDefault();
          submit.mutate();
        }}
      >
        <Heading as="h2" fontFamily="heading" fontSize="lg" mb="4">
          {isNew ? 'New account' : 'Sign in'}
        </Heading>
        {isNew && field('name', 'Your name', 'text', 'name', 'As co-leaders see it')}
        {field('email', 'E-mail', 'email', 'username')}
        {field(
          'password',
          'Password',
          'password',
          isNew ? 'new-password' : 'current-password',
          isNew ? `At least ${LEAST_PASSWORD_LENGTH} characters; a few words are good` : undefined,
        )}
        {problem !== null && (
          <Box mb="3">
            <ErrorList
              title={problem.message}
              errors={errors.filter((e) => !(e.path in form) || (!isNew && e.path === 'name'))}
            />
          </Box>
        )}
        <Button size="sm" type="submit" w="100%" loading={submit.isPending}>
          {isNew ? 'Create the account' : 'Sign in'}
        </Button>
        <Button
          size="xs"
          variant="plain"
          mt="3"
          px="0"
          textDecoration="underline"
          onClick={() => {
            setNew(!isNew);
            submit.reset();
          }}
        >
          {isNew ? 'I have an account' : 'I am new here: make an account'}
        </Button>
      </Box>
    </Flex>
  );
}
