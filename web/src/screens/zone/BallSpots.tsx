import { attackersOn, byPlayer, courtFor, defendersOn, type SpotKey, spotPoint } from '@corkscrew/core';
import { bodyItems, floorItems, sceneSize, shieldItems, type Scale, type Scene } from '@corkscrew/diagram';
import { useMemo } from 'react';
import styled from 'styled-components';
import { useLate } from '../../app/late.ts';
import { Picture as SmallPicture } from '../../floor/SceneSvg.tsx';
import { useSpotWords } from '../../team/words.ts';
import { putBall } from './moves.ts';
import { restPicture, type Picture } from './picture.ts';
import { useRoom, useSetting } from './room.ts';

const Box = styled.section`
  display: grid;
  align-content: start;
  overflow: auto;
  border-right: 1px solid var(--rule);
  h2 {
    display: flex;
    justify-content: space-between;
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
    padding: 14px 12px 8px;
  }
  h2 span {
    font: 600 12px/1.4 'Archivo Variable';
    color: var(--ink-3);
  }
  button {
    all: unset;
    box-sizing: border-box;
    display: grid;
    grid-template-columns: 104px minmax(0, 1fr);
    gap: 8px;
    padding: 6px 10px 6px 12px;
    border-left: 3px solid transparent;
    cursor: default;
  }
  button[aria-pressed='true'] {
    background: var(--sheet);
    border-color: var(--pen);
  }
  button:focus-visible {
    outline: 2px solid var(--pen);
    outline-offset: -2px;
  }
  b {
    font: 700 14.5px/1.15 'Archivo Variable';
    font-stretch: 76%;
    display: block;
    margin-bottom: 3px;
  }
  p {
    font-size: 12px;
    line-height: 1.3;
    color: var(--ink-2);
  }
  svg {
    max-width: 100%;
    height: auto;
  }
  @media (max-width: 1279px) {
    button {
      grid-template-columns: 84px minmax(0, 1fr);
    }
  }
  /* Beside each other above the court. */
  @media (max-width: 1023px) {
    grid-auto-flow: column;
    grid-auto-columns: minmax(112px, 1fr);
    border-right: 0;
    border-bottom: 1px solid var(--rule);
    padding: 6px;
    h2 {
      display: none;
    }
    button {
      grid-template-columns: minmax(0, 1fr);
      align-content: start;
      border-left: 0;
      border-bottom: 3px solid transparent;
      padding: 6px;
    }
  }
`;

const SPOTS_OF: readonly (readonly [SpotKey, string])[] = [
  ['top', 'Top'],
  ['wingL', 'Left wing'],
  ['cornerL', 'Left corner'],
  ['highPost', 'High post'],
  ['wingR', 'Right wing'],
  ['cornerR', 'Right corner'],
];
const SMALL: Scale = { ppf: 2.05, mark: 0.42, margin: 0.5, depth: 31 };

/** The ball at six places: where the zone slides to, and where it is softest then. */
export function BallSpots() {
  const setting = useSetting();
  const now = useRoom(({ ball, court }) =>
    SPOTS_OF.findIndex(([key]) => {
      const p = spotPoint(courtFor({ court }), key);
      return Math.hypot(ball.x - p.x, ball.y - p.y) < 2.6;
    }),
  );
  // While a man is dragged the small pictures may lag behind; the ball does not concern them.
  const places = useLate(
    useRoom((r) => r.places),
    250,
  );
  const spot = useSpotWords();
  const pictures = useMemo(() => {
    const court = courtFor({ court: setting.court });
    return SPOTS_OF.map(([key, words]) => {
      const ball = spotPoint(court, key);
      const holder = places.findIndex((p) => Math.hypot(p.x - ball.x, p.y - ball.y) < 4);
      const picture = restPicture({ ...setting, places, ball, holder }, setting.zone);
      return { key, words, ball, picture, scene: small(court, picture) };
    });
  }, [setting, places]);
  return (
    <Box aria-label="By ball spot">
      <h2>
        Ladder <span>by ball spot</span>
      </h2>
      {pictures.map(({ key, words, ball, picture, scene }, i) => {
        const soft = picture.spots.find((s) => !s.tooLong) ?? picture.spots[0];
        return (
          <button key={key} type="button" aria-pressed={now === i} onClick={() => putBall(ball)}>
            <SmallPicture scene={scene} width={104} />
            <span>
              <b>{words}</b>
              <p>
                {soft
                  ? `Softest: ${spot(soft.spot)}, ${Math.max(0, soft.late).toFixed(2)}\u00a0s`
                  : 'Nothing is soft'}
                {picture.split && ` · x${picture.split.defender + 1} has two`}
              </p>
            </span>
          </button>
        );
      })}
    </Box>
  );
}

function small(court: ReturnType<typeof courtFor>, { floor }: Picture): Scene {
  const ball = { x: floor.bx, y: floor.by };
  const toward = (p: { x: number; y: number }): number =>
    (Math.atan2(ball.y - p.y, ball.x - p.x) * 180) / Math.PI;
  const ours = attackersOn(floor);
  const men = byPlayer((_, j) => ({ at: ours[j] ?? { x: 0, y: -20 }, facing: 90 }));
  const shields = defendersOn(floor).map((at) => ({ at, facing: toward(at) }));
  const dot = { x: (ball.x + 25 + SMALL.margin) * SMALL.ppf, y: (ball.y + SMALL.margin) * SMALL.ppf };
  return {
    ...sceneSize(SMALL),
    items: [
      ...floorItems(court, SMALL, false),
      ...shieldItems(shields, SMALL, false),
      ...bodyItems(men, null, SMALL, false),
      {
        shape: 'path',
        part: 'ball',
        fill: 'live',
        d: `M${dot.x - 3} ${dot.y}a3 3 0 1 0 6 0a3 3 0 1 0 -6 0Z`,
      },
    ],
  };
}
