import { QueryClientProvider } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useState } from 'react';
import { createBrowserRouter, Navigate, RouterProvider, useRouteError } from 'react-router';
import { startDelivering } from '../keeping/deliver.ts';
import { listPlays } from '../keeping/lists.ts';
import { Message } from '../ui/Message.tsx';
import { NewerNotice } from './NewerNotice.tsx';
import { ApiProblem } from './api.ts';
import { client } from './client.ts';
import { openFind, useFinding } from './finding.ts';
import { commandFor, isLetter } from './keymap.ts';
import { usePreferences } from './preferences.ts';

// The list is asked for while the playbook's code is still on its way.
if (/^\/(plays)?$/.test(location.pathname)) {
  void client.prefetchQuery({ queryKey: ['plays', false], queryFn: () => listPlays(false) });
}

const Playbook = lazy(() => import('../screens/playbook/Playbook.tsx'));
const desk = () => import('../screens/desk/Desk.tsx');
const Desk = lazy(desk);
const ZoneRoom = lazy(() => import('../screens/zone/ZoneRoom.tsx'));
const Series = lazy(() => import('../screens/series/Series.tsx'));
const Compare = lazy(() => import('../screens/compare/Compare.tsx'));
const Words = lazy(() => import('../screens/words/Words.tsx'));
const Sheets = lazy(() => import('../screens/sheets/Sheets.tsx'));
const Bench = lazy(() => import('../screens/sheets/Bench.tsx'));
const Print = lazy(() => import('../screens/print/Print.tsx'));
const Roster = lazy(() => import('../screens/roster/Roster.tsx'));
const Install = lazy(() => import('../screens/install/Install.tsx'));
const Side = lazy(() => import('../screens/install/side/Side.tsx'));
const Drill = lazy(() => import('../screens/install/drill/Drill.tsx'));
const Files = lazy(() => import('../screens/files/Files.tsx'));
const Turns = lazy(() => import('../screens/turns/Turns.tsx'));
const Settings = lazy(() => import('../screens/settings/Settings.tsx'));
const find = () => import('../screens/find/Find.tsx');
const Find = lazy(find);
/** Its code is here before anybody asks: who types at once loses no letter. */
const FIND_AFTER = 2500;
const Keys = lazy(async () => ({ default: (await import('../ui/Keys.tsx')).Keys }));

/** The overlay of keys, fetched when somebody first asks for it. */
function AskedKeys() {
  const [asked, setAsked] = useState(false);
  useEffect(() => {
    if (asked) return undefined;
    const onKey = (e: KeyboardEvent) => {
      const field = e.target instanceof Element && e.target.closest('input, textarea, select');
      if (!field && commandFor(e, ['app']) === 'help') setAsked(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [asked]);
  return (
    asked && (
      <Suspense>
        <Keys />
      </Suspense>
    )
  );
}
/** The command search, from anywhere; its code comes with the first time it is asked for. */
function AskedFind() {
  const open = useFinding((s) => s.open);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const field = e.target instanceof Element && e.target.closest('input, textarea, select');
      if (commandFor(e, ['app']) !== 'find' || (isLetter(e) && (field || !usePreferences.getState().letters)))
        return;
      e.preventDefault();
      openFind(true);
    };
    window.addEventListener('keydown', onKey);
    const timer = setTimeout(() => void find().catch(() => undefined), FIND_AFTER);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('keydown', onKey);
    };
  }, []);
  return (
    open && (
      <Suspense>
        <Find />
      </Suspense>
    )
  );
}
const NewPlay = lazy(() => {
  // The desk is what comes next: its code is on its way while the coach says what is new.
  void desk().catch(() => undefined);
  return import('../screens/newplay/NewPlay.tsx');
});

function Broken() {
  const error = useRouteError();
  return (
    <Message title="This page could not be shown">
      {error instanceof ApiProblem
        ? error.message
        : 'Nothing was lost: what you drew is kept on this device.'}
    </Message>
  );
}

const page = (element: React.ReactNode) => ({
  element: (
    <>
      <Suspense fallback={<p className="visually-hidden">Opening</p>}>{element}</Suspense>
      <AskedFind />
    </>
  ),
  errorElement: <Broken />,
});

const router = createBrowserRouter([
  { path: '/', element: <Navigate to="/plays" replace /> },
  { path: '/plays', ...page(<Playbook />) },
  { path: '/sheets', ...page(<Sheets />) },
  { path: '/sheets/:id', ...page(<Sheets />) },
  { path: '/sheets/:id/bench', ...page(<Bench />) },
  { path: '/compare', ...page(<Compare />) },
  { path: '/words', ...page(<Words />) },
  { path: '/series', ...page(<Series />) },
  { path: '/zone', ...page(<ZoneRoom />) },
  { path: '/print', ...page(<Print />) },
  { path: '/roster', ...page(<Roster />) },
  { path: '/install', ...page(<Install />) },
  { path: '/install/practice/:id', ...page(<Side />) },
  { path: '/install/drill/:practice/:block', ...page(<Drill />) },
  { path: '/files', ...page(<Files />) },
  { path: '/settings', ...page(<Settings />) },
  { path: '/plays/new', ...page(<NewPlay />) },
  { path: '/plays/:id/turns', ...page(<Turns />) },
  { path: '/plays/:id', ...page(<Desk />) },
  {
    path: '*',
    ...page(<Message title="There is nothing at this address">The playbook has all plays.</Message>),
  },
]);

export function App() {
  useEffect(() => startDelivering(client), []);
  return (
    <QueryClientProvider client={client}>
      <NewerNotice />
      <RouterProvider router={router} />
      <AskedKeys />
    </QueryClientProvider>
  );
}
