import { NavLink } from 'react-router';
import { Segments } from './Segments.tsx';

const ALL = [
  ['/plays', 'Cards'],
  ['/series', 'Series'],
  ['/sheets', 'Call sheet'],
  ['/print', 'Print'],
] as const;

/** The playbook seen three ways. */
export function BookViews() {
  return (
    <Segments role="navigation" aria-label="Playbook as">
      {ALL.map(([to, words]) => (
        <NavLink key={to} to={to} end={to === '/plays'}>
          {words}
        </NavLink>
      ))}
    </Segments>
  );
}
