import { NavLink } from 'react-router';
import styled from 'styled-components';

const Views = styled.div`
  display: flex;
  border: 1px solid var(--rule-2);
  border-radius: 2px;
  overflow: hidden;
  flex: none;
  a {
    display: grid;
    place-items: center;
    min-height: 30px;
    padding: 0 11px;
    background: var(--raised);
    color: var(--ink);
    text-decoration: none;
    font: 640 13.5px/1 'Archivo Variable';
    font-stretch: 77%;
    white-space: nowrap;
    border-right: 1px solid var(--rule);
  }
  a:last-child {
    border: 0;
  }
  a[aria-current] {
    background: var(--ink);
    color: var(--on-ink);
  }
  @media (pointer: coarse) {
    a {
      min-height: 44px;
    }
  }
`;

const ALL = [
  ['/plays', 'Cards'],
  ['/series', 'Series'],
  ['/sheets', 'Call sheet'],
] as const;

/** The playbook seen three ways. */
export function BookViews() {
  return (
    <Views role="navigation" aria-label="Playbook as">
      {ALL.map(([to, words]) => (
        <NavLink key={to} to={to} end={to === '/plays'}>
          {words}
        </NavLink>
      ))}
    </Views>
  );
}
