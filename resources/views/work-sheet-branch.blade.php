<tr>
    <td></td>
    <td class="figure right">└ [{{ $inner->protection === [] ? '?' : $words->amps($inner->protection[0]->rating) }}]</td>
    <td><div>{{ $inner->gauge }} · {{ $inner->length === null ? '?' : $words->length($inner->length) }} · {{ $words->amps($inner->amps) }}</div><div class="line" style="border-width: 0.8pt"></div></td>
    <td><div class="battery">{{ $leadsTo($inner) }}</div></td>
</tr>
