<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddBank;
use Dinghy\Proposal\AddBlock;
use Dinghy\Proposal\AddCharger;
use Dinghy\Proposal\AddDevice;
use Dinghy\Proposal\CircuitOffers;
use Dinghy\Proposal\CircuitRequirements;
use Dinghy\Proposal\FitOnRun;
use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** A part of the catalogue, where it goes, and what it hangs on. */
final class AddPartRequest extends FormRequest
{
    public function authorize(): Response
    {
        return Gate::inspect('changePlan', $this->route('job'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'part' => ['required', 'integer', 'min:1'],
            'name' => ['nullable', 'string', 'max:60'],
            'station' => ['nullable', 'string', 'max:40'],
            'bank' => ['nullable', 'string', 'max:40'],
            'run' => ['nullable', 'string', 'max:40'],
            'on' => ['nullable', 'string', 'max:80'],
            'cranking_a' => ['nullable', 'numeric', 'min:1', 'max:2000'],
            'series' => ['sometimes', 'integer', 'min:1', 'max:'.AddBank::MOST_BLOCKS],
            'parallel' => ['sometimes', 'integer', 'min:1', 'max:'.AddBank::MOST_BLOCKS],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'part.required' => 'Choose a part of the catalogue.',
            'cranking_a.*' => 'Cranking amps: type a number from 1 to 2000, or leave it empty where it starts no engine.',
            'series.*' => 'Blocks in series: type a number from 1 to '.AddBank::MOST_BLOCKS.'.',
            'parallel.*' => 'Strings in parallel: type a number from 1 to '.AddBank::MOST_BLOCKS.'.',
        ];
    }

    /** @return \Closure(Plan, PlanDocument): Patch */
    public function proposal(User $user): \Closure
    {
        $part = $user->shop->catalogue()->find($this->integer('part')) ?? abort(404, 'Your catalogue has no such part.');
        $figures = $part->asPlanned();
        if (in_array($part->kind, ['battery', 'device'], true)) {
            $figures->part = $part->name;
        }
        $station = $this->filled('station') ? $this->string('station')->value() : null;
        $name = $this->filled('name') ? $this->string('name')->trim()->value() : $part->name;
        $bank = $this->string('bank')->value();
        $run = $this->string('run')->value();

        return match ($part->kind) {
            'battery' => fn (Plan $plan): Patch => AddBank::to($plan, $figures, $this->filled('name') ? $name : ($this->integer('series', 1) > 1 ? 'thrust' : 'house'), $this->integer('series', 1), $this->integer('parallel', 1), $station, now()->format('Y-m'), $this->filled('cranking_a') ? $this->float('cranking_a') : null),
            'block' => static fn (Plan $plan): Patch => AddBlock::to($plan, $name, (int) ($figures->circuits ?? 6), $bank, $station, $part->name, is_numeric($figures->rating_a ?? null) ? (float) $figures->rating_a : null),
            'charger' => static fn (Plan $plan): Patch => AddCharger::to($plan, $name, (int) ($figures->outputs ?? 1), (float) ($figures->amps ?? 10), (bool) ($figures->isolated ?? false), $bank, $part->name),
            'device' => fn (Plan $plan): Patch => AddDevice::to($plan, (object) ['name' => $name, ...get_object_vars($figures)], $station, $this->filled('on')
                ? CircuitOffers::named($plan, CircuitRequirements::by($figures), $station, $user->shop->blockSizes(), $this->string('on')->value()) : null),
            'wire' => static fn (Plan $plan): Patch => FitOnRun::wire($plan, $figures, $run),
            'protection' => static fn (Plan $plan): Patch => FitOnRun::protection($plan, $figures, $run),
            'connector' => static fn (Plan $plan, PlanDocument $document): Patch => FitOnRun::connector($plan, $document, $figures, $part->name, $run),
            default => throw new \LogicException("A kind of part that is not known passed the catalogue: {$part->kind}."),
        };
    }
}
