<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ $job->tag() }}</title>
    @include('paper')
</head>
<body>
@php($say = fn (string $key, array $figures = []): string => $words->say($key, $figures))
<h1>{{ $job->tag() }} · {{ $export['phone']['name'] }}</h1>
<div class="quiet">{{ $export['modelCode'] }}@if($export['colour']), {{ $export['colour'] }}@endif · {{ $export['customer'] }} · taken in {{ $job->created_at->format('Y-m-d H:i') }} UTC @if($job->handed_over_at)· handed over {{ $job->handed_over_at->format('Y-m-d H:i') }} UTC @else · <span class="bad">not handed over</span>@endif</div>

<h2>Condition before</h2>
<ul>
    @foreach($export['condition']['observations'] as $code)<li>{{ $say('observation.' . $code) }}</li>@endforeach
    @if($export['condition']['observations'] === [] && $marks === [])<li>Nothing seen from outside</li>@endif
    @foreach($marks as $mark)<li>{{ $mark }}</li>@endforeach
    @foreach($export['condition']['repairSigns'] as $code)<li>Sign of an earlier repair: {{ $say('sign.' . $code) }}</li>@endforeach
</ul>

<h2>Fitted</h2>
<table>
    <tr><th>Part</th><td>{{ $export['part']['label'] }} {{ $export['part']['name'] }}</td></tr>
    <tr><th>Kind</th><td>{{ $say('kind.' . $export['kind']) }}</td></tr>
    <tr><th>Supplier, batch</th><td>{{ $export['part']['supplier'] }}, {{ $export['part']['batch'] }}</td></tr>
    @foreach($adhesives as $a)
        <tr><th>{{ $a['name'] }}</th><td>@if($a['done']){{ $a['how'] }}, laid {{ $a['done'] }}@if($a['clamped']); {{ $a['clamped'] }}@endif @else<span class="bad">not renewed</span>@endif</td></tr>
    @endforeach
</table>

<h2>Tests before and after</h2>
@php($final = collect($export['proof'])->where('gate', 'finished'))
<table>
    <tr><th>Function</th><th>At check-in</th><th>Finished</th><th></th></tr>
    @foreach($final as $row)
        <tr><td>{{ $say('function.' . $row['function']) }}</td><td>{{ $say('state.' . $row['before']) }}</td><td>{{ $row['after'] === 'not-tested' ? 'Not tested' : $say('outcome.' . $row['after']) }}</td><td @class(['bad' => $row['change'] === 'new-fault'])>{{ $say('change.' . $row['change']) }}</td></tr>
    @endforeach
</table>
@php($together = $final->where('how', 'together'))
@if($together->count())<p class="bad">{{ $say('proof.not-one-by-one', ['count' => $together->count(), 'all' => $final->count()]) }}: {{ $together->map(fn ($r) => $say('function.' . $r['function']))->implode(', ') }}.</p>@endif
@foreach($state->proofs->waived as $gate => $reason)<p>{{ $say('gate.' . $gate) }} gate not tested: {{ $reason }}</p>@endforeach
@if($job->new_faults_reason)<p>Agreed about new faults: {{ $job->new_faults_reason }}</p>@endif

<h2>To know</h2>
<ul>
    @foreach($export['plan']->customer as $reason)<li>{{ $say('reason.' . $reason->code, (array) $reason->figures) }}.</li>@endforeach
    @foreach($data as $line)<li>{{ $line }}.</li>@endforeach
    @foreach($early as $line)<li class="bad">{{ $line }}</li>@endforeach
    @foreach($troubles as $trouble)<li>{{ $trouble }}</li>@endforeach
    @foreach($run->problems() as $problem)<li>Noted at the bench: {{ $problem->text('text') }}</li>@endforeach
    <li>{{ $say('caution.waste') }}</li>
    <li>Keep the phone dry and unloaded until the adhesive has set. Where local law or the maker’s terms ask for a licensed or authorised repairer, they apply.</li>
</ul>
</body>
</html>
