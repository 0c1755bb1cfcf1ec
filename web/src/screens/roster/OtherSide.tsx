import type { Play } from '@corkscrew/core';
import { useMutation } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { keepOtherSide } from '../../keeping/other-side.ts';
import { usePlays } from '../../keeping/plays.ts';

/** The play for the other side: where there is one the way to it, else it is drawn in one press. */
export function OtherSide({ play }: { play: Play }) {
  const go = useNavigate();
  const { shown } = usePlays(false);
  const other = shown?.rows.find(
    ({ summary: { variantOf: of } }) => of?.kind === 'side' && of.play === play.id,
  );
  const draw = useMutation({ mutationFn: () => keepOtherSide(play), onSuccess: (id) => go(`/plays/${id}`) });
  if (other) return <Link to={`/plays/${other.id}`}>{other.summary.name}</Link>;
  return (
    <>
      <button type="button" className="other" disabled={draw.isPending} onClick={() => draw.mutate()}>
        draw it for the other side
      </button>
      {draw.error && <span className="gap">{draw.error.message}</span>}
    </>
  );
}
