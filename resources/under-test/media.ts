import { question, type Done } from './asked';
import { button, element, said, whole } from './page';

/** Microphone and cameras are open to a page in a secure context alone. */
export const mayListen = (): boolean => window.isSecureContext && 'mediaDevices' in navigator;

/** dB over the still room that a voice beside the phone makes at the least (common practice) */
export const OVER = 12;

/** Samples over which a level is taken: 43 ms at 48 kHz */
const BLOCK = 2048;

/** Level of a piece of sound under full scale, dB */
const decibels = (wave: Float32Array): number =>
    Math.max(-120, 10 * Math.log10(wave.reduce((sum, v) => sum + v * v, 0) / wave.length + 1e-12));

const stop = (stream: MediaStream): void => stream.getTracks().forEach((t) => t.stop());

/** A voice or a clap has to lift the level well over that of the still room. */
export function byMicrophone(done: Done): void {
    const page = document.createElement('div');
    page.className = 'ask';
    const level = document.createElement('meter');
    level.min = -80;
    level.max = 0;
    level.setAttribute('aria-label', said('level'));
    const count = element('p', said('be-still'), 'status');
    page.append(element('h1', said('speak')), level, count);
    whole(page);
    navigator.mediaDevices
        .getUserMedia({ audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false } })
        .then((stream) => {
            const audio = new AudioContext();
            const ear = audio.createAnalyser();
            // Longer than the time between two looks: a clap between them is heard as well.
            ear.fftSize = 4 * BLOCK;
            audio.createMediaStreamSource(stream).connect(ear);
            const wave = new Float32Array(ear.fftSize);
            let floor = 0;
            let loudest = -120;
            const end = (outcome: 'pass' | 'fail' | null): void => {
                window.clearInterval(timer);
                stop(stream);
                void audio.close();
                const told = { floor: Math.round(floor), level: Math.round(loudest) };
                done(outcome === null ? null : { outcome, told });
            };
            const timer = window.setInterval(() => {
                // Before it has listened for so long there is emptiness in it, stiller than any room.
                if (audio.currentTime < (2 * ear.fftSize) / audio.sampleRate) {
                    return;
                }
                ear.getFloatTimeDomainData(wave);
                for (let at = 0; at < wave.length; at += BLOCK) {
                    const db = decibels(wave.subarray(at, at + BLOCK));
                    floor = Math.min(floor, db);
                    loudest = Math.max(loudest, db);
                    level.value = db;
                }
                count.textContent = said('over-still', { db: Math.round(loudest - floor) });
                if (loudest - floor >= OVER) {
                    end('pass');
                }
            }, 100);
            page.append(
                button(said('no'), () => end('fail')),
                button(said('back'), () => end(null)),
            );
        })
        .catch(() => {
            count.textContent = said('not-allowed');
            page.append(button(said('back'), () => done(null)));
        });
}

/** The picture of one camera, sharp near and far. */
export function byCamera(facing: 'user' | 'environment'): (done: Done) => void {
    return (done) => {
        navigator.mediaDevices
            .getUserMedia({ video: { facingMode: facing } })
            .then((stream) => {
                const video = document.createElement('video');
                video.autoplay = true;
                video.muted = true;
                video.playsInline = true;
                video.srcObject = stream;
                const over: Done = (found) => {
                    stop(stream);
                    done(found);
                };
                const told = () => ({ width: video.videoWidth, height: video.videoHeight });
                question(
                    'sharp-near',
                    [video],
                    (near) => (near?.outcome === 'pass' ? question('sharp-far', [video], over, told) : over(near)),
                    told,
                );
            })
            .catch(() => {
                const page = document.createElement('div');
                page.className = 'ask';
                page.append(
                    element('h1', said('not-allowed')),
                    button(said('back'), () => done(null)),
                );
                whole(page);
            });
    };
}
