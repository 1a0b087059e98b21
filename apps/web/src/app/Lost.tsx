import { Component, type ReactNode } from 'react';
import { useLocation } from 'react-router';
import { RouterLink } from '../shared/RouterLink';
import { Box, Heading, Link, Text } from '../theme/chakra';

/** What is shown where there is no page. */
export function Lost() {
  return <Instead title="There is nothing here">The address names no page of Graft.</Instead>;
}

function Instead({ title, children }: { title: string; children: string }) {
  return (
    <Box maxW="34rem" mx="auto" p="10">
      <Heading fontFamily="heading" mb="2">
        {title}
      </Heading>
      <Text mb="4">{children}</Text>
      <Link asChild textDecoration="underline">
        <RouterLink to="/trips">All trips</RouterLink>
      </Link>
    </Box>
  );
}

/** Shows what broke in place of the page; another page is tried anew. */
export function WhereItBroke({ children }: { children: ReactNode }) {
  const { pathname } = useLocation();
  return <Boundary at={pathname}>{children}</Boundary>;
}

interface BoundaryProps {
  readonly at: string;
  readonly children: ReactNode;
}
interface Broken {
  readonly error: unknown;
}

interface BoundaryState {
  readonly at: string;
  readonly broken: Broken | undefined;
}

class Boundary extends Component<BoundaryProps, BoundaryState> {
  override readonly state: BoundaryState = { at: this.props.at, broken: undefined };
  static getDerivedStateFromError(error: unknown): Pick<BoundaryState, 'broken'> {
    return { broken: { error } };
  }
  static getDerivedStateFromProps({ at }: BoundaryProps, state: BoundaryState): BoundaryState | null {
    return at === state.at ? null : { at, broken: undefined };
  }
  override render(): ReactNode {
    const { broken } = this.state;
    if (broken === undefined) return this.props.children;
    const why = broken.error instanceof Error ? broken.error.message : 'Something unexpected happened.';
    return (
      <Instead title="This page broke">
        {`${why} What was saved is safe; loading the page again usually helps.`}
      </Instead>
    );
  }
}
