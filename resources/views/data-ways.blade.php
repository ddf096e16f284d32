@if(count($ways))
<table>
    <tr><th>{{ $say('page.data.what-will-be-seen') }}</th>@foreach($ways as $w)<th>{{ $say('data-way.' . $w->way->value) }}</th>@endforeach</tr>
    @foreach($ways[0]->rows as $i => $row)
        <tr><td>{{ $say('function.' . $row->function->value) }}</td>@foreach($ways as $w)<td><b>{{ $say('fate.' . $w->rows[$i]->fate->value) }}</b>@if($w->rows[$i]->days) {{ $say('page.data.in-front-for-days', ['days' => $w->rows[$i]->days]) }}@endif</td>@endforeach</tr>
    @endforeach
</table>
@endif
