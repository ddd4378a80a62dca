<?php

declare(strict_types=1);

namespace App\Areas\Power;

use App\Areas\Contract\Proposal;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\Rearrange;
use Dinghy\Proposal\SplitFeed;
use Dinghy\Proposal\TurnBlocks;
use Illuminate\Support\ValidatedInput;

/** A bank or a feed that is there, rearranged. */
final class PowerProposals
{
    private const NO_BANK = 'Say which bank.';

    /** @return array<string, Proposal> by name */
    public static function all(): array
    {
        return [
            'turn' => new Proposal(
                ['bank' => ['required', 'string', 'max:40']],
                ['bank.*' => self::NO_BANK],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan): Patch => TurnBlocks::of($plan, $said->string('bank')->value())),
            'strings' => new Proposal(
                ['bank' => ['required', 'string', 'max:40'], 'series' => ['required', 'integer', 'min:1', 'max:16']],
                ['bank.*' => self::NO_BANK, 'series.*' => 'Blocks in series: type a number from 1 to 16.'],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan): Patch => Rearrange::bank($plan, $said->string('bank')->value(), $said->integer('series'))),
            'split' => new Proposal(
                ['feed' => ['required', 'string', 'max:40'], 'branches' => ['required', 'array', 'min:1', 'max:48'], 'branches.*' => ['string', 'max:40']],
                ['feed.*' => 'Say which feed is split.', 'branches.*' => 'Choose the branches that move to the new feed.'],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan, PlanDocument $document): Patch => SplitFeed::of($plan, $document, $said->string('feed')->value(),
                    array_values(array_filter((array) $said->input('branches'), is_string(...))))),
        ];
    }
}
