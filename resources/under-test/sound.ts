import type { Done } from './asked';
import { button, element, said, whole } from './page';

/** Where a sweep was heard: at the end with the earpiece, at the other, at both, nowhere. */
type Heard = 'top' | 'bottom' | 'both' | 'none';

const HEARD: readonly Heard[] = ['top', 'bottom', 'both', 'none'];

/** A sweep from low to high on one side of a stereo signal. */
function sweep(side: -1 | 1): void {
    const audio = new AudioContext();
    const tone = audio.createOscillator();
    tone.frequency.setValueAtTime(300, audio.currentTime);
    tone.frequency.exponentialRampToValueAtTime(6000, audio.currentTime + 2);
    const sides = audio.createChannelMerger(2);
    tone.connect(sides, 0, side < 0 ? 0 : 1);
    sides.connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + 2);
    tone.onended = () => void audio.close();
}

/**
 * Both sides one after the other, in an order that is not told: many phones play one of them through the earpiece. A
 * page cannot choose the earpiece, so that only what was heard there counts for it.
 *
 * @param earpiece told if something was heard at its end; if nothing was, that says nothing of it
 */
export function bySound(done: Done, earpiece: () => void): void {
    const first: -1 | 1 = Math.random() < 0.5 ? -1 : 1;
    const answers: Heard[] = [];
    const ask = (side: -1 | 1): void => {
        const page = document.createElement('div');
        page.className = 'ask';
        page.append(
            element('h1', said('where-heard', { now: answers.length + 1, all: 2 })),
            button(said('play'), () => sweep(side)),
            ...HEARD.map((h) =>
                button(said(`heard-${h}`), () => {
                    answers.push(h);
                    if (answers.length < 2) {
                        ask(side === 1 ? -1 : 1);
                    } else {
                        end();
                    }
                }),
            ),
            button(said('back'), () => done(null)),
        );
        whole(page);
        sweep(side);
    };
    const end = (): void => {
        if (answers.some((h) => h === 'top' || h === 'both')) {
            earpiece();
        }
        const heard = answers.every((h) => h !== 'none');
        done({
            outcome: heard ? 'pass' : 'fail',
            told: { first: first < 0 ? 'left' : 'right', heard: answers.join(' ') },
        });
    };
    ask(first);
}
