<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Dinghy\Plan\Patch;
use Dinghy\Plan\Plan;
use Dinghy\Plan\PlanDocument;
use Dinghy\Proposal\Rearrange;
use Dinghy\Proposal\SplitFeed;
use Dinghy\Proposal\TurnBlocks;
use Illuminate\Foundation\Http\FormRequest;

/** Which rearrangement: blocks turned, a bank in other strings, a feed split. */
final class ProposalRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'make' => ['required', 'string', 'in:turn,strings,split'],
            'bank' => ['required_if:make,turn,strings', 'string', 'max:40'],
            'series' => ['required_if:make,strings', 'integer', 'min:1', 'max:16'],
            'feed' => ['required_if:make,split', 'string', 'max:40'],
            'branches' => ['required_if:make,split', 'array', 'min:1', 'max:48'],
            'branches.*' => ['string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'make.*' => 'Say what is to be made: turn, strings or split.',
            'bank.*' => 'Say which bank.',
            'series.*' => 'Blocks in series: type a number from 1 to 16.',
            'feed.*' => 'Say which feed is split.',
            'branches.*' => 'Choose the branches that move to the new feed.',
        ];
    }

    /** @return \Closure(Plan, PlanDocument): Patch */
    public function proposal(): \Closure
    {
        $bank = $this->string('bank')->value();
        $branches = array_values(array_filter((array) $this->input('branches'), is_string(...)));

        return match ($this->string('make')->value()) {
            'turn' => static fn (Plan $plan): Patch => TurnBlocks::of($plan, $bank),
            'strings' => fn (Plan $plan): Patch => Rearrange::bank($plan, $bank, $this->integer('series')),
            default => fn (Plan $plan, PlanDocument $document): Patch => SplitFeed::of($plan, $document, $this->string('feed')->value(), $branches),
        };
    }
}
