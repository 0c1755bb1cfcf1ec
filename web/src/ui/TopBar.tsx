import { Moon, Search, Settings, Sun } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { openFind } from '../app/finding.ts';
import { chooseTheme, useTheme } from '../app/theme.ts';
import { Sign } from './controls.tsx';

const Bar = styled.header`
  min-width: 0;
  height: 60px;
  display: flex;
  align-items: center;
  gap: 20px;
  padding: 0 12px 6px 14px;
  background:
    linear-gradient(var(--ink), var(--ink)) 0 54px / 100% 1px no-repeat,
    linear-gradient(var(--ink), var(--ink)) 0 57px / 100% 3px no-repeat;
  nav {
    display: flex;
    gap: 18px;
    align-items: center;
    flex: none;
  }
  nav[data-room='desk'] {
    gap: 13px;
  }
  nav a {
    font: 640 14px/1 'Archivo Variable';
    font-stretch: 77%;
    color: var(--ink-2);
    text-decoration: none;
    padding: 8px 0;
    border-bottom: 2px solid transparent;
  }
  nav a[aria-current] {
    color: var(--ink);
    border-color: var(--ink);
  }
  > select {
    max-width: 240px;
    min-width: 0;
  }
  .end {
    margin-left: auto;
    display: flex;
    gap: 8px;
    align-items: center;
    flex: none;
  }
  .settings {
    display: grid;
    place-items: center;
    min-width: 30px;
    min-height: 30px;
    color: var(--ink);
  }
  @media (pointer: coarse) {
    .settings {
      min-width: 44px;
      min-height: 44px;
    }
  }
  @media (max-width: 1439px) {
    /* The play's name goes before the ways to the team. */
    nav[data-room='desk'] a.roster {
      display: none;
    }
  }
  @media (max-width: 1100px) {
    nav {
      gap: 12px;
    }
  }
  @media (max-width: 1023px) {
    /* However long the longest of its names is. */
    > select {
      flex: 1 1 60px;
      min-width: 76px;
      max-width: 180px;
    }
    gap: 14px;
  }
  @media (max-width: 900px) {
    nav a.language:not([aria-current]) {
      display: none;
    }
  }
  @media (max-width: 760px) {
    gap: 10px;
    nav {
      gap: 12px;
    }
    nav[data-room='desk'] a:nth-of-type(2),
    nav a.roster:not([aria-current]),
    nav a.language:not([aria-current]),
    .search {
      display: none;
    }
  }
  @media (max-width: 600px) {
    > select {
      min-width: 60px;
    }
    /* Beside a play's name there is room for the way back only. */
    nav[data-room='desk'] a:nth-of-type(4) {
      display: none;
    }
  }
`;

function Mark() {
  return (
    <svg width="18" height="30" viewBox="0 0 18 30" aria-hidden="true">
      <path
        d="M4 4c8-3 13 2 6 5s-11 4-4 7 8 4 3 7"
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2.8"
        strokeLinecap="round"
      />
      <circle cx="9" cy="26.4" r="2.9" fill="var(--live)" />
    </svg>
  );
}

/** Rooms on the left, then what the screen is about, then what can be done. */
export function TopBar({
  room,
  children,
  end,
}: {
  room: 'plays' | 'desk' | 'zone' | 'roster' | 'install' | 'words' | 'settings' | null;
  children?: ReactNode;
  end?: ReactNode;
}) {
  const theme = useTheme();
  const other = theme === 'dark' ? 'Light theme' : 'Dark theme';
  return (
    <Bar>
      <nav aria-label="Rooms" data-room={room ?? undefined}>
        <Link to="/plays" aria-label="Corkscrew" style={{ border: 0, padding: 0, lineHeight: 0 }}>
          <Mark />
        </Link>
        {room === 'desk' && (
          <Link to="." aria-current="page">
            Desk
          </Link>
        )}
        <Link to="/plays" {...(room === 'plays' ? { 'aria-current': 'page' as const } : {})}>
          Playbook
        </Link>
        <Link to="/zone" {...(room === 'zone' ? { 'aria-current': 'page' as const } : {})}>
          Zone
        </Link>
        <Link
          to="/roster"
          className="roster"
          {...(room === 'roster' ? { 'aria-current': 'page' as const } : {})}
        >
          Roster
        </Link>
        <Link
          to="/install"
          className="roster"
          {...(room === 'install' ? { 'aria-current': 'page' as const } : {})}
        >
          Install
        </Link>
        <Link
          to="/words"
          className="language"
          {...(room === 'words' ? { 'aria-current': 'page' as const } : {})}
        >
          Language
        </Link>
      </nav>
      {children}
      <div className="end">
        {end}
        <span className="wide search" title="Find, Ctrl K">
          <Sign aria-label="Find" onPress={() => openFind(true)}>
            <Search size={17} />
          </Sign>
        </span>
        <Link
          to="/settings"
          className="settings wide"
          aria-label="Settings"
          title="Settings"
          {...(room === 'settings' ? { 'aria-current': 'page' as const } : {})}
        >
          <Settings size={17} />
        </Link>
        <span title={other}>
          <Sign aria-label={other} onPress={() => chooseTheme(theme === 'dark' ? 'light' : 'dark')}>
            {theme === 'dark' ? <Sun size={17} /> : <Moon size={17} />}
          </Sign>
        </span>
      </div>
    </Bar>
  );
}
