import type { Done } from './asked';
import { button, element, said, whole } from './page';

interface Battery extends EventTarget {
    charging: boolean;
    level: number;
}

interface Light extends EventTarget {
    illuminance: number;
    start(): void;
    stop(): void;
}

interface Telling {
    getBattery?: () => Promise<Battery>;
    connection?: { type?: string };
}

const told = navigator as Navigator & Telling;
const light = window as typeof window & { AmbientLightSensor?: new () => Light };

export const tellsCharging = (): boolean => told.getBattery !== undefined;
export const tellsNetwork = (): boolean => told.connection?.type !== undefined;
export const tellsLight = (): boolean => window.isSecureContext && light.AmbientLightSensor !== undefined;
export const tellsPen = (): boolean => 'PointerEvent' in window;

/** A page with what it waits for, and a way out. */
function waiting(what: string, done: Done): [HTMLElement, HTMLElement] {
    const page = document.createElement('div');
    page.className = 'ask';
    const status = element('p', '', 'status');
    page.append(
        element('h1', said(what)),
        status,
        button(said('does-not-work'), () => done({ outcome: 'fail' })),
        button(said('back'), () => done(null)),
    );
    whole(page);
    return [page, status];
}

/** The phone says itself that it is charged. */
export function byCharger(done: Done): void {
    const [, status] = waiting('plug-charger', done);
    void told.getBattery?.().then((battery) => {
        const look = (): void => {
            const level = Math.round(100 * battery.level);
            status.textContent = said('charge', { level });
            if (battery.charging) {
                done({ outcome: 'pass', told: { charge: level } });
            }
        };
        battery.addEventListener('chargingchange', look);
        look();
    });
}

/** This page has come over some network; only where the browser says that it is Wi-Fi does that prove it. */
export function byNetwork(done: Done): void {
    const [, status] = waiting('on-wifi', done);
    const type = told.connection?.type ?? '';
    status.textContent = said('network', { type });
    if (type === 'wifi') {
        done({ outcome: 'pass', told: { network: type } });
    }
}

/** Covered by a hand it has to tell less than half of what it told before. */
export function byLight(done: Done): void {
    const [, status] = waiting('cover-light', done);
    const Sensor = light.AmbientLightSensor;
    if (Sensor === undefined) {
        return;
    }
    const sensor = new Sensor();
    let most = 0;
    sensor.addEventListener('reading', () => {
        most = Math.max(most, sensor.illuminance);
        status.textContent = said('lux', { lux: Math.round(sensor.illuminance) });
        if (most > 20 && sensor.illuminance < most / 2) {
            sensor.stop();
            done({ outcome: 'pass', told: { lux: Math.round(most) } });
        }
    });
    sensor.start();
}

/** A pen across the glass, with its pressure if it tells one. */
export function byPen(done: Done): void {
    const [page, status] = waiting('draw-pen', done);
    let least = 1;
    let most = 0;
    let length = 0;
    page.style.touchAction = 'none';
    page.addEventListener('pointermove', (e) => {
        if (e.pointerType !== 'pen') {
            return;
        }
        length += Math.hypot(e.movementX, e.movementY);
        least = Math.min(least, e.pressure);
        most = Math.max(most, e.pressure);
        status.textContent = said('pressure', { percent: Math.round(100 * most) });
        if (length > window.innerHeight && most > 0) {
            done({ outcome: 'pass', told: { least: Math.round(100 * least), pressure: Math.round(100 * most) } });
        }
    });
}
