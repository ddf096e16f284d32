<h2>{{ $say('page.data.way') }}</h2>
<p>{{ $say('page.data.decided', ['by' => $decision->by, 'way' => $say('data-way.' . $decision->way->way->value)]) }}.</p>
<table>
    @foreach($decision->way->rows as $row)
        <tr><td>{{ $say('function.' . $row->function->value) }}</td><td><b>{{ $say('fate.' . $row->fate->value) }}</b>@if($row->days) {{ $say('page.data.in-front-for-days', ['days' => $row->days]) }}@endif</td><td>{{ $words->reason($row->because) }}</td></tr>
    @endforeach
</table>
<ul>@foreach($decision->way->hears as $heard)<li>{{ $words->reason($heard) }}</li>@endforeach</ul>
