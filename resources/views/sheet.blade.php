<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ $job->tag() }}</title>
    @include('paper')
</head>
<body>
@php($say = fn (string $key, array $figures = []): string => $words->say($key, $figures))
<img src="{{ $code }}" alt="" style="float: right; width: 24mm; height: 24mm">
@include('paper-head')
<h1>{{ $job->tag() }} · {{ $export['phone']['name'] }}</h1>
<div class="quiet">{{ $export['modelCode'] }}@if($export['colour']), {{ $export['colour'] }}@endif · {{ $export['customer'] }}</div>
<div>{{ $say('sheet.taken-in', ['at' => $time->moment($job->created_at)]) }} · @if($job->handed_over_at){{ $say('sheet.handed-over', ['at' => $time->moment($job->handed_over_at)]) }} @else<span class="bad">{{ $say('sheet.not-handed-over') }}</span>@endif</div>
<div class="quiet">{{ $say('sheet.zone', ['zone' => $time->zone($job->handed_over_at ?? now())]) }} {{ $say('sheet.code') }}</div>

<h2>{{ $say('sheet.before') }}</h2>
<table class="plain"><tr><td>
<ul>
    @foreach($export['condition']['observations'] as $code)<li>{{ $say('observation.' . $code) }}</li>@endforeach
    @if($export['condition']['observations'] === [] && $marks === [])<li>{{ $say('sheet.nothing-seen') }}</li>@endif
    @foreach($marks as $mark)<li>{{ $mark }}</li>@endforeach
    @foreach($export['condition']['repairSigns'] as $code)<li>{{ $say('sheet.sign', ['sign' => $say('sign.' . $code)]) }}</li>@endforeach
</ul>
</td>
@foreach($drawings as $face => $drawing)<td style="width: 30mm; text-align: center"><img src="{{ $drawing }}" alt="" style="height: 52mm"><div class="quiet">{{ $say('face.' . $face) }}</div></td>@endforeach
</tr></table>
@if($photos !== [])
<table class="plain"><tr>@foreach($photos as $photo)<td style="width: 42mm"><img src="{{ $photo['src'] }}" alt="" style="max-width: 40mm; max-height: 34mm"><div class="quiet">{{ $photo['at'] }}</div></td>@endforeach</tr></table>
@endif

<h2>{{ $say('sheet.fitted') }}</h2>
<table>
    <tr><th>{{ $say('sheet.part') }}</th><td>{{ $export['part']['label'] }} {{ $export['part']['name'] }}</td></tr>
    <tr><th>{{ $say('sheet.kind') }}</th><td>{{ $say('kind.' . $export['kind']) }}</td></tr>
    <tr><th>{{ $say('sheet.supplier') }}</th><td>{{ $export['part']['supplier'] }}, {{ $export['part']['batch'] }}</td></tr>
    @foreach($adhesives as $a)
        <tr><th>{{ $a['name'] }}</th><td>@if($a['done']){{ $say('sheet.laid', ['how' => $a['how'], 'at' => $a['done']]) }}@if($a['clamped']); {{ $a['clamped'] }}@endif
            @if($a['carried'])<br>{{ $say('sheet.carried', ['at' => $a['carried']]) }} @endif @if($a['loaded']){{ $say('sheet.loaded', ['at' => $a['loaded']]) }} {{ $say('sheet.wetted', ['at' => $a['loaded']]) }}@endif
            @else<span class="bad">{{ $say('record.not-renewed-short') }}</span>@endif</td></tr>
    @endforeach
</table>

<h2>{{ $say('sheet.work') }}</h2>
<table>
    @foreach($times as $t)<tr><th>{{ $say('phase.' . $t->phase->value) }}</th><td>{{ $time->ms($t->from) }}–{{ $time->clock($t->to) }}</td><td class="amount">{{ $say('sheet.took', ['minutes' => max(1, (int) round($t->took() / 60)), 'steps' => $t->done]) }}</td></tr>@endforeach
</table>
<p class="quiet">{{ $say('sheet.spans') }}</p>

<h2>{{ $say('sheet.tests') }}</h2>
@php($final = collect($export['proof'])->where('gate', 'finished'))
@if($felt !== null)<div style="float: right; width: 34mm; text-align: center"><img src="{{ $felt['picture'] }}" alt="" style="height: 58mm"><div class="quiet">{{ $say($felt['percent'] === null ? 'sheet.pixels' : 'sheet.felt', ['percent' => $felt['percent'] ?? 0, 'gate' => $say('gate.' . $felt['gate'])]) }}</div></div>@endif
<table style="width: {{ $felt === null ? '100%' : '138mm' }}">
    <tr><th>{{ $say('sheet.function') }}</th><th>{{ $say('sheet.at-check-in') }}</th><th>{{ $say('gate.finished') }}</th><th></th></tr>
    @foreach($final as $row)
        <tr><td>{{ $say('function.' . $row['function']) }}</td><td>{{ $say('state.' . $row['before']) }}</td><td>{{ $row['after'] === 'not-tested' ? $say('sheet.not-tested') : $say('outcome.' . $row['after']) }}</td><td @class(['bad' => $row['change'] === 'new-fault'])>{{ $say('change.' . $row['change']) }}</td></tr>
    @endforeach
</table>
<div style="clear: both"></div>
@php($together = $final->where('how', 'together'))
@if($together->count())<p class="bad">{{ $say('proof.not-one-by-one', ['count' => $together->count(), 'all' => $final->count()]) }}: {{ $together->map(fn ($r) => $say('function.' . $r['function']))->implode(', ') }}.</p>@endif
@foreach($state->proofs->waived as $gate => $reason)<p>{{ $say('sheet.waived', ['gate' => $say('gate.' . $gate), 'why' => $reason]) }}</p>@endforeach
@if($job->new_faults_reason)<p>{{ $say('sheet.agreed', ['what' => $job->new_faults_reason]) }}</p>@endif
@if($signed !== null)<p>{{ $say('sheet.signed', ['name' => $signed['name'], 'at' => $signed['at']]) }}@if($signed['picture'])<br><img src="{{ $signed['picture'] }}" alt="" style="height: 16mm">@endif</p>@endif

@if($oldParts->isNotEmpty())
<h2>{{ $say('sheet.old-parts') }}</h2>
<table>
    @foreach($oldParts as $o)<tr><td>{{ $o->name }}</td><td>{{ $say('stream.' . $o->goes->value) }}@if($o->label) · {{ $o->label }}@endif</td></tr>@endforeach
</table>
@endif

<h2>{{ $say('sheet.to-know') }}</h2>
<ul>
    @foreach($export['plan']->customer as $reason)<li>{{ $say('reason.' . $reason->code, (array) $reason->figures) }}.</li>@endforeach
    @foreach($data as $line)<li>{{ $line }}.</li>@endforeach
    @foreach($early as $line)<li class="bad">{{ $line }}</li>@endforeach
    @foreach($troubles as $trouble)<li>{{ $trouble }}</li>@endforeach
    @foreach($run->problems() as $problem)<li>{{ $say('sheet.noted', ['text' => $problem->text('text')]) }}</li>@endforeach
    <li>{{ $say('caution.waste') }}</li>
    <li>{{ $say('sheet.licence') }}</li>
</ul>
</body>
</html>
