<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ $words->say('post.packing-list') }} {{ $job->tag() }}</title>
    @include('paper')
</head>
<body>
@include('paper-head')
<h1>{{ $words->say('post.packing-list') }} · {{ $job->tag() }}</h1>
<div class="quiet">{{ $phone }} · {{ $job->customer }} · {{ $time->moment($box->sent_at ?? now()) }}</div>
@if($box->address !== null)
<h2>{{ $words->say('post.to') }}</h2>
<p style="font-size: 14pt; line-height: 1.4">{!! nl2br(e($box->address)) !!}</p>
@endif
<h2>{{ $words->say('post.in-the-box') }}</h2>
<table>
    @php($goes = collect($box->goes)->keyBy('what'))
    @foreach($box->sent_at === null ? $box->came : $goes->keys()->all() as $what)
        <tr><td style="width: 8mm">{{ ($goes[$what]['why'] ?? null) === null && $box->sent_at !== null ? '☑' : '☐' }}</td><td>{{ $what }}@if($goes[$what]['why'] ?? null)<span class="quiet"> · {{ $words->say('post.stays', ['why' => $goes[$what]['why']]) }}</span>@endif</td></tr>
    @endforeach
    @if($box->sent_at === null)<tr><td>☐</td><td>{{ $words->say('post.sheet') }}</td></tr>@endif
</table>
@if($box->parcel !== null)<p>{{ $words->say('post.parcel', ['parcel' => $box->parcel]) }}</p>@endif
<p class="quiet">{{ $words->say('post.battery') }}</p>
</body>
</html>
