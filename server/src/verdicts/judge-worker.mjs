// A process of its own: it is plain JavaScript until it has brought what reads TypeScript.
import { register } from 'tsx/esm/api';

register();
const { verdictOf, whole } = await import('@corkscrew/core');
process.on('message', ({ play, makes }) => {
  try {
    process.send({ verdict: whole(verdictOf(play, makes)) });
  } catch (error) {
    process.send({ verdict: null, fault: error.message });
  }
});
process.on('disconnect', () => process.exit());
