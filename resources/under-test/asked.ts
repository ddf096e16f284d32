import type { Found } from './main';
import { button, element, said, whole } from './page';

export type Done = (found: Found | null) => void;

/** Something is shown or done, and whoever holds the phone says whether it is as it should be. */
export function question(what: string, shown: HTMLElement[], done: Done, told: () => Found['told'] = () => ({})): void {
    const ask = document.createElement('div');
    ask.className = 'ask';
    ask.append(
        element('h1', said(what)),
        ...shown,
        button(said('yes'), () => done({ outcome: 'pass', told: told() ?? {} })),
        button(said('no'), () => done({ outcome: 'fail', told: told() ?? {} })),
        button(said('back'), () => done(null)),
    );
    whole(ask);
}

export function byVibration(done: Done): void {
    const shake = () => {
        if ('vibrate' in navigator) {
            navigator.vibrate([400, 200, 400]);
        }
    };
    question('vibration-felt', [button(said('play'), shake)], done);
    shake();
}

/** A page may not set the phone's brightness: the slider is moved by hand, over white and over grey steps. */
export function byBrightness(done: Done): void {
    const steps = document.createElement('div');
    steps.className = 'steps';
    for (let i = 0; i < 10; ++i) {
        const step = document.createElement('i');
        step.style.background = `hsl(0 0% ${10 * (i + 1)}%)`;
        steps.append(step);
    }
    question('brightness-follows', [steps], done);
}
