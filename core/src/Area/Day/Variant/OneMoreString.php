<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Variant;

use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Proposal\AddString;
use Dinghy\Proposal\OtherBatteries;
use Dinghy\Proposal\ProposalRefused;

/** One more of the same in parallel on each bank that does not bear the day. */
final class OneMoreString
{
    private const NAME = 'one-more';

    /** What a block has that another of its make has not, its place before all: nobody has said where the new ones stand. */
    private const ITS_OWN = ['id', 'name', 'station', 'lies', 'tray_mm', 'restrained', 'booted', 'petrol_fitting_m', 'petrol_shield'];

    public static function of(Trial $trial): DayVariant
    {
        [$patches, $says] = [[], []];
        foreach ($trial->failing as $bank) {
            try {
                $patches[] = AddString::to($trial->boat->plan, $bank->id, self::block($trial, $bank), $bank->batteries()[0]->station);
            } catch (ProposalRefused $e) {
                return DayVariant::none(self::NAME, 'One more of the same', $e->getMessage());
            }
            $says[] = (count($bank->strings[0]) === 1 ? 'one more battery' : count($bank->strings[0]).' more batteries, as a string,')." in {$bank->label()}";
        }
        $patch = Patch::all($patches);
        $name = ucfirst(implode(' and ', $says));

        return ($patch !== null && $trial->roughly($patch)?->holds() === true ? $trial->finished(self::NAME, $name, $patch) : null) ?? DayVariant::none(self::NAME, $name, 'It is not enough.');
    }

    private static function block(Trial $trial, Bank $bank): \stdClass
    {
        $first = $bank->batteries()[0];

        $figures = $trial->stock->same($first) ?? $trial->document->partsOf('battery')[$first->id];

        return OtherBatteries::fresh((object) array_diff_key(get_object_vars($figures), array_flip(self::ITS_OWN)));
    }
}
