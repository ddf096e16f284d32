import createClient from 'openapi-fetch';
import { say } from '../words/words';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];
export type Job = Schemas['Job'];
export type Plan = Schemas['Plan'];
export type Step = Plan['steps'][number];
export type PhoneFile = Schemas['PhoneFile'];
export type Condition = Schemas['Condition'];
export type BenchState = Schemas['BenchState'];
export type BenchEvent = Schemas['Event'];
export type StationId = Job['stations'][number]['id'];

/** What the server refused, with everything it said about why. */
export class Refused extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly errors: Record<string, string[]> = {},
        readonly code: string | null = null,
        /** The version that is kept now, where somebody else was quicker. */
        readonly version: number | null = null,
    ) {
        super(message);
    }
}

function xsrf(): string {
    const found = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie);
    return found?.[1] === undefined ? '' : decodeURIComponent(found[1]);
}

/** What the server answers where a session has ended meanwhile: the token of it is none any more. */
const ENDED = 419;

const begin = () => fetch('/sanctum/csrf-cookie', { credentials: 'same-origin' });

export async function send(request: Request): Promise<Response> {
    request.headers.set('Accept', 'application/json');
    if (request.method === 'GET') {
        return fetch(request);
    }
    if (xsrf() === '') {
        await begin();
    }
    request.headers.set('X-XSRF-TOKEN', xsrf());
    // Nothing was looked at yet then, so that the same can be sent again.
    const again = request.clone();
    const answer = await fetch(request);
    if (answer.status !== ENDED) {
        return answer;
    }
    await begin();
    again.headers.set('X-XSRF-TOKEN', xsrf());
    return fetch(again);
}

export const api = createClient<paths>({ baseUrl: '', credentials: 'same-origin', fetch: send });

interface Answer<T> {
    data?: T;
    error?: unknown;
    response: Response;
}

/** For what is answered with nothing: done, or a thrown `Refused` that says why. */
export async function done(call: Promise<{ data?: unknown; error?: unknown; response: Response }>): Promise<void> {
    const answer = await call;
    if (!answer.response.ok) {
        await take(Promise.resolve(answer));
    }
}

/** The answer's data, or a thrown `Refused` that says why. */
export async function take<T>(call: Promise<Answer<T>>): Promise<NonNullable<T>> {
    const { data, error, response } = await call;
    if (response.ok && data !== undefined && data !== null) {
        return data;
    }
    const body = (typeof error === 'object' && error !== null ? error : {}) as {
        message?: string;
        errors?: Record<string, string[]>;
        code?: string;
        version?: number;
    };
    throw new Refused(
        response.status,
        body.message ?? say('page.client.the-server-answered', { status: response.status }),
        body.errors ?? {},
        body.code ?? null,
        body.version ?? null,
    );
}
