/** A pass to a wing is one beyond this |x| and this y, feet. */
const WING = { x: 12, y: 10 } as const;

/** The man who bumps out to the wing stays so long after the catch (s). */
export const BUMP = 1;

/** Whether the ball there is a wing's, to which a low man bumps out first in some schools. */
export const onWing = (x: number, y: number): boolean => Math.abs(x) > WING.x && y > WING.y;
