<?php

declare(strict_types=1);

namespace App\Areas\Sonar;

use App\Areas\Contract\Proposal;
use App\Instruments\Address;
use App\Instruments\Board;
use App\Models\User;
use Dinghy\Area\Sonar\Proposal\KeepTrial;
use Dinghy\Area\Sonar\Proposal\SettleGround;
use Dinghy\File\Patch;
use Dinghy\File\TypedQuantity;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Quantity\Units;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\ValidatedInput;

/** What was found out with the power on, kept with the boat. */
final class SonarProposals
{
    /** @return array<string, Proposal> by name */
    public static function all(): array
    {
        return [
            'trial' => new Proposal([
                'instrument' => ['required', 'string', 'max:200'],
                'sounded' => ['nullable', 'string', 'max:40'],
                'units' => ['sometimes', 'string', 'in:imperial,metric'],
            ], ['instrument.*' => 'Say which instrument was listened to.'], self::trial(...)),
            'ground' => new Proposal([
                'device' => ['required', 'string', 'max:40'],
                'bank' => ['present', 'nullable', 'string', 'max:40'],
                'why' => ['present', 'nullable', 'string', 'max:300'],
            ], [
                'device.*' => 'Say which box it is about.',
                'bank.*' => 'Say to the minus of which bank the ground leads, or that there is none.',
                'why.*' => 'Say why in at most 300 letters.',
            ], static fn (ValidatedInput $said): \Closure => static fn (Plan $plan): Patch => SettleGround::of(
                $plan,
                $said->string('device')->value(),
                $said->filled('bank') ? $said->string('bank')->value() : null,
                $said->string('why')->value(),
            )),
        ];
    }

    /** The last minute as the listener heard it, not as a page says it was. */
    private static function trial(ValidatedInput $said): \Closure
    {
        $sounded = $said->filled('sounded')
            ? TypedQuantity::read('sounded_m', $said->string('sounded')->value(), Units::tryFrom($said->string('units')->value()) ?? Units::Metric)
            : null;
        $user = Auth::user();
        $address = $user instanceof User ? Address::named($user->shop, $said->string('instrument')->value()) : null;
        $heard = $address === null ? null : resolve(Board::class)->told($address)['heard'] ?? null;
        if ($address === null || $heard === null) {
            throw ProposalRefused::because($address === null ? 'The settings of your shop have no such instrument.' : "Nothing is heard at {$address->label()}.");
        }

        return static fn (Plan $plan): Patch => KeepTrial::of(
            $plan,
            $address->name,
            now()->format('Y-m-d\TH:i:sP'),
            $heard->minute,
            array_column($heard->faults, 'says'),
            is_float($sounded) ? $sounded : null,
        );
    }
}
