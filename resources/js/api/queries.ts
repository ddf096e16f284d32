import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { api, take, type Condition, type Schemas } from './client';
import type { paths } from './schema';
import type { About } from './sets';

export type JobsFrom = Schemas['JobsFrom'];

const path = (job: string) => ({ params: { path: { job } } });

export const queries = {
    me: () =>
        queryOptions({ queryKey: ['me'], queryFn: () => take(api.GET('/api/me')), retry: false, staleTime: Infinity }),
    jobs: (find = '', from: JobsFrom | null = null, show: 'current' | 'closed' = 'current') =>
        queryOptions({
            queryKey: ['jobs', find, from, show],
            queryFn: () =>
                take(
                    api.GET('/api/jobs', {
                        params: {
                            query: {
                                q: find,
                                show,
                                ...(from === null ? {} : { before: from.before }),
                                ...(from?.closedAt == null ? {} : { closedAt: from.closedAt }),
                            },
                        },
                    }),
                ),
            placeholderData: keepPreviousData,
        }),
    day: () =>
        queryOptions({
            queryKey: ['day'],
            queryFn: () => take(api.GET('/api/day')),
            refetchInterval: 30_000,
        }),
    calendarAddress: () =>
        queryOptions({ queryKey: ['calendar-address'], queryFn: () => take(api.GET('/api/day/address')) }),
    accounts: () => queryOptions({ queryKey: ['accounts'], queryFn: () => take(api.GET('/api/accounts')) }),
    sessions: () => queryOptions({ queryKey: ['sessions'], queryFn: () => take(api.GET('/api/me/sessions')) }),
    invitation: (word: string) =>
        queryOptions({
            queryKey: ['invitation', word],
            queryFn: () => take(api.GET('/api/invitations/{word}', { params: { path: { word } } })),
        }),
    audit: (before: number | null, about: About | '') =>
        queryOptions({
            queryKey: ['audit', before, about],
            queryFn: () =>
                take(
                    api.GET('/api/audit', {
                        params: {
                            query: { ...(before === null ? {} : { before }), ...(about === '' ? {} : { about }) },
                        },
                    }),
                ),
        }),
    supplies: () => queryOptions({ queryKey: ['supplies'], queryFn: () => take(api.GET('/api/supplies')) }),
    reorder: () => queryOptions({ queryKey: ['reorder'], queryFn: () => take(api.GET('/api/reorder')) }),
    orders: () => queryOptions({ queryKey: ['orders'], queryFn: () => take(api.GET('/api/orders')) }),
    job: (id: string) =>
        queryOptions({ queryKey: ['job', id], queryFn: () => take(api.GET('/api/jobs/{job}', path(id))) }),
    phones: (q: string) =>
        queryOptions({
            queryKey: ['phones', q],
            queryFn: () => take(api.GET('/api/phones', { params: { query: { q } } })),
        }),
    phone: (id: string) =>
        queryOptions({
            queryKey: ['phone', id],
            queryFn: () => take(api.GET('/api/phones/{phone}', { params: { path: { phone: id } } })),
            staleTime: Infinity,
        }),
    knownParts: (id: string, code?: string) =>
        queryOptions({
            queryKey: ['known-parts', id, code ?? ''],
            queryFn: () =>
                take(
                    api.GET('/api/phones/{phone}/parts', {
                        params: { path: { phone: id }, query: code === undefined ? {} : { code } },
                    }),
                ),
            staleTime: Infinity,
        }),
    families: () =>
        queryOptions({
            queryKey: ['families'],
            queryFn: () => take(api.GET('/api/families')),
            staleTime: Infinity,
        }),
    captures: (id: string) =>
        queryOptions({
            queryKey: ['job', id, 'captures'],
            queryFn: () => take(api.GET('/api/jobs/{job}/captures', path(id))),
        }),
    phoneReview: (id: string) =>
        queryOptions({
            queryKey: ['job', id, 'phone-review'],
            queryFn: () => take(api.GET('/api/jobs/{job}/phone-review', path(id))),
        }),
    after: (id: string) =>
        queryOptions({
            queryKey: ['job', id, 'after'],
            queryFn: () => take(api.GET('/api/jobs/{job}/after', path(id))),
        }),
    oldParts: () => queryOptions({ queryKey: ['old-parts'], queryFn: () => take(api.GET('/api/old-parts')) }),
    scope: (id: string) =>
        queryOptions({
            queryKey: ['job', id, 'scope'],
            queryFn: () => take(api.GET('/api/jobs/{job}/scope', path(id))),
        }),
    parts: (id: string) =>
        queryOptions({ queryKey: ['job', id, 'part'], queryFn: () => take(api.GET('/api/jobs/{job}/part', path(id))) }),
    plan: (id: string) =>
        queryOptions({ queryKey: ['job', id, 'plan'], queryFn: () => take(api.GET('/api/jobs/{job}/plan', path(id))) }),
    strategies: (id: string, oldPanel: 'save' | 'give-up') =>
        queryOptions({
            queryKey: ['job', id, 'strategies', oldPanel],
            queryFn: () =>
                take(api.GET('/api/jobs/{job}/strategies', { params: { path: { job: id }, query: { oldPanel } } })),
        }),
    bench: (id: string) =>
        queryOptions({
            queryKey: ['job', id, 'bench'],
            queryFn: () => take(api.GET('/api/jobs/{job}/bench', path(id))),
            refetchInterval: 15_000,
        }),
    benchHeat: (id: string, bond: string) =>
        queryOptions({
            queryKey: ['job', id, 'heat', bond],
            queryFn: () => take(api.GET('/api/jobs/{job}/heat/{bond}', { params: { path: { job: id, bond } } })),
            refetchInterval: 5_000,
        }),
    phoneFile: (id: string) =>
        queryOptions({
            queryKey: ['phone-file', id],
            queryFn: () => take(api.GET('/api/phone-files/{phone}', { params: { path: { phone: id } } })),
            gcTime: 0,
            staleTime: Infinity,
        }),
    phoneVersions: (id: string) =>
        queryOptions({
            queryKey: ['phone-versions', id],
            queryFn: () => take(api.GET('/api/phone-files/{phone}/versions', { params: { path: { phone: id } } })),
        }),
    troubles: (id: string) =>
        queryOptions({
            queryKey: ['job', id, 'troubles'],
            queryFn: () => take(api.GET('/api/jobs/{job}/troubles', path(id))),
        }),
    partOffers: (id: string, change: string) =>
        queryOptions({
            queryKey: ['job', id, 'troubles', change, 'offers'],
            queryFn: () =>
                take(api.GET('/api/jobs/{job}/troubles/{change}/offers', { params: { path: { job: id, change } } })),
        }),
    possibleTroubles: (id: string, step: string) =>
        queryOptions({
            queryKey: ['job', id, 'troubles', step],
            queryFn: () => take(api.GET('/api/jobs/{job}/troubles/{step}', { params: { path: { job: id, step } } })),
        }),
    thermometers: () =>
        queryOptions({
            queryKey: ['thermometers'],
            queryFn: () => take(api.GET('/api/thermometers')),
            refetchInterval: 2_000,
        }),
    proof: (id: string) =>
        queryOptions({
            queryKey: ['job', id, 'proof'],
            queryFn: () => take(api.GET('/api/jobs/{job}/proof', path(id))),
        }),
    timers: () =>
        queryOptions({ queryKey: ['timers'], queryFn: () => take(api.GET('/api/timers')), refetchInterval: 15_000 }),
    shelf: (find = '', state = '', page = 1) =>
        queryOptions({
            queryKey: ['shelf', find, state, page],
            queryFn: () => take(api.GET('/api/shelf', { params: { query: { q: find, state, page } } })),
            placeholderData: keepPreviousData,
        }),
    item: (label: string) =>
        queryOptions({
            queryKey: ['item', label],
            queryFn: () => take(api.GET('/api/shelf/items/{label}', { params: { path: { label } } })),
        }),
    returns: () => queryOptions({ queryKey: ['returns'], queryFn: () => take(api.GET('/api/returns')) }),
    claims: () => queryOptions({ queryKey: ['claims'], queryFn: () => take(api.GET('/api/claims')) }),
    colleagues: () => queryOptions({ queryKey: ['colleagues'], queryFn: () => take(api.GET('/api/colleagues')) }),
    keepingTime: (months?: number) =>
        queryOptions({
            queryKey: ['keeping-time', months ?? null],
            queryFn: () => take(api.GET('/api/privacy', { params: { query: months === undefined ? {} : { months } } })),
        }),
    jobsOfCustomer: (customer: string) =>
        queryOptions({
            queryKey: ['jobs-of-customer', customer],
            queryFn: () => take(api.GET('/api/privacy/jobs', { params: { query: { customer } } })),
        }),
    shop: () => queryOptions({ queryKey: ['shop'], queryFn: () => take(api.GET('/api/shop')) }),
    rules: () => queryOptions({ queryKey: ['rules'], queryFn: () => take(api.GET('/api/rules')) }),
    heatSources: () => queryOptions({ queryKey: ['heat-sources'], queryFn: () => take(api.GET('/api/heat/sources')) }),
    heat: (tried: Schemas['HeatTried']) =>
        queryOptions({
            queryKey: ['heat', tried],
            queryFn: () => take(api.POST('/api/heat', { body: tried })),
            placeholderData: keepPreviousData,
        }),
    seal: (id: string, bond: string) =>
        queryOptions({
            queryKey: ['job', id, 'seal', bond],
            queryFn: () => take(api.GET('/api/jobs/{job}/seal', { params: { path: { job: id }, query: { bond } } })),
        }),
    transfer: (id: string) =>
        queryOptions({
            queryKey: ['job', id, 'transfer'],
            queryFn: () => take(api.GET('/api/jobs/{job}/transfer', { params: { path: { job: id } } })),
        }),
    phoneTests: (id: string) =>
        queryOptions({
            queryKey: ['job', id, 'phone-tests'],
            queryFn: () => take(api.GET('/api/jobs/{job}/phone-tests', { params: { path: { job: id } } })),
        }),
    sealTried: (tried: Schemas['SealQuery']) =>
        queryOptions({
            queryKey: ['seal', tried],
            queryFn: () => take(api.POST('/api/seal', { body: tried })),
            placeholderData: keepPreviousData,
        }),
    rolls: () => queryOptions({ queryKey: ['rolls'], queryFn: () => take(api.GET('/api/rolls')) }),
    photos: (id: string) =>
        queryOptions({
            queryKey: ['job', id, 'photos'],
            queryFn: () => take(api.GET('/api/jobs/{job}/photos', path(id))),
        }),
    quote: (id: string) =>
        queryOptions({
            queryKey: ['job', id, 'quote'],
            queryFn: () => take(api.GET('/api/jobs/{job}/quote', path(id))),
        }),
    supplier: (id: string) =>
        queryOptions({
            queryKey: ['job', id, 'supplier'],
            queryFn: () => take(api.GET('/api/jobs/{job}/supplier', path(id))),
        }),
    history: (imei: string) =>
        queryOptions({
            queryKey: ['history', imei],
            queryFn: () => take(api.GET('/api/history', { params: { query: { imei } } })),
        }),
    recordShares: (query: NonNullable<paths['/api/record/shares']['get']['parameters']['query']>) =>
        queryOptions({
            queryKey: ['record', 'shares', query],
            queryFn: () => take(api.GET('/api/record/shares', { params: { query } })),
            placeholderData: keepPreviousData,
        }),
    recordMoney: (query: { from?: string; to?: string }) =>
        queryOptions({
            queryKey: ['record', 'money', query],
            queryFn: () => take(api.GET('/api/record/money', { params: { query } })),
            placeholderData: keepPreviousData,
        }),
    recordMinutes: (query: { from?: string; to?: string }) =>
        queryOptions({
            queryKey: ['record', 'minutes', query],
            queryFn: () => take(api.GET('/api/record/minutes', { params: { query } })),
            placeholderData: keepPreviousData,
        }),
    recordChanged: (month: string | null) =>
        queryOptions({
            queryKey: ['record', 'changed', month],
            queryFn: () => take(api.GET('/api/record/changed', { params: { query: month === null ? {} : { month } } })),
        }),
    foreseenHeat: () =>
        queryOptions({ queryKey: ['record', 'foreseen'], queryFn: () => take(api.GET('/api/record/foreseen')) }),
    figuresInUse: () =>
        queryOptions({ queryKey: ['record', 'figures'], queryFn: () => take(api.GET('/api/record/figures')) }),
    learntWindows: () =>
        queryOptions({ queryKey: ['record', 'windows'], queryFn: () => take(api.GET('/api/record/windows')) }),
    tellApart: (q: string, answers: Record<string, string>) =>
        queryOptions({
            queryKey: ['tell-apart', q, answers],
            queryFn: () => take(api.POST('/api/phones/tell-apart', { body: { q, answers } })),
            placeholderData: keepPreviousData,
        }),
    look: (id: string, condition: Condition) =>
        queryOptions({
            queryKey: ['look', id, condition],
            queryFn: () => take(api.POST('/api/jobs/{job}/look', { ...path(id), body: { condition } })),
            placeholderData: keepPreviousData,
        }),
};
