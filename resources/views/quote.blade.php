<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $job->tag() }} quote</title>@include('paper')</head>
<body>
@php($say = fn (string $key, array $figures = []): string => $words->say($key, $figures))
@include('paper-head')
<h1>{{ $job->tag() }} · quote</h1>
<div class="quiet">{{ $phone->identity->name() }}, {{ $job->model_code }}@if($job->colour), {{ $job->colour }}@endif · {{ $job->customer }} · {{ $time->moment(now()) }}</div>
@foreach($options as $i => $o)
<div class="together">
    <h2>{{ $say('kind.' . $o->kind()->value) }}@if($o->kind() === $job->kind) · our advice @endif</h2>
    <table>
        <tr><th>{{ $o->chosen?->part->name }}</th><td class="amount"><span class="price">{{ $o->priced->price->gross }} {{ $rules->currency }}</span></td></tr>
        <tr><td>Net {{ $o->priced->price->net }} {{ $rules->currency }} and {{ rtrim(rtrim(number_format(100 * (float) $rules->taxRate, 2), '0'), '.') }} % tax {{ $o->priced->price->tax }} {{ $rules->currency }}</td><td class="amount">{{ $promises[$i] === null ? $words->say('quote.nobody-may') : 'ready ' . $time->moment($promises[$i]) . ' if accepted now' }}</td></tr>
        @if($o->priced->worth && $o->priced->worth->code !== 'worth-unknown')<tr><td colspan="2">{{ $words->reason($o->priced->worth) }}</td></tr>@endif
    </table>
    @include('data-ways', ['ways' => $o->afterSwap()->ways])
    <ul>@foreach($o->customer() as $reason)<li>{{ $words->reason($reason) }}</li>@endforeach</ul>
</div>
@endforeach
@if($job->quote?->data)@include('data-decided', ['decision' => $job->quote->data])@endif
<p class="quiet">Prices hold for today and while the part is on the shelf. They are rounded up to whole multiples of {{ $rules->roundTo }} {{ $rules->currency }}; net is the price less tax, rounded half up to the cent. Times are estimates.</p>
@if($job->quote)<p><b>Accepted</b> {{ $time->moment($job->accepted_at) }}: {{ $say('kind.' . $job->quote->kind->value) }}. Due at the counter {{ $job->quote->due() }} {{ $rules->currency }}@if(!$job->quote->insured->isZero()), insurer {{ $job->quote->insured }} {{ $rules->currency }}@endif.</p>@endif
</body>
</html>
