import { courtFor, sayDistance } from '@corkscrew/core';
import { RotateCcw } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { useLate } from '../../app/late.ts';
import { usePhone } from '../../app/phone.ts';
import { useUnits } from '../../app/units.ts';
import { Button, Toggle } from '../../ui/controls.tsx';
import { TopBar } from '../../ui/TopBar.tsx';
import { BallSpots } from './BallSpots.tsx';
import { Page } from './Page.ts';
import {
  besidePicture,
  movingPicture,
  pass,
  putBall,
  putPlayer,
  restPicture,
  stopChase,
  useChase,
  useRoom,
  type Picture,
} from './room.ts';
import { RoomPanel } from './RoomPanel.tsx';
import { ZoneCourt } from './ZoneCourt.tsx';

/** Two courts share the room of one, and a phone has little: what stands on them is drawn larger. */
const LARGER = 1.6;
const HOOKS = { moveBall: putBall, movePlayer: putPlayer, pressPlayer: pass };

/** What there is to say of one of two side by side. */
function Caption({ name, picture }: { name: string; picture: Picture }) {
  const { split, spots } = picture;
  const soft = spots.find((s) => !s.tooLong);
  return (
    <figcaption>
      <b>{name}</b>
      <br />
      {split ? `x${split.defender + 1} has two: ${split.margin.toFixed(2)}\u00a0s` : 'Nobody is split'}
      <br />
      {soft ? `Softest: ${soft.words}, ${Math.max(0, soft.late).toFixed(2)}\u00a0s` : 'Nothing is soft'}
    </figcaption>
  );
}

/** Made once: what does not change is not rendered again with every move of the pointer. */
const BAR = (
  <TopBar room="zone">
    <h1>Zone room</h1>
  </TopBar>
);
const LAYERS = { map: 'Cover', spots: 'Soft spots', split: 'Close-outs' } as const;

/** A place to think about a zone: drag the ball and the five, pass it round, and see what gives. */
export default function ZoneRoom() {
  const room = useRoom();
  const { chase, chased, tick } = useChase();
  const court = courtFor({ court: room.court });
  const units = useUnits(court);
  const phone = usePhone();
  const [show, setShow] = useState({ map: true, spots: true, split: true });
  const picture = useMemo(
    () => (chase ? movingPicture(room, chase) : restPicture(room, room.zone)),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- a chase moves in place; its ticks say that it has
    [room, chase, tick],
  );
  const beside = useMemo(
    () => besidePicture(chase ? { ...room, ball: chase.ball, holder: chase.holder } : room),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- as above
    [room, chase, tick],
  );
  useEffect(() => {
    document.title = 'Zone room · Corkscrew';
    return stopChase;
  }, []);
  // The court keeps up with the pointer; words and figures beside it follow a few times a second.
  const told = useLate(picture, 120);
  const layers = useMemo(
    () =>
      (['map', 'spots', 'split'] as const).map((k) => (
        <Toggle key={k} isSelected={show[k]} onChange={(on) => setShow({ ...show, [k]: on })}>
          {LAYERS[k]}
        </Toggle>
      )),
    [show],
  );
  const { split } = told;
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
              <h2>Pass it round</h2>
              {chase && (
                <Button onPress={stopChase}>
                  <RotateCcw size={14} /> Let the zone recover
                </Button>
              )}
              <div className="legend" aria-hidden="true">
                {['covered', 'under 0.1 s', 'under 0.2 s', 'under 0.3 s', 'open'].map((w, i) => (
                  <span key={w}>
                    <i
                      style={{
                        background: `color-mix(in srgb, var(--shade) ${i === 4 ? 0 : 60 - i * 15}%, var(--sheet))`,
                      }}
                    />
                    {w}
                  </span>
                ))}
              </div>
            </div>
            {chased.length === 0 ? (
              <p>
                Press a man to pass to him: the zone chases the ball as fast as it can, and each close-out is
                measured.
              </p>
            ) : (
              <ol className="chain">
                {chased.map((c, i) => (
                  <li key={i}>
                    <b>
                      {c.from + 1} to {c.to + 1} · {c.late > 0 ? `${c.late.toFixed(2)} s late` : 'contested'}
                    </b>
                    x{c.defender + 1} ran {sayDistance(Math.round(c.closeOut), units)}
                    {c.more > 0.5 && `, ${sayDistance(Math.round(c.more), units)} more than at rest`}
                  </li>
                ))}
              </ol>
            )}
          </section>
        </main>
        <RoomPanel picture={told} />
      </div>
    </Page>
  );
}
