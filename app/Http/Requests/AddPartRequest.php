<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Areas\Contract\Addition;
use App\Areas\Contract\AreaList;
use App\Areas\Contract\NewPart;
use App\Models\CataloguePart;
use App\Models\User;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ValidatedInput;

/** A part of the catalogue, where it goes, and what its kind asks beside. */
final class AddPartRequest extends FormRequest
{
    private ?CataloguePart $found = null;

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
            ...$this->addition()->rules ?? [],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['part.required' => 'Choose a part of the catalogue.', ...$this->addition()->messages ?? []];
    }

    /** @return \Closure(Plan, PlanDocument): Patch */
    public function proposal(): \Closure
    {
        $part = $this->part() ?? abort(404, 'Your catalogue has no such part.');
        $addition = $this->addition() ?? throw new \LogicException("A kind of part that is not known passed the catalogue: {$part->kind}.");

        return ($addition->make)(new NewPart(
            $part, $this->who()->shop,
            $this->filled('name') ? $this->string('name')->trim()->value() : null,
            $this->filled('station') ? $this->string('station')->value() : null,
            new ValidatedInput((array) $this->validated()),
        ));
    }

    private function addition(): ?Addition
    {
        return resolve(AreaList::class)->additions()[$this->part()->kind ?? ''] ?? null;
    }

    private function part(): ?CataloguePart
    {
        return $this->found ??= $this->who()->shop->catalogue()->find($this->integer('part'));
    }

    private function who(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : abort(401);
    }
}
