import { lazy, useState, type ComponentType } from 'react';
import { whatIsThere } from './there';

/**
 * A part of the program that is loaded when it is drawn; drawn at once where it was loaded ahead. A part that has to be
 * waited for comes a third of a second late, since React shows what waits for at least so long.
 *
 * @param name the component's, among what the file exports
 */
export function part<P extends object, N extends string>(
  load: () => Promise<Readonly<Record<N, ComponentType<P>>>>,
  name: N,
): ComponentType<P> {
  const Later = lazy(async () => {
    const component: ComponentType<P> = (await load())[name];
    return { default: component };
  }) as unknown as ComponentType<P>;
  return function Part(props: P) {
    const [Now] = useState(() => (whatIsThere(name) as ComponentType<P> | undefined) ?? Later);
    return <Now {...props} />;
  };
}
