<?php

declare(strict_types=1);

namespace App\Areas\Power;

use App\Areas\Contract\Proposal;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Post;
use Dinghy\Proposal\AddBank;
use Dinghy\Proposal\Jumpers;
use Dinghy\Proposal\Rearrange;
use Dinghy\Proposal\SplitFeed;
use Dinghy\Proposal\TurnBlocks;
use Illuminate\Support\ValidatedInput;

/** A bank or a feed that is there, rearranged. */
final class PowerProposals
{
    private const NO_BANK = 'Say which bank.';

    private const A_BANK = ['required', 'string', 'max:40'];

    private const A_POST = ['required', 'string', 'max:41', 'regex:/^[A-Za-z0-9][A-Za-z0-9_.-]*[+-]$/D'];

    private const NO_POST = 'Say which post, as "b1+".';

    /** @return array<string, Proposal> by name */
    public static function all(): array
    {
        return [
            'turn' => new Proposal(
                ['bank' => self::A_BANK],
                ['bank.*' => self::NO_BANK],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan): Patch => TurnBlocks::of(
                    $plan,
                    $said->string('bank')->value(),
                )),
            'strings' => new Proposal(
                ['bank' => self::A_BANK, 'series' => ['required', 'integer', 'min:1', 'max:'.AddBank::MOST_BLOCKS]],
                ['bank.*' => self::NO_BANK, 'series.*' => 'Blocks in series: type a number from 1 to '.AddBank::MOST_BLOCKS.'.'],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan): Patch => Rearrange::bank(
                    $plan,
                    $said->string('bank')->value(),
                    $said->integer('series'),
                )),
            'split' => new Proposal(
                [
                    'feed' => ['required', 'string', 'max:40'],
                    'branches' => ['required', 'array', 'min:1', 'max:48'],
                    'branches.*' => ['string', 'max:40'],
                ],
                [
                    'feed.*' => 'Say which feed is split.',
                    'branches.*' => 'Choose the branches that move to the new feed.',
                ],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan, PlanDocument $document): Patch => SplitFeed::of($plan, $document, $said->string('feed')->value(),
                    array_values(array_filter((array) $said->input('branches'), is_string(...))))),
            'join' => new Proposal(
                ['bank' => self::A_BANK, 'from' => self::A_POST, 'to' => self::A_POST],
                ['bank.*' => self::NO_BANK, 'from.*' => self::NO_POST, 'to.*' => self::NO_POST],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan, PlanDocument $document): Patch => Jumpers::join(
                    $plan,
                    $document,
                    $said->string('bank')->value(),
                    self::post($said, 'from'),
                    self::post($said, 'to'),
                )),
            'land' => new Proposal(
                [
                    'bank' => self::A_BANK,
                    'wire' => ['required', 'string', 'max:90'],
                    'end' => ['required', 'in:from,to'],
                    'post' => self::A_POST,
                ],
                [
                    'bank.*' => self::NO_BANK,
                    'wire.*' => 'Say which jumper.',
                    'end.*' => 'Say which end of it: from or to.',
                    'post.*' => self::NO_POST,
                ],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan, PlanDocument $document): Patch => Jumpers::land(
                    $plan,
                    $document,
                    $said->string('bank')->value(),
                    $said->string('wire')->value(),
                    $said->string('end')->value() === 'from',
                    self::post($said, 'post'),
                )),
            'take-off' => new Proposal(
                ['bank' => self::A_BANK, 'wire' => ['required', 'string', 'max:90']],
                ['bank.*' => self::NO_BANK, 'wire.*' => 'Say which jumper.'],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan, PlanDocument $document): Patch => Jumpers::takeOff(
                    $plan,
                    $document,
                    $said->string('bank')->value(),
                    $said->string('wire')->value(),
                )),
            'lead' => new Proposal(
                [
                    'feed' => ['required', 'string', 'max:40'],
                    'side' => ['required', 'in:plus,minus'],
                    'post' => self::A_POST,
                ],
                [
                    'feed.*' => 'Say which feed.',
                    'side.*' => 'Say which lead of it: plus or minus.',
                    'post.*' => self::NO_POST,
                ],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan): Patch => Jumpers::lead(
                    $plan,
                    $said->string('feed')->value(),
                    $said->string('side')->value() === 'plus',
                    self::post($said, 'post'),
                )),
        ];
    }

    private static function post(ValidatedInput $said, string $key): Post
    {
        return Post::named($said->string($key)->value());
    }
}
