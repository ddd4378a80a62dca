@php
    use Dinghy\Rule\Level;
    use Dinghy\Wiring\RunKind;
    $plan = $evaluation->boat->plan;
    $word = fn (Level $level): string => match ($level) { Level::Stop => 'STOP', Level::Warn => 'DECIDE', Level::Note => 'NOTE' };
    // The plan's own colours; where it has none, those of common practice.
    $colour = fn ($run): string => ($run->circuit?->run->plusColour ?? 'red').' / '.($run->circuit?->run->minusColour ?? (($run->nominalVolts ?? 0) > 16 ? 'black' : 'black or yellow'));
    // What a run leads to: a device, a backbone, another block.
    $leadsTo = fn ($run): string => $run->circuit->device?->label() ?? $plan->blocks[$run->circuit->block]->label();
    $branches = collect($evaluation->boat->circuits())->filter(fn ($run): bool => $run->circuit->fromBlock !== null)->groupBy(fn ($run): string => $run->circuit->fromBlock);
    $sources = collect($evaluation->findings)->map(fn ($finding) => $finding->rule->source.' ('.$finding->rule->mark->label().')')
        ->prepend('ABYC E-11 sizing formula and ampacity (published, written down from memory)')->unique();
@endphp
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Work sheet: {{ $job->boat->name }}</title>
    <style>
        @page { margin: 11mm 12mm; }
        body { font-family: 'DejaVu Sans', sans-serif; font-size: {{ 8.2 * $scale }}pt; color: #000; margin: 0; }
        h1 { font-size: 1.8em; margin: 0; }
        h2 { font-size: 1.2em; margin: 0.7em 0 0.2em; border-bottom: 0.8pt solid #000; }
        p { margin: 0.1em 0; }
        table { width: 100%; border-collapse: collapse; }
        th, td { text-align: left; vertical-align: top; padding: 0.18em 0.5em 0.18em 0; border-bottom: 0.4pt solid #888; }
        th { font-weight: bold; }
        .head td { border: 0; }
        .right { text-align: right; }
        .box { border: 0.9pt solid #000; width: 5.4em; height: 1.3em; }
        .tree td { border: 0; padding: 0.07em 0.35em; }
        .line { border-bottom: 1.5pt solid #000; height: 0.5em; }
        .battery { border: 0.9pt solid #000; padding: 0.1em 0.5em; }
        .caution { border: 1.6pt solid #000; padding: 0.35em 0.7em; margin-top: 0.6em; }
        .finding { margin: 0.18em 0; }
        .small { font-size: 0.88em; }
        .figure { font-family: 'DejaVu Sans Mono', monospace; white-space: nowrap; font-size: 0.93em; }
    </style>
</head>
<body>
<table class="head"><tr>
    <td><h1>{{ $job->boat->name }}</h1><p>{{ $job->boat->customer->name }} · {{ $job->title }}</p></td>
    <td class="right"><p>Work order {{ $job->id }}, plan version {{ $version->number }} ({{ substr($version->hash, 0, 8) }})</p>
        <p>Plan of {{ $version->made_at->format('Y-m-d H:i') }}, printed {{ now()->format('Y-m-d H:i') }}</p>
        @if ($job->promised_on)<p>Promised {{ $job->promised_on->format('Y-m-d') }}</p>@endif</td>
</tr></table>
<p><b>{{ $verdict }}</b></p>

<h2>Power tree</h2>
<table class="tree">
    @foreach ($plan->feeds as $feed)
        @php($run = $evaluation->boat->runs[$feed->id])
        <tr>
            <td width="17%"><div class="battery">{{ ucfirst($feed->supply->bank->label()) }}, {{ $words->volts($feed->supply->nominalVolts()) }}<br>{{ $feed->supply->plus->name }} / {{ $feed->supply->minus->name }}</div></td>
            <td width="14%" class="figure">{{ $run->protection === [] ? 'NO FUSE' : '['.$words->amps($run->protection[0]->rating).']' }}</td>
            <td width="36%"><div>{{ $run->gauge }} · {{ $run->length === null ? '?' : $words->length($run->length) }} · {{ $words->amps($run->amps) }}</div><div class="line"></div></td>
            <td><div class="battery">{{ $leadsTo($run) }}</div></td>
        </tr>
        @foreach ($branches->get((string) $feed->block, []) as $inner)
            @include('work-sheet-branch')
        @endforeach
    @endforeach
    @foreach ($branches->except($plan->feeds === [] ? [] : collect($plan->feeds)->pluck('block')->filter()->all()) as $block => $those)
        <tr><td colspan="4"><div class="battery">{{ ucfirst($plan->blocks[$block]->label()) }}</div></td></tr>
        @foreach ($those as $inner)
            @include('work-sheet-branch')
        @endforeach
    @endforeach
</table>

<h2>Runs</h2>
<table>
    <tr><th>From – to</th><th>Length</th><th>Gauge</th><th>Colour + / −</th><th>Fuse or breaker</th><th>From source</th><th>Drop</th></tr>
    @foreach ($evaluation->boat->circuits() as $run)
        <tr>
            <td>{{ $run->circuit->label }}</td>
            <td class="figure">{{ $run->length === null ? '?' : $words->length($run->length) }}</td>
            <td class="figure">{{ $run->gauge }}@if ($run->gaugeChosen)*@endif {{ $run->gauge->metric ? '' : '('.number_format($run->gauge->areaMm2, 1).' mm²)' }}</td>
            <td>{{ $colour($run) }}</td>
            <td>{{ $run->protection === [] ? 'none' : $words->amps($run->protection[0]->rating).' '.$run->protection[0]->planned->family->label() }}@if ($run->protection !== [] && $run->protection[0]->chosen)*@endif</td>
            <td>{{ $run->kind === RunKind::Branch ? 'in the block' : ($run->protection === [] || $run->protection[0]->planned->fromSource === null ? '?' : $words->length($run->protection[0]->planned->fromSource)) }}</td>
            <td class="figure">{{ $run->drop === null ? '?' : $words->volts($run->drop).', '.$words->percent($run->dropPercent ?? 0) }}@if ($run->circuit->run->extraOhms > 0) (+{{ round(1000 * $run->circuit->run->extraOhms, 1) }} mΩ)@endif</td>
        </tr>
    @endforeach
</table>
<p class="small">* chosen by Dinghy. Length is one way, slack included; cut nothing until it has been pulled. Colours where the plan names none: common practice, no source.</p>

@if ($evaluation->findings !== [] || $evaluation->unchecked !== [])
<h2>Findings</h2>
@foreach ($evaluation->findings as $finding)
    @php($stands = $decided[$finding->occasion()] ?? null)
    <p class="finding"><b>{{ $stands === null ? $word($finding->level) : 'DECIDED' }}.</b> {{ $finding->says }}
        {{ $stands === null ? $finding->remedy : "Stays so: {$stands->reason} (".($stands->author?->name ?? 'somebody').', '.$stands->decided_at->toDateString().').' }}</p>
@endforeach
@foreach ($evaluation->unchecked as $unchecked)
    <p class="finding">Not checked, {{ $unchecked->on === 'plan' ? $job->boat->name : str_replace(':', ' ', $unchecked->on) }}: {{ \Dinghy\Rule\Question::of($unchecked, $evaluation->areas->format)->asks }}</p>
@endforeach
@endif

<div style="page-break-inside: avoid">
<h2>Readings at rest, before anything is plugged in</h2>
<table>
    <tr><th>Between</th><th>Red on</th><th>Black on</th><th>Expect</th><th>Right from – to</th><th>Measured, V</th></tr>
    @foreach ($evaluation->boat->figures(\Dinghy\Area\Power\Figure\PowerFigures::class)->meterPoints as $point)
        <tr>
            <td>{{ $point->label }}</td><td class="figure">{{ $point->plus }}</td><td class="figure">{{ $point->minus }}</td>
            <td class="figure"><b>{{ number_format($point->expect, 2) }} V</b></td>
            <td class="figure">{{ number_format($point->low, 2) }} – {{ number_format($point->high, 2) }}</td>
            <td><div class="box"></div></td>
        </tr>
    @endforeach
</table>
</div>

<div class="caution" style="page-break-inside: avoid">
    <p><b>Before you begin:</b> charger unplugged from the wall, breaker off or fuse pulled, the bank's load negative lifted first. Rings off, insulated spanner, one terminal at a time: a short across a battery welds tools.</p>
    <p><b>Petrol and battery gas:</b> ventilate; no flame or heat gun near petrol or an open battery box. <b>Connect:</b> charger leads, jumpers, positives, the load negative last. <b>Nothing is plugged in</b> until every reading above is right.</p>
    <p>Mains inlets and charger plugs: a licensed electrician where the local code asks for one, earth-fault protection always. Local codes and the makers' own instructions come before this sheet.</p>
</div>
@if ($withKit)
<h2 style="page-break-before: always">Cut list</h2>
<table>
    <tr><th>Wire</th><th>Cut</th><th>From</th><th>To</th><th>Ends</th></tr>
    @foreach ($cuts as $cut)
        @foreach ($cut->pieces as $piece)
            <tr>
                <td>{{ $piece->stock->label() }}</td>
                <td class="figure">{{ $piece->cut === null ? 'measure' : $words->length($piece->cut) }}{{ $piece->cutAfterPull ? ' †' : '' }}</td>
                <td>{{ $piece->circuit }}: {{ $piece->from->words }}</td>
                <td>{{ $piece->to->words }}</td>
                <td class="small">{{ collect($piece->madeEnds())->map(fn ($end) => $end->at->kind->value.($end->at->bore() === null ? '' : ' '.$end->at->bore()))->implode(', ') }}</td>
            </tr>
        @endforeach
    @endforeach
</table>
<p class="small">† cut only once it is pulled; mark both ends before. {{ collect($cuts)->map(fn ($cut) => $cut->stock->label().': '.collect($cut->spools())->map(fn ($spool) => ($spool === $cut->bought ? 'buy ' : 'from ').$words->length($spool->length))->implode(' and '))->implode('; ') }}.</p>
<h2>Kit list</h2>
<table>
    <tr><th>What</th><th>How much</th><th>What</th><th>How much</th></tr>
    @foreach (array_chunk($kit->lines, 2) as $pair)
        <tr>
            @foreach ($pair as $line)
                <td>{{ str_replace('mm2', 'mm²', $line->item) }}</td><td class="figure">{{ $line->unit === 'm' ? $words->length($line->quantity) : $line->quantity }}</td>
            @endforeach
        </tr>
    @endforeach
</table>
@endif
<p class="small"><b>Sources:</b> {{ $sources->implode('; ') }}. Contact and battery resistances are working estimates, common practice.</p>
</body>
</html>
