/** @jest-environment jest-fixed-jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';
import { RouterLink, useIsOpen } from './RouterLink';

function At() {
  const { pathname, search, state } = useLocation();
  return <output>{JSON.stringify([pathname, search, state])}</output>;
}
function Trip() {
  const isOpen = useIsOpen('kit');
  return (
    <>
      <RouterLink to="../shares?day=2" state={{ piece: 'p1' }}>
        Shares
      </RouterLink>
      <RouterLink to="kit" aria-current={isOpen ? 'page' : undefined} onClick={(e) => e.preventDefault()}>
        Kit
      </RouterLink>
      <At />
    </>
  );
}
const open = (at: string): void =>
  void render(
    <MemoryRouter initialEntries={[at]}>
      <Routes>
        <Route path="/trips/:id" element={<Trip />}>
          <Route path="*" element={null} />
        </Route>
      </Routes>
    </MemoryRouter>,
  );
const at = (): unknown => JSON.parse(screen.getByRole('status').textContent);

test('a link leads on within the program, with what it hands over', () => {
  open('/trips/t1');
  const link = screen.getByRole('link', { name: 'Shares' });
  expect(link.getAttribute('href')).toBe('/shares?day=2');
  // A click is followed here, not by loading a page.
  expect(fireEvent.click(link)).toBe(false);
});

test('whoever prevents a click keeps it; with a key it is the browser’s', () => {
  open('/trips/t1');
  fireEvent.click(screen.getByRole('link', { name: 'Kit' }));
  expect(at()).toEqual(['/trips/t1', '', null]);
  expect(fireEvent.click(screen.getByRole('link', { name: 'Shares' }), { ctrlKey: true })).toBe(true);
  expect(at()).toEqual(['/trips/t1', '', null]);
});

test('the page that is open, and one within it, are told', () => {
  open('/trips/t1/kit/print');
  expect(screen.getByRole('link', { name: 'Kit' }).getAttribute('aria-current')).toBe('page');
});
