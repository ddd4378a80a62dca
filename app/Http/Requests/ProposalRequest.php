<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Geometry\Spot;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddToBoat;
use Dinghy\Proposal\MoveOnPlan;
use Dinghy\Proposal\Rearrange;
use Dinghy\Proposal\SplitFeed;
use Dinghy\Proposal\TurnBlocks;
use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** Which rearrangement: blocks turned, a bank in other strings, a feed split; on the boat plan something new or moved. */
final class ProposalRequest extends FormRequest
{
    public function authorize(): Response
    {
        return Gate::inspect('changePlan', $this->route('job'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'make' => ['required', 'string', 'in:turn,strings,split,station,way,move,bends,drawn,part,point'],
            'bank' => ['required_if:make,turn,strings', 'string', 'max:40'],
            'series' => ['required_if:make,strings', 'integer', 'min:1', 'max:16'],
            'feed' => ['required_if:make,split', 'string', 'max:40'],
            'branches' => ['required_if:make,split', 'array', 'min:1', 'max:48'],
            'branches.*' => ['string', 'max:40'],
            'name' => ['required_if:make,station,part,point', 'string', 'min:1', 'max:60'],
            'kind' => ['required_if:make,way,part', 'string', 'max:20'],
            'station' => ['required_if:make,move', 'string', 'max:40'],
            'way' => ['required_if:make,bends,drawn', 'string', 'max:40'],
            'from' => ['required_if:make,way', 'string', 'max:40'],
            'to' => ['required_if:make,way', 'string', 'max:40'],
            'at' => ['required_if:make,move', 'array:x_m,y_m'],
            'at.x_m' => ['required_with:at', 'numeric', 'between:-5,35'],
            'at.y_m' => ['required_with:at', 'numeric', 'between:-10,10'],
            'bends' => ['present_if:make,bends', 'array', 'max:20'],
            'bends.*.x_m' => ['required', 'numeric', 'between:-5,35'],
            'bends.*.y_m' => ['required', 'numeric', 'between:-10,10'],
            'part' => ['required_if:make,part', 'array'],
            'check' => ['required_if:make,point', 'string', 'max:40'],
            'text' => ['required_if:make,point', 'string', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'make.*' => 'Say what is to be made: turn, strings, split, station, way, move, bends, drawn, part or point.',
            'bank.*' => 'Say which bank.',
            'series.*' => 'Blocks in series: type a number from 1 to 16.',
            'feed.*' => 'Say which feed is split.',
            'branches.*' => 'Choose the branches that move to the new feed.',
            'name.*' => 'Give it a name of at most 60 characters.',
            'kind.*' => 'Say of which kind it is.',
            'station.*' => 'Say which station is moved.',
            'way.*' => 'Say which way.',
            'from.*' => 'Say at which station the way begins.',
            'to.*' => 'Say at which station the way ends.',
            'at.*' => 'Say where: metres forward of the transom, from -5 to 35, and to port of the middle, from -10 to 10.',
            'bends.*' => 'Each bend is metres forward of the transom, from -5 to 35, and to port of the middle, from -10 to 10; at most 20.',
            'check.*' => 'Say which path check.',
            'text.*' => 'Type the volts that were read there, as 12.4 V.',
            'part.*' => 'Say what the part is, as the plan file has it.',
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
            'station' => fn (Plan $plan): Patch => AddToBoat::station($plan, $this->string('name')->value(), $this->has('at') ? $this->spot('at') : null, $this->filled('kind') ? $this->string('kind')->value() : null),
            'way' => fn (Plan $plan): Patch => AddToBoat::way($plan, $this->string('from')->value(), $this->string('to')->value(), $this->string('kind')->value()),
            'move' => fn (Plan $plan, PlanDocument $document): Patch => MoveOnPlan::station($plan, $document, $this->string('station')->value(), $this->spot('at')),
            'bends' => fn (Plan $plan, PlanDocument $document): Patch => MoveOnPlan::bends($plan, $document, $this->string('way')->value(), array_map(fn (int $bend): Spot => $this->spot("bends.{$bend}"), array_keys(array_values((array) $this->input('bends'))))),
            'drawn' => fn (Plan $plan, PlanDocument $document): Patch => MoveOnPlan::followDrawing($plan, $document, $this->string('way')->value()),
            'part' => fn (Plan $plan, PlanDocument $document): Patch => AddToBoat::part($plan, $document->format->kinds, $this->string('kind')->value(), $this->string('name')->value(), $this->part()),
            'point' => fn (Plan $plan): Patch => AddToBoat::point($plan, $this->string('check')->value(), $this->string('name')->value(), $this->string('text')->value()),
            default => fn (Plan $plan, PlanDocument $document): Patch => SplitFeed::of($plan, $document, $this->string('feed')->value(), $branches),
        };
    }

    private function spot(string $key): Spot
    {
        return new Spot($this->float("{$key}.x_m"), $this->float("{$key}.y_m"));
    }

    /** From the body itself: the framework's array would make {} and [] the same. */
    private function part(): \stdClass
    {
        $body = json_decode($this->getContent(), false, 32);
        $part = $body instanceof \stdClass ? $body->part ?? null : null;

        return $part instanceof \stdClass ? $part : new \stdClass;
    }
}
