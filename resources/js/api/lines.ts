import { Refused, send } from './client';

/** Asks for something that takes a while, and hands on each line of the answer as it comes. */
export async function lines(path: string, each: (line: unknown) => void): Promise<void> {
    const answer = await send(new Request(path, { method: 'POST', credentials: 'same-origin' }));
    if (!answer.ok || !answer.body) {
        const body = (await answer.json().catch(() => ({}))) as { message?: string };
        throw new Refused(answer.status, body.message ?? '');
    }
    const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader();
    let rest = '';
    for (let part = await reader.read(); !part.done; part = await reader.read()) {
        const whole = (rest + part.value).split('\n');
        rest = whole.pop() ?? '';
        whole.filter((l) => l !== '').forEach((l) => each(JSON.parse(l)));
    }
}
