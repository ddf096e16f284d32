import type { Found } from './main';
import { button, element, said, whole } from './page';

type Done = (found: Found | null) => void;

/** Something is done, and whoever holds the phone says whether it came. */
function asked(what: string, act: () => void, done: Done): void {
    const ask = document.createElement('div');
    ask.className = 'ask';
    ask.append(
        element('h1', said(what)),
        button(said('play'), act),
        button(said('yes'), () => done({ outcome: 'pass' })),
        button(said('no'), () => done({ outcome: 'fail' })),
        button(said('back'), () => done(null)),
    );
    whole(ask);
    act();
}

/** A sweep from low to high through the loudspeaker. */
export function bySound(done: Done): void {
    asked(
        'sweep-heard',
        () => {
            const audio = new AudioContext();
            const tone = audio.createOscillator();
            tone.frequency.setValueAtTime(300, audio.currentTime);
            tone.frequency.exponentialRampToValueAtTime(6000, audio.currentTime + 2);
            tone.connect(audio.destination);
            tone.start();
            tone.stop(audio.currentTime + 2);
            tone.onended = () => void audio.close();
        },
        done,
    );
}

export function byVibration(done: Done): void {
    const shake = () => {
        if ('vibrate' in navigator) {
            navigator.vibrate([400, 200, 400]);
        }
    };
    asked('vibration-felt', shake, done);
}
