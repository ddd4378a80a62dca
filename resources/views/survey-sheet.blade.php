@php
    use Dinghy\Diagnosis\Cause;
    use Dinghy\Diagnosis\PathWords;
    use Dinghy\Quantity\QuantityFormatter;
    $boat = $plan->boat;
    $measured = fn (?float $value, string $unit, int $decimals = 2): string => $value === null ? '–' : QuantityFormatter::trim($value, $decimals).' '.$unit;
    $verdicts = ['keep' => 'KEEP', 'replace' => 'REPLACE', 'charge' => 'CHARGE AND MEASURE AGAIN'];
@endphp
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Survey: {{ $job->boat->name }}</title>
    <style>
        @include('sheet-style')
        .pictures td { border: 0; }
        .pictures td { width: 33%; padding-bottom: 0.8em; page-break-inside: avoid; }
        .picture { position: relative; width: {{ $wide }}mm; }
        .picture img { width: {{ $wide }}mm; border: 0.5pt solid #000; }
        .mark { position: absolute; width: 4mm; height: 4mm; line-height: 2.8mm; text-align: center; font-size: 7pt; background: #fff; border: 0.6pt solid #000; }
        .tick { border: 0.9pt solid #000; width: 0.9em; height: 0.9em; display: inline-block; }
        ul { margin: 0.1em 0 0.1em 1.2em; padding: 0; }
    </style>
</head>
<body>
<table class="head"><tr>
    <td><h1>{{ $job->boat->name }}, as it came</h1><p>{{ $job->boat->customer->name }} · {{ $job->title }}</p></td>
    <td class="right"><p>Work order {{ $job->id }}, plan version {{ $version->number }} ({{ substr($version->hash, 0, 8) }})</p>
        <p>Survey of {{ $survey?->takenOn ?? 'no day given' }}, printed {{ now()->format('Y-m-d H:i') }}</p></td>
</tr></table>
<p>{{ $boat->hull?->value ?? 'Hull not given' }}{{ $boat->length === null ? '' : ', '.$words->length($boat->length).' long' }}{{ $boat->beam === null ? '' : ', '.$words->length($boat->beam).' wide' }}.
    Fuel: {{ $boat->fuel ?? 'not given' }}. Engine: {{ ($survey?->engine ?? '') === '' ? 'not given' : $survey->engine }}.</p>
<p>Fitted: {{ ($survey?->fitted ?? '') === '' ? 'not written down' : $survey->fitted }}</p>

<h2>What hurts</h2>
@forelse ($survey?->complaints ?? [] as $complaint)
    <p><b>{{ $complaint->kind->label() }}</b>{{ $complaint->words === '' ? '' : ': “'.$complaint->words.'”' }}</p>
    <ul>@foreach ($complaint->kind->measures() as $measure)<li><span class="tick"></span> {{ $measure }}</li>@endforeach</ul>
@empty
    <p>No complaint.</p>
@endforelse

<h2>Batteries found</h2>
@if ($judged === [])<p>None.</p>@else
<table>
    <tr><th>Battery</th><th>Kind</th><th>Rests at</th><th>Under load</th><th>Charge</th><th>Judged</th></tr>
    @foreach ($judged as $one)
        <tr><td>{{ $one->battery->label() }}</td>
            <td>{{ $one->battery->chemistry->label() }} {{ $measured($one->battery->capacityAh, 'Ah', 0) }}{{ $one->battery->crankingAmps === null ? '' : ', '.QuantityFormatter::trim($one->battery->crankingAmps, 0).' cranking A' }}{{ $one->battery->commissioned === null ? '' : ', of '.$one->battery->commissioned }}</td>
            <td>{{ $measured($one->battery->restedVolts, 'V') }}{{ $one->battery->celsius === null ? '' : ' at '.QuantityFormatter::trim($one->battery->celsius, 0).' °C' }}</td>
            <td>{{ $measured($one->battery->loadedVolts, 'V') }}{{ $one->battery->loadedAmps === null ? '' : ' at '.$words->amps($one->battery->loadedAmps) }}{{ $one->ohms === null ? '' : ', '.$words->milliohms($one->ohms) }}</td>
            <td>{{ $one->charge === null ? '–' : $words->percent(100 * $one->charge) }}</td>
            <td><b>{{ $verdicts[$one->verdict] }}</b>: {{ implode('; ', $one->because) }}.</td></tr>
    @endforeach
</table>
@endif

<h2>Paths checked</h2>
@forelse ($checks as $diagnosis)
    <p><b>{{ $diagnosis->check->label() }}</b>: {{ $diagnosis->cause->label() }}. {{ PathWords::of($diagnosis, $words) }}</p>
    <p>{{ PathWords::readings($diagnosis, $words) }}</p>
    @if ($diagnosis->faults !== [])<p>{{ PathWords::remedy($diagnosis->faults[0], $words) }} {{ PathWords::next($diagnosis) }}</p>@endif
@empty
    <p>None.</p>
@endforelse

<h2>Photographs before anything is unhooked</h2>
<p>@foreach ($needed as $photograph){{ $photograph->taken > 0 ? '☑' : '☐' }} {{ $photograph->label }}{{ $loop->last ? '' : ' · ' }}@endforeach</p>
<table class="pictures">
    @foreach (array_chunk($taken, 3) as $row)
        <tr>@foreach ($row as $photograph)
            <td>@if (isset($pictures[$photograph->picture ?? '']))<div class="picture"><img src="{{ $pictures[$photograph->picture]['data'] }}" alt="" style="height: {{ $pictures[$photograph->picture]['high_mm'] }}mm">
                @foreach ($photograph->marks as $mark)<span class="mark" style="left: {{ round($wide * $mark['x'] - 2, 1) }}mm; top: {{ round($pictures[$photograph->picture]['high_mm'] * $mark['y'] - 2, 1) }}mm">{{ $loop->iteration }}</span>@endforeach</div>@endif
                <p>{{ $photograph->words === '' ? $photograph->id : $photograph->words }}</p>
                @foreach ($photograph->marks as $mark)<p>{{ $loop->iteration }}. {{ $mark['words'] }}</p>@endforeach</td>
        @endforeach</tr>
    @endforeach
</table>

<p class="caution">A short across a battery welds tools: rings off, insulated spanners, one terminal at a time. Unplug the charger from the wall before you touch a post.
    Petrol or battery gas: ventilate, no flame. Mains inlets and charger plugs are for a licensed electrician where the local code asks for one. Local codes and the makers' instructions come first.</p>
</body>
</html>
