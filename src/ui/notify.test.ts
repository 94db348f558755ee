import { notify, onFirstNote, takeNotes, type Note } from './notify';

describe('notes', () => {
  it('wait for the part that draws them, wake it once each, and then go straight through', () => {
    let woken = 0;
    const sleep = onFirstNote(() => (woken += 1));
    const undo = () => undefined;
    notify('first', undo);
    notify('second');
    expect(woken).toBe(2);

    const shown: Note[] = [];
    const draw = (note: Note) => {
      shown.push(note);
      return () => undefined;
    };
    const stop = takeNotes(draw);
    notify('third');
    expect(shown.map(({ says }) => says)).toEqual(['first', 'second', 'third']);
    expect(shown[0]?.undo).toBe(undo);
    expect(woken).toBe(2);

    stop();
    sleep();
    notify('kept');
    takeNotes(draw)();
    expect(shown.at(-1)?.says).toBe('kept');
  });

  it('are taken away again, drawn or still waiting', () => {
    let shown: string[] = [];
    const draw = ({ says }: Note) => {
      shown.push(says);
      return () => {
        shown = shown.filter((each) => each !== says);
      };
    };
    const [gone, later] = [notify('gone before it was drawn'), notify('drawn later')];
    gone();
    const stop = takeNotes(draw);
    expect(shown).toEqual(['drawn later']);
    later();
    const now = notify('drawn at once');
    expect(shown).toEqual(['drawn at once']);
    now();
    expect(shown).toEqual([]);
    stop();
  });
});
