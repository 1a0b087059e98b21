import { Box, Button, Flex, Grid, Heading, Text } from '../theme/chakra';
import { useMutation } from '@tanstack/react-query';
import { lazy, Suspense, useState, type FormEvent } from 'react';
import { LEAST_PASSWORD_LENGTH } from '@graft/core/api';
import type { FieldError } from '@graft/core/schema';
import { useAccountSession } from '../shared/AccountProvider';
import { api, ApiProblem } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { AccountField } from '../account/AccountField';

const LivePicture = lazy(() => import('./LivePicture'));

/** What an unknown visitor sees: what Graft does, the demo without an account, and the way in. */
export function WelcomePage() {
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
    <Box as="main" maxW="84rem" mx="auto" px={{ base: '4', md: '6' }} py={{ base: '5', md: '7' }}>
      <Grid
        columnGap="6"
        rowGap="5"
        alignItems="start"
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 22rem' }}
        templateRows={{ lg: 'auto auto 1fr' }}
        templateAreas={{
          base: '"what" "beams" "pack" "door"',
          lg: '"what door" "beams door" "beams pack"',
        }}
      >
        <Box gridArea="what">
          <Heading as="h1" fontFamily="heading" fontSize="3xl" mb="1">
            Graft
          </Heading>
          <Text fontFamily="heading" fontSize="2xl" fontWeight="600" mb="2">
            list · share · stow
          </Text>
          <Text fontSize="md" mb="4" maxW="34rem">
            For whoever leads a group on foot: tents, cook kits, food and water shared so that each load fits
            its body, and every pack planned so that it rides right.
          </Text>
          {demoOffered && (
            <Flex align="center" columnGap="4" rowGap="2" wrap="wrap">
              <Button size="md" loading={demo.isPending} onClick={() => demo.mutate()}>
                Try it, no account
              </Button>
              <Text color="fg.muted" fontSize="xs" maxW="24rem">
                A made-up plover census of eight, a hut roof, a field class of 28. Nothing to fill in; whoever
                uses this machine shares it.
              </Text>
            </Flex>
          )}
        </Box>
        <Box
          as="form"
          gridArea="door"
          bg="bg.panel"
          borderWidth="1px"
          px="5"
          py="4"
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
          <Button
            size="sm"
            type="submit"
            w="100%"
            variant={demoOffered ? 'outline' : 'solid'}
            loading={submit.isPending}
          >
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
        <Suspense>
          <LivePicture />
        </Suspense>
      </Grid>
      <Text mt="6" fontSize="xs" color="fg.muted" maxW="60rem">
        Graft shows planning estimates, never medical advice. A qualified leader decides on the ground. Body
        weights and health notes are kept for the leaders of a trip only; you can export or delete all you
        entered at any time.
      </Text>
    </Box>
  );
}
