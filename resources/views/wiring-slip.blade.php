@php
    $length = fn (int $mm): string => $inches ? number_format($mm / 25.4, 1).' in' : "{$mm} mm";
@endphp
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Wiring slip: {{ $slip->block->label() }}</title>
    <style>
        @page { margin: 14mm; }
        body { font-family: 'DejaVu Sans', sans-serif; font-size: 15pt; color: #000; margin: 0; }
        h1 { font-size: 22pt; margin: 0; }
        p { margin: 2mm 0; }
        table { width: 100%; border-collapse: collapse; margin-top: 4mm; }
        th, td { text-align: left; padding: 2mm 3mm 2mm 0; border-bottom: 0.8pt solid #000; }
        th { font-size: 11pt; }
        .pin { font-size: 26pt; font-weight: bold; width: 16mm; }
        .tick { border: 1.4pt solid #000; width: 8mm; height: 8mm; display: inline-block; }
        .caution { border: 2pt solid #000; padding: 3mm 4mm; margin-top: 6mm; font-size: 13pt; }
        .small { font-size: 10pt; }
    </style>
</head>
<body>
<h1>{{ ucfirst($slip->block->label()) }}</h1>
<p>{{ $job->boat->name }}, {{ $job->boat->customer->name }}: {{ $slip->transducer->label() }}, from {{ $slip->block->from() }} to {{ $slip->block->to() }}.</p>
<table>
    <tr><th>Pin</th><th>Wire</th><th>Carries</th><th>Cut at</th><th>Landed</th></tr>
    @foreach ($slip->landings as $landing)
        <tr>
            <td class="pin">{{ $landing->pin }}</td>
            <td><strong>{{ $landing->colour ?? 'none' }}</strong></td>
            <td>{{ $landing->carries->label() }}@if ($landing->isRight() === false)<br><strong>WRONG: the wire carries {{ $landing->lead?->carries->label() ?? 'nothing known' }}</strong>@endif</td>
            <td>{{ $landing->colour === null ? '' : $length($landing->cut) }}</td>
            <td>@if ($landing->colour !== null)<span class="tick"></span>@endif</td>
        </tr>
    @endforeach
</table>
@if ($slip->leftOver !== [])
    <p>Left over, insulated one by one: @foreach ($slip->leftOver as $lead)<strong>{{ $lead->colour }}</strong> ({{ $lead->carries->label() }})@if (! $loop->last), @endif @endforeach</p>
@endif
<p class="small">Cut lengths from where the jacket ends, staggered by the pins' order: common practice, no source. Where the maker of the block says otherwise, the maker prevails.</p>
<div class="caution">Everything off and unplugged. Read every pin once more before the plug goes in: power on a signal pin destroys a transducer or a screen.</div>
<p class="small">Work order {{ $job->id }}, printed {{ now()->format('Y-m-d H:i') }}.</p>
</body>
</html>
