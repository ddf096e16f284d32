const SILENT = 'facelift.silent';

/** Hertz, one after the other: rising to lift, falling when it grips, level for the battery. */
const TONES = {
    lift: [880, 1175],
    'grips-soon': [587],
    grips: [587, 440],
    battery: [988, 988, 988],
} as const;
const LENGTH = 0.16;

let context: AudioContext | null = null;

export const isSilent = (): boolean => window.localStorage.getItem(SILENT) === 'yes';
export const setSilent = (silent: boolean): void => window.localStorage.setItem(SILENT, silent ? 'yes' : 'no');

/** Short tones made here; nothing is heard while sound is off or the browser has not been touched yet. */
export function sound(cue: keyof typeof TONES): void {
    if (isSilent()) {
        return;
    }
    context ??= new AudioContext();
    const at = context.currentTime;
    for (const [i, hertz] of TONES[cue].entries()) {
        const tone = context.createOscillator();
        const loud = context.createGain();
        tone.frequency.value = hertz;
        loud.gain.setValueAtTime(0.18, at + i * LENGTH * 1.4);
        loud.gain.exponentialRampToValueAtTime(0.001, at + i * LENGTH * 1.4 + LENGTH);
        tone.connect(loud).connect(context.destination);
        tone.start(at + i * LENGTH * 1.4);
        tone.stop(at + i * LENGTH * 1.4 + LENGTH);
    }
}
