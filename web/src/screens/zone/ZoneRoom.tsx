import { courtFor, sayDistance } from '@corkscrew/core';
import { RotateCcw } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { useLocation } from 'react-router';
import type { ZoneMoment } from '../../app/to-zone.ts';
import { useLate } from '../../app/late.ts';
import { usePhone } from '../../app/size.ts';
import { useUnits } from '../../app/units.ts';
import { useSpotWords } from '../../team/words.ts';
import { Button, Toggle } from '../../ui/controls.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { BallSpots } from './BallSpots.tsx';
import { Page } from './Page.ts';
import { leaveRoom, pass, putBall, putPlayer, stopChase, takeMoment, useChase } from './moves.ts';
import { besidePicture, movingPicture, restPicture, type Picture } from './picture.ts';
import { useRoom } from './room.ts';
import { RoomPanel } from './RoomPanel.tsx';
import { PaceLegend } from './SlideMarks.tsx';
import { SlideSheet } from './SlideSheet.tsx';
import { ZoneCourt, type Shown } from './ZoneCourt.tsx';

/** Two courts share the room of one, and a phone has little: what stands on them is drawn larger. */
const LARGER = 1.6;
const HOOKS = { moveBall: putBall, movePlayer: putPlayer, pressPlayer: pass };

/** What there is to say of one of two side by side. */
function Caption({ name, picture }: { name: string; picture: Picture }) {
  const { split, spots } = picture;
  const spot = useSpotWords();
  const soft = spots.find((s) => !s.tooLong);
  return (
    <figcaption>
      <b>{name}</b>
      <br />
      {split ? `x${split.defender + 1} has two: ${split.margin.toFixed(2)}\u00a0s` : 'Nobody is split'}
      <br />
      {soft ? `Softest: ${spot(soft.spot)}, ${Math.max(0, soft.late).toFixed(2)}\u00a0s` : 'Nothing is soft'}
    </figcaption>
  );
}

/** Made once: what does not change is not rendered again with every move of the pointer. */
const BAR = (
  <TopBar room="zone">
    <h1>Zone room</h1>
  </TopBar>
);
const LAYERS: Readonly<Record<keyof Shown, string>> = {
  map: 'Cover',
  spots: 'Soft spots',
  slides: 'Slides',
  split: 'Close-outs',
};

/** A place to think about a zone: drag the ball and the five, pass it round, and see what gives. */
export default function ZoneRoom() {
  const room = useRoom();
  const { chase, now, at } = useChase();
  const court = courtFor({ court: room.court });
  const units = useUnits(court);
  const phone = usePhone();
  const [show, setShow] = useState<Shown>({ map: true, spots: true, slides: true, split: true });
  const t = at ?? now;
  const picture = useMemo(
    () => (chase ? movingPicture(room, chase, t) : restPicture(room, room.zone)),
    [room, chase, t],
  );
  const beside = useMemo(() => {
    const { bx, by, holder } = picture.floor;
    return besidePicture({ ...room, ball: { x: bx, y: by }, holder });
  }, [room, picture]);
  useEffect(() => {
    document.title = 'Zone room · Corkscrew';
    return leaveRoom;
  }, []);
  const { state } = useLocation() as { state: { moment?: ZoneMoment } | null };
  const moment = state?.moment;
  useEffect(() => {
    if (!moment) return;
    takeMoment(moment);
    // Taken once: going back and forth does not undo what was done to it here.
    window.history.replaceState({ ...(window.history.state as object), usr: null }, '');
  }, [moment]);
  // The court keeps up with the pointer; words and figures beside it follow a few times a second.
  const told = useLate(picture, 120);
  const layers = useMemo(
    () =>
      (['map', 'spots', 'slides', 'split'] as const).map((k) => (
        <Toggle key={k} isSelected={show[k]} onChange={(on) => setShow({ ...show, [k]: on })}>
          {LAYERS[k]}
        </Toggle>
      )),
    [show],
  );
  const { split } = told;
  const last = chase?.chased.at(-1);
  return (
    <Page>
      {BAR}
      <div className="columns">
        <BallSpots />
        <main>
          <div className="strip">
            <p role="status">
              <b>{room.zone}</b>
              {split
                ? `x${split.defender + 1} has two of ours, ${split.players[0] + 1} and ${split.players[1] + 1}: the other is ${split.margin.toFixed(2)} s free.`
                : chase && told.floor.holder < 0
                  ? 'The ball is in the air.'
                  : 'Nobody is split. Move the ball, or a man.'}
            </p>
            {layers}
          </div>
          <div className="courts">
            <figure data-pair={beside ? true : undefined}>
              <ZoneCourt
                picture={picture}
                court={court}
                show={show}
                hooks={HOOKS}
                letters={beside || phone ? LARGER : 1}
                label={`A ${room.zone}. Drag the ball or a man; press a man to pass to him.`}
              />
              {beside && <Caption name={beside.against} picture={picture} />}
            </figure>
            {beside && (
              <figure data-pair>
                <ZoneCourt
                  picture={beside.picture}
                  court={court}
                  show={show}
                  hooks={null}
                  label={`${beside.name} beside it`}
                  letters={LARGER}
                />
                <Caption name={beside.name} picture={beside.picture} />
              </figure>
            )}
          </div>
          <section className="foot" aria-label="Passes">
            <div className="head">
              <h2>Slide sheet</h2>
              {chase && (
                <Button onPress={stopChase}>
                  <RotateCcw size={14} /> Let the zone recover
                </Button>
              )}
              <p role="status">
                {last ? (
                  <>
                    <b>
                      {last.from + 1} to {last.to + 1} ·{' '}
                      {last.late > 0 ? `${last.late.toFixed(2)}\u00a0s late` : 'contested'}
                    </b>{' '}
                    x{last.defender + 1} ran {sayDistance(Math.round(last.closeOut), units)}
                    {last.more > 0.5 && `, ${sayDistance(Math.round(last.more), units)} more than at rest`}
                  </>
                ) : (
                  'Press a man to pass to him: the zone chases the ball, and each close-out is measured.'
                )}
              </p>
              <PaceLegend />
            </div>
            <SlideSheet chase={chase} t={t} end={now} />
          </section>
        </main>
        <RoomPanel picture={told} />
      </div>
    </Page>
  );
}
