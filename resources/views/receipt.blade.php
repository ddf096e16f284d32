<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $job->tag() }} receipt</title>@include('paper')</head>
<body>
@php($say = fn (string $key, array $figures = []): string => $words->say($key, $figures))
@include('paper-head')
<h1>{{ $job->tag() }} · receipt for your phone</h1>
<div class="quiet">{{ $phone->identity->name() }}, {{ $job->model_code }}@if($job->colour), {{ $job->colour }}@endif @if($job->imei)· IMEI {{ $job->imei }}@endif · {{ $job->customer }} · taken in {{ $time->moment($job->created_at) }}</div>
@if($job->closed_as === App\Models\ClosedAs::Refused)<p class="bad">Handed back unrepaired on {{ $time->moment($job->handed_over_at) }}: {{ $job->closed_reason }}</p>@endif

<h2>What was seen</h2>
<ul>
    @forelse($condition->seen() as $seen)<li>{{ $say('observation.' . $seen->value) }}</li>@empty<li>Nothing seen from outside</li>@endforelse
    @foreach($marks as $mark)<li>{{ $mark }}</li>@endforeach
    @foreach($condition->checks as $check)<li>{{ $say('check.' . $check->check->value) }}: {{ mb_strtolower($say('result.' . $check->result)) }}</li>@endforeach
    @if(count($photos))<li>{{ count($photos) }} {{ count($photos) === 1 ? 'photo' : 'photos' }} kept, {{ implode(', ', $photos) }}</li>@endif
</ul>

<h2>Functions before the phone was opened</h2>
<table>
    @foreach(['works', 'fails', 'cannot-test'] as $state)
        @php($names = array_map(fn (string $f): string => $say('function.' . $f), array_keys(array_filter($condition->functions, fn ($s): bool => $s->value === $state))))
        @if(count($names))<tr><th style="width: 42mm">{{ $say('state.' . $state) }}</th><td>{{ implode(', ', $names) }}</td></tr>@endif
    @endforeach
</table>
<p class="quiet">A fault in a function that could not be tested before cannot be blamed on anybody afterwards.</p>

@if(count($condition->repairSigns))
    <h2>Signs of an earlier repair</h2>
    <ul>
        @foreach($condition->repairSigns as $sign)<li>{{ $say('sign.' . $sign->value) }}</li>@endforeach
        @foreach($consequences as $line)<li>{{ $line }}</li>@endforeach
    </ul>
@endif

<h2>Taken out and kept by you</h2>
<p>{{ count($condition->takenOut) ? implode(', ', array_map(fn (string $id): string => isset($phone->parts[$id]) ? $phone->parts[$id]->name : ['card' => 'Memory card', 'case' => 'Case', 'protector' => 'Screen protector'][$id] ?? $id, $condition->takenOut)) : 'Nothing' }}.</p>

<h2>To know</h2>
<ul>
    <li>Water resistance as new is not promised.</li>
    <li>Glass already broken may shed splinters; a phone opened before may hide faults that show only once it is open.</li>
    <li>Data stays on the phone. Nobody asks for your passcode, and none is kept. A copy of your data is yours to make.</li>
    @if($condition->dataNeeded)<li>You said that the phone holds data you need.</li>@endif
    @if(! $condition->canSwitchOff)<li>The phone cannot be switched off without you: it is opened as live until the battery is unplugged.</li>@endif
    <li>{{ $say('payer.' . $condition->payer->value) }} pays{{ $condition->payer->value === 'insurer' ? '; nothing is due at the counter for what the insurer authorises' : '' }}.</li>
    <li>Where local law or the maker’s terms ask for a licensed or authorised repairer, they apply.</li>
</ul>

@if($job->quote?->data)@include('data-decided', ['decision' => $job->quote->data])@endif

<div class="together">
<h2>Signed</h2>
@if($job->receipt)
    <p>{{ $job->receipt['name'] }}, {{ $time->moment(Illuminate\Support\Carbon::parse($job->receipt['at'])) }}</p>
    @if($signature)<img src="{{ $signature }}" style="width: 75mm; height: 25mm" alt="">@endif
@else
    <p style="margin-top: 10mm; border-top: 0.2mm solid #1C2428; width: 80mm">Name and signature</p>
@endif
</div>
</body>
</html>
