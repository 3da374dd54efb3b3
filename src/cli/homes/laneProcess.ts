import { workOn, type Lane } from './lane.ts';

// A lane in a process of its own: it is sent its homes, answers, and ends when whoever started it lets go of it or is gone.
process.once('disconnect', () => process.exit());
process.once('message', (lane: Lane) => {
  void workOn(lane).then((done) => process.send?.(done));
});
