import {
  addDays,
  changeBlock,
  dayNumber,
  farOf,
  givesWords,
  letGo,
  lettingWords,
  lineWords,
  mended,
  mondayOf,
  reasonOf,
  reasonWords,
  movesOf,
  wantsOf,
  type Block,
  type InstallPlan,
  type Kept,
  type Letting,
  type PlayUnit,
  type Practice,
} from '@corkscrew/core';
import { CalendarDays, ChevronLeft, ChevronRight, Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { usePhone } from '../../app/size.ts';
import { dayLong, dayShort, today as todayIs } from '../../app/today.ts';
import { listPlays } from '../../keeping/lists.ts';
import type { PlanHow } from '../../questions/kinds.ts';
import { usePlainTeller } from '../../team/teller.ts';
import { AllElsewhere } from '../../ui/Elsewhere.tsx';
import { Button, MainButton, Sign } from '../../ui/controls.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { Undo } from '../../ui/Undo.tsx';
import { BlockPanel } from './BlockPanel.tsx';
import { byHand } from './by-hand.ts';
import { contactWords, meetsWords } from './contact.ts';
import { Learn } from './Learn.tsx';
import { GamePanel } from './GamePanel.tsx';
import { Page, SideColumn } from './look.ts';
import { Menus, type Fresh, type OpenMenu } from './Menus.tsx';
import { usePlanning } from './planning.ts';
import { PlanBox } from './PlanBox.tsx';
import { PracticePanel } from './PracticePanel.tsx';
import { Readiness } from './Readiness.tsx';
import { newSeason, SeasonForm } from './SeasonForm.tsx';
import { Taught } from './Taught.tsx';
import { gameName, readiness, useInstall, type Install as State } from './use-install.ts';
import { threadOf, Week, type Chosen } from './Weeks.tsx';
import { useQuery } from '@tanstack/react-query';

/** What we teach in which practice, and whether we are ready by the game. */
export default function Install() {
  const install = useInstall();
  const { team, day, set } = install;
  const [params, setParams] = useSearchParams();
  const [chosen, setChosen] = useState<Chosen>(null);
  const [season, setSeason] = useState(false);
  const [menu, setMenu] = useState<OpenMenu>(null);
  const phone = usePhone();
  const t = usePlainTeller();
  const planning = usePlanning(team, day, t);
  const proposed = planning.proposed?.practices ?? null;
  const monday = params.get('week') ?? mondayOf(day);
  useEffect(() => {
    document.title = 'Install · Corkscrew';
  }, []);
  const { data: rows } = useQuery({ queryKey: ['plays', false], queryFn: () => listPlays(false) });
  const practices = proposed
    ? team.practices.map((p) => proposed.find((q) => q.id === p.id) ?? p)
    : team.practices;
  const known = new Set(team.practices.flatMap((p) => p.body.blocks.map((b) => b.id)));
  const fresh = new Set(
    proposed?.flatMap((p) => p.body.blocks.flatMap((b) => (known.has(b.id) ? [] : [b.id]))),
  );
  const coming = team.games.filter((g) => g.body.date >= day && !g.body.scrimmage);
  const game = coming.find((g) => g.id === params.get('game')) ?? coming[0];
  const at = (id: string): Kept<Practice> | undefined => practices.find((p) => p.id === id);
  const block =
    chosen?.is === 'block' ? at(chosen.practice)?.body.blocks.find((b) => b.id === chosen.block) : undefined;
  const practice =
    chosen?.is === 'block' || chosen?.is === 'practice'
      ? at(chosen.is === 'block' ? chosen.practice : chosen.id)
      : undefined;
  const thread = chosen?.is === 'play' ? chosen : block ? threadOf(block, install) : null;
  const dayName = (id: string): string => dayLong(at(id)?.body.date ?? day);
  const go = (to: string): void =>
    setParams((now) => ({ ...Object.fromEntries(now), week: to }), { replace: true });
  /** A change by hand ends what was only proposed. */
  const change = (changed: readonly Kept<Practice | null>[], words?: string): void => {
    planning.drop();
    set(changed, words);
  };
  const { move, step, remove, add } = byHand({ team, day, dayName, change, choose: setChosen });
  const plan = (how: PlanHow): void => {
    setChosen(null);
    setSeason(false);
    planning.plan(how);
  };
  /** One thing is let go, and it is planned again with that. */
  const course = planning.proposed?.course;
  const give = (letting: Letting, found: InstallPlan): void => {
    if (!course) return;
    const { practices: changed, season: rules } = letGo(
      letting,
      team.practices,
      team.season,
      course.problem.newEach,
    );
    if (rules && install.season) install.seasons.change(install.season.id, rules);
    if (changed.length > 0) set(changed, `${lettingWords(letting, course.problem.newEach, dayName)}: done.`);
    const practices = team.practices.map((p) => changed.find((c) => c.id === p.id) ?? p);
    planning.plan(
      course.keeps ? 'fill' : 'anew',
      { ...team, season: rules ?? team.season, practices },
      found,
    );
  };
  const begin = (what: Fresh): void => {
    const id = nanoid(12);
    if (what === 'calendar') return location.assign('/api/calendar');
    if (what === 'season') {
      setChosen(null);
      return setSeason(true);
    }
    setSeason(false);
    if (what === 'practice') {
      const blocks: Block[] = [
        { id: nanoid(8), item: { is: 'other', name: 'Warm-up' }, stage: 'guided', minutes: 12 },
      ];
      change(
        [{ id, body: { date: todayIs(), start: '18:00', minutes: 90, absent: [], blocks } }],
        'A practice stands today.',
      );
    } else install.games.change(id, { date: addDays(todayIs(), 7), start: '19:00', home: true });
    setChosen({ is: what, id });
  };
  const standOf = (state: Pick<State, 'team' | 'day'>): string[] =>
    coming.map((g) => {
      const all = readiness(state, g.body);
      const good = all.filter((r) => r.is !== 'notOnCourse').length;
      return `${gameName(g.body, install.opponents.rows ?? [])}: ${good} of ${all.length} ready or on plan`;
    });
  const ready = game ? readiness({ team: { ...team, practices }, day }, game.body) : [];
  const wanted = new Set(coming.flatMap((g) => wantsOf(g.body, team.sheets).map((w) => w.play)));
  const others = (rows ?? [])
    .filter((r) => r.summary.status !== 'retired' && !wanted.has(r.id))
    .map((r) => r.id);
  const why = (b: Block, p: Practice): string | null => {
    const of = (id: string): string =>
      gameName(team.games.find((g) => g.id === id)!.body, install.opponents.rows ?? []);
    const reason = reasonOf(b, p, { ...team, practices }, of);
    return reason && reasonWords(reason);
  };
  const lineOf = ({ play: id, leaf }: PlayUnit): string => {
    const play = team.plays.get(id);
    return play && leaf !== null ? lineWords(play, leaf, t) : '';
  };
  const unitName = (unit: PlayUnit): string =>
    [team.plays.get(unit.play)?.name ?? 'A play', lineOf(unit)].filter(Boolean).join(', ');
  const farOfBlock = (b: Block) => {
    const play = b.item.is === 'play' ? team.plays.get(b.item.play) : undefined;
    return play ? farOf(play, team, day) : [];
  };
  // On a narrow screen the weeks make room for what is in hand: that stays in sight.
  const inHand =
    chosen?.is === 'block' ? `[data-block="${chosen.block}"]` : `[data-practice="${practice?.id ?? ''}"]`;
  useEffect(() => {
    document.querySelector(inHand)?.scrollIntoView({ block: 'nearest' });
  }, [inHand]);
  // On a phone the days stand under each other: it begins with today.
  useEffect(() => {
    if (phone && !install.loading) document.querySelector('.day[data-today]')?.scrollIntoView();
  }, [phone, install.loading]);
  const made = season || (install.season === null && !install.loading);
  const weeks = (
    <>
      <Sign aria-label="Two weeks back" onPress={() => go(addDays(monday, -14))}>
        <ChevronLeft size={17} />
      </Sign>
      <Button onPress={() => go(mondayOf(day))}>
        <CalendarDays size={15} /> Today
      </Button>
      <Sign aria-label="Two weeks on" onPress={() => go(addDays(monday, 14))}>
        <ChevronRight size={17} />
      </Sign>
    </>
  );
  return (
    <Page>
      <TopBar
        room="install"
        end={
          <>
            <Button
              isDisabled={planning.busy || team.practices.length === 0}
              onPress={(e) => setMenu({ at: e.target, is: 'plan' })}
            >
              {planning.busy ? 'Planning' : 'Plan'}
            </Button>
            <MainButton aria-label="New" onPress={(e) => setMenu({ at: e.target, is: 'new' })}>
              <Plus size={15} /> {phone ? '' : 'New'}
            </MainButton>
          </>
        }
      >
        <h1 className="said">Install</h1>
        {!phone && weeks}
        {game && (
          <p className="wide next">
            {gameName(game.body, install.opponents.rows ?? [])},{' '}
            {inDays(dayNumber(game.body.date) - dayNumber(day))}
          </p>
        )}
      </TopBar>
      <div
        className="both"
        data-open={proposed || made || block || practice || chosen?.is === 'game' ? '' : undefined}
      >
        <main className="weeks">
          {phone && <div className="turn">{weeks}</div>}
          <AllElsewhere records={install.practices} name={(p) => `The practice of ${dayLong(p.date)}`} />
          <AllElsewhere records={install.games} name={(g) => `The game of ${dayLong(g.date)}`} />
          <AllElsewhere records={install.seasons} name={(s) => s.name} />
          {!install.loading && team.practices.length === 0 && (
            <p className="none">No practices yet. Add your practice days once, on the right.</p>
          )}
          {[monday, addDays(monday, 7)].map((m) => (
            <Week
              key={m}
              install={install}
              monday={m}
              practices={practices}
              fresh={fresh}
              chosen={chosen}
              thread={thread}
              onChoose={(c) => {
                setChosen(c);
                setSeason(false);
              }}
              onMove={move}
              onStep={step}
              onRemove={remove}
            />
          ))}
        </main>
        <SideColumn className="side">
          {proposed ? (
            <PlanBox
              moves={movesOf(team.practices, proposed)}
              before={standOf({ team, day })}
              after={standOf({ team: { ...team, practices }, day })}
              dayName={dayName}
              onTake={() => change(proposed, 'The plan is taken.')}
              look={planning.look}
              gives={planning.gives.map(({ letting, gives }) => ({
                words: lettingWords(letting, course!.problem.newEach, dayName),
                gains: givesWords(
                  gives,
                  (o) => unitName(course!.units[o]!),
                  (g) =>
                    gameName(
                      team.games.find((x) => x.id === course!.games[g])!.body,
                      install.opponents.rows ?? [],
                    ),
                ),
                onTake: () => give(letting, gives.plan),
              }))}
              onBetter={planning.proposed?.how === 'near' ? null : () => void planning.better()}
              onStop={planning.stop}
              onLeave={planning.drop}
              onMend={planning.proposed?.how === 'fill' ? () => plan('near') : null}
            />
          ) : made ? (
            <SeasonForm
              season={install.season?.body ?? newSeason(day)}
              today={day}
              practices={team.practices}
              onChange={(body) => install.seasons.change(install.season?.id ?? nanoid(12), body)}
              onMake={(all) => change(all, `${all.length} practices were put in.`)}
              onClose={() => setSeason(false)}
            />
          ) : block && practice ? (
            <BlockPanel
              key={block.id}
              block={block}
              practice={practice}
              practices={team.practices}
              play={block.item.is === 'play' ? team.plays.get(block.item.play) : undefined}
              today={day}
              far={farOfBlock(block)}
              taught={
                <Taught
                  install={install}
                  play={block.item.is === 'play' ? team.plays.get(block.item.play) : undefined}
                />
              }
              why={
                block.item.is === 'play' && !team.plays.has(block.item.play)
                  ? 'This play is no longer in the playbook.'
                  : why(block, practice.body)
              }
              onChange={(c) => change([{ id: practice.id, body: changeBlock(practice.body, block.id, c) }])}
              onMoveTo={(to) => move(block.id, to, at(to)?.body.blocks.length ?? 0)}
              onRemove={() => remove(block.id)}
              onClose={() => setChosen(null)}
            />
          ) : practice ? (
            <PracticePanel
              key={practice.id}
              practice={practice}
              men={team.men}
              plays={(rows ?? [])
                .filter((r) => r.summary.status !== 'retired')
                .map((r) => [r.id, r.summary.name] as const)}
              contact={contactWords(team, practice.body)}
              meets={meetsWords(team, { id: practice.id, ...practice.body })}
              onChange={(body) => change([{ id: practice.id, body }])}
              onAdd={(what) => add(practice, what)}
              onRemove={() => {
                setChosen(null);
                change(
                  [{ id: practice.id, body: null }],
                  `The practice of ${dayLong(practice.body.date)} is out.`,
                );
              }}
              onClose={() => setChosen(null)}
            />
          ) : chosen?.is === 'game' && team.games.some((g) => g.id === chosen.id) ? (
            <GamePanel
              key={chosen.id}
              game={team.games.find((g) => g.id === chosen.id)!}
              opponents={install.opponents.rows ?? []}
              sheets={team.sheets}
              meets={meetsWords(team, { id: chosen.id, ...team.games.find((g) => g.id === chosen.id)!.body })}
              onChange={(body) => install.games.change(chosen.id, body)}
              onRemove={() => {
                install.games.change(chosen.id, null);
                setChosen(null);
              }}
              onClose={() => setChosen(null)}
            />
          ) : game ? (
            <>
              <Readiness
                install={install}
                game={game}
                name={gameName(game.body, install.opponents.rows ?? [])}
                ready={ready}
                thread={thread}
                lineOf={lineOf}
                onChoose={setChosen}
                onMend={(m) => {
                  const p = at(m.practice);
                  if (p)
                    change(
                      [{ id: p.id, body: mended(p.body, m, nanoid(8), lineOf(m.unit)) }],
                      `${unitName(m.unit)} has ${m.minutes} min on ${dayShort(p.body.date)} now.`,
                    );
                }}
              />
              <Learn install={install} game={game.body} others={others} />
            </>
          ) : (
            !install.loading && (
              <p className="none">No game to come. Add one to see what has to be ready for it.</p>
            )
          )}
        </SideColumn>
      </div>
      <Menus menu={menu} onPlan={plan} onNew={begin} onClose={() => setMenu(null)} />
      {install.undo && <Undo words={install.undo.words} onUndo={install.takeBack} onGone={install.forget} />}
    </Page>
  );
}

const inDays = (n: number): string => (n === 0 ? 'today' : n === 1 ? 'tomorrow' : `in ${n} days`);
