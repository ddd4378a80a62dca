@php
    use Dinghy\Quantity\QuantityFormatter;
    $percent = fn (?float $share): string => $share === null ? '–' : QuantityFormatter::trim(100 * $share, 0).' %';
    $clock = fn (?float $minutes): string => $minutes === null ? 'never' : $words->clock($plan->tripStart + $minutes);
    $days = fn (?float $value): string => $value === null ? '–' : ($value > 999 ? 'years' : floor($value).' days');
@endphp
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Day: {{ $job->boat->name }}</title>
    <style>
        @include('sheet-style')
        .says { font-size: 1.35em; font-weight: bold; margin: 0.5em 0; }
    </style>
</head>
<body>
<table class="head"><tr>
    <td><h1>{{ $job->boat->name }}, a day on the water</h1><p>{{ $job->boat->customer->name }} · {{ $job->title }}</p></td>
    <td class="right"><p>Work order {{ $job->id }}, plan version {{ $version->number }} ({{ substr($version->hash, 0, 8) }})</p>
        <p>Printed {{ now()->format('Y-m-d H:i') }}</p></td>
</tr></table>
<p class="says">{{ $says }}</p>
@foreach ($findings as $finding)
    <p><b>{{ ucfirst($finding->level->value === 'warn' ? 'decide' : $finding->level->value) }}.</b> {{ $finding->says }} {{ $finding->remedy }}</p>
@endforeach
<p><img src="{{ $strip }}" style="width: 184mm"></p>

<h2>Batteries</h2>
<table>
    <tr><th>Battery</th><th>Morning</th><th>Evening</th><th>Floor</th><th>Down to it</th><th>Ah out</th><th>Ah in</th><th>Least volts</th></tr>
    @foreach ($day->batteries as $battery)
        <tr><td>{{ ucfirst($boat->called($battery->battery)) }}</td><td>{{ $percent($battery->start) }}</td><td>{{ $percent($battery->charge) }}</td><td>{{ $percent($plan->houseRules->floorOf($battery->battery->chemistry)) }}</td>
            <td>{{ $clock($battery->toFloor) }}</td><td>{{ QuantityFormatter::trim($battery->ahOut, 1) }}</td><td>{{ QuantityFormatter::trim($battery->ahIn, 1) }}</td><td>{{ $battery->leastVolts === null ? '–' : $words->volts($battery->leastVolts) }}</td></tr>
    @endforeach
</table>

<h2>Devices</h2>
<table>
    <tr><th>Device</th><th>Ah</th><th>Wh</th><th>Least volts</th><th>Works from</th><th>Gives out</th></tr>
    @foreach ($day->devices as $use)
        <tr><td>{{ $use->device->label() }}</td><td>{{ QuantityFormatter::trim($use->ah, 1) }}</td><td>{{ QuantityFormatter::trim($use->wh, 0) }}</td><td>{{ $use->leastVolts === null ? 'not on' : $words->volts($use->leastVolts) }}</td><td>{{ $words->volts($use->device->minVolts) }}</td><td>{{ $clock($use->outAt) }}</td></tr>
    @endforeach
</table>

<h2>The night after it</h2>
<table>
    <tr><th>Battery</th><th>Bulk</th><th>Absorption</th><th>Full after</th><th>In the morning</th><th>Held at</th><th>Charger</th></tr>
    @foreach ($night?->batteries ?? [] as $one)
        <tr><td>{{ ucfirst($boat->called($one->battery)) }}</td>
            @if ($one->isNot === null)
                <td>{{ $words->hours($one->bulk) }}</td><td>{{ $words->hours($one->absorption) }}</td><td>{{ $one->fullAfter === null ? 'never' : $words->hours($one->fullAfter) }}</td>
            @else
                <td colspan="3">not charged: {{ $one->isNot->says() }}</td>
            @endif
            <td>{{ $percent($one->morning) }}</td><td>{{ $one->isNot === null ? $words->volts($one->floatVolts()) : '–' }}</td><td>{{ $one->charger?->label() ?? '–' }}</td></tr>
    @endforeach
</table>
<p>The night has {{ $words->hours($plan->houseRules->nightHours) }}. Lead is called full with 1 % missing; the last fifth cannot be hurried.</p>

<h2>Monitors are told</h2>
<table>
    <tr><th>Bank</th><th>Capacity</th><th>Charged: volts</th><th>and current below</th><th>Peukert</th><th>Charge kept</th><th>Alarm at</th></tr>
    @foreach ($monitors as [$bank, $setup])
        <tr><td>{{ ucfirst($bank->label()) }}</td><td>{{ QuantityFormatter::trim($setup->capacity, 0) }} Ah</td><td>{{ $setup->charged === null ? 'its maker knows' : $words->volts($setup->charged) }}</td><td>{{ $words->amps($setup->tail) }}</td>
            <td>{{ $setup->peukert ?? 'its maker knows' }}</td><td>{{ $percent($setup->efficiency) }}</td><td>{{ $percent($setup->alarm) }}</td></tr>
    @endforeach
</table>

<h2>Laid up, full when left</h2>
<table>
    <tr><th>Bank</th><th>What stays on</th><th>Charge again within, between trips</th><th>In winter at {{ QuantityFormatter::trim($plan->houseRules->winterCelsius, 0) }} °C</th><th>Switched off, in winter</th></tr>
    @foreach ($layUp->betweenTrips as $id => $lies)
        <tr><td>{{ ucfirst($lies->bank->label()) }}</td><td>{{ implode(', ', array_map(fn ($drain) => $drain->name.' '.$words->amps($drain->amps), $lies->drains)) ?: 'nothing' }}</td>
            <td>{{ $days($lies->daysToFloor()) }}</td><td>{{ $days($layUp->winter[$id]->daysToFloor()) }}</td><td>{{ $days($layUp->winter[$id]->daysToFloorSwitchedOff()) }}</td></tr>
    @endforeach
</table>

<div class="caution">
    A plan, not a promise: wind, cold and the age of batteries take more than any law says. Keep the way home in them. Leads on the batteries first, the mains plug last; in the morning the plug first, a dry socket behind a residual-current
    device. Lead gives off hydrogen at the end of its charge: locker open, no flame. LiFePO4 takes no charge below 0 °C. Mains wiring is a licensed electrician's, by the rules of the place.
</div>
</body>
</html>
