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
    const stop = takeNotes((note) => shown.push(note));
    notify('third');
    expect(shown.map(({ says }) => says)).toEqual(['first', 'second', 'third']);
    expect(shown[0]?.undo).toBe(undo);
    expect(woken).toBe(2);

    stop();
    sleep();
    notify('kept');
    takeNotes((note) => shown.push(note))();
    expect(shown.at(-1)?.says).toBe('kept');
  });
});
