<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\AskedUnits;
use Dinghy\Evaluation\Areas;
use Dinghy\File\Patch;
use Dinghy\Quantity\Units;
use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/**
 * A change to a plan: a patch in the file's units, or what a person typed into one field, or into several that only
 * stand together.
 */
final class EditPlanRequest extends FormRequest
{
    /**
     * A run is measured along its route, or as long as somebody typed: the one takes the place of the other. An emptied
     * length is measured along the ways again.
     */
    private const INSTEAD_OF = ['run.length_m' => 'run.route', 'run.route' => 'run.length_m'];

    public function authorize(): Response
    {
        return Gate::inspect('changePlan', $this->route('job'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'base' => ['required', 'integer', 'min:1'],
            'own' => ['sometimes', 'array', 'max:200'],
            'own.*' => ['integer', 'min:1'],
            'units' => ['sometimes', 'string', 'in:imperial,metric'],
            'patch' => ['required_without:typed', 'prohibits:typed', 'array', 'min:1'],
            'reason' => ['sometimes', 'nullable', 'string', 'max:300'],
            'typed' => ['required_without:patch', 'array'],
            'typed.on' => ['required_with:typed', 'string', 'max:80'],
            'typed.field' => ['required_without_all:patch,typed.fields', 'string', 'max:120'],
            'typed.text' => ['exclude_with:typed.value', 'present_with:typed.field', 'nullable', 'string', 'max:100'],
            'typed.shown' => ['sometimes', 'nullable', 'string', 'max:100'],
            'typed.fields.*.shown' => ['sometimes', 'nullable', 'string', 'max:100'],
            'typed.fields' => ['sometimes', 'array', 'min:1', 'max:20'],
            'typed.fields.*.field' => ['required', 'string', 'max:120'],
            'typed.fields.*.text' => ['present', 'nullable', 'string', 'max:100'],
        ];
    }

    public function base(): int
    {
        return $this->integer('base');
    }

    /**
     * @return list<int> versions since the base that the sender made, one change after another, without waiting for answers
     */
    public function own(): array
    {
        $own = $this->input('own');

        return array_map(intval(...), array_values(array_filter(is_array($own) ? $own : [], is_numeric(...))));
    }

    public function reason(): ?string
    {
        return $this->filled('reason') ? $this->string('reason')->trim()->value() : null;
    }

    public function units(): Units
    {
        return AskedUnits::of($this) ?? Units::Metric;
    }

    /** @throws \Dinghy\File\PatchRefused|\Dinghy\File\QuantityRefused */
    public function patch(): Patch
    {
        if ($this->has('patch')) {
            // From the body itself: the framework's array would make {} and [] the same.
            $body = json_decode($this->getContent(), false, 32, JSON_THROW_ON_ERROR);

            return resolve(Areas::class)->format->patch($body instanceof \stdClass ? $body->patch ?? null : null);
        }
        if ($this->has('typed.fields')) {
            return $this->severalTyped();
        }
        $field = $this->string('typed.field')->value();

        return resolve(Areas::class)->format->patch([[
            'on' => $this->string('typed.on')->value(),
            'set' => [
                $field => $this->has('typed.value') ? $this->whole($field) : $this->read($field, 'typed'),
                ...(isset(self::INSTEAD_OF[$field]) ? [self::INSTEAD_OF[$field] => null] : []),
            ],
        ]]);
    }

    /** A text of one field, beside what stood there. */
    private function read(string $field, string $said): mixed
    {
        return resolve(Areas::class)->format->typed(
            $this->string('typed.on')->value(),
            $field,
            $this->string("{$said}.text")->value(),
            $this->units(),
            $this->string("{$said}.shown")->value(),
        );
    }

    /** What goes into a field whole: an object or a list, with texts where quantities were typed. */
    private function whole(string $field): mixed
    {
        // From the body itself: the framework's array would make {} and [] the same.
        $body = json_decode($this->getContent(), false, 32, JSON_THROW_ON_ERROR);
        $typed = $body instanceof \stdClass ? $body->typed ?? null : null;

        return resolve(Areas::class)->format->typed(
            $this->string('typed.on')->value(),
            $field,
            $typed instanceof \stdClass ? $typed->value ?? null : null,
            $this->units(),
        );
    }

    /** Fields left empty are not given. */
    private function severalTyped(): Patch
    {
        $set = [];
        foreach (array_keys((array) $this->input('typed.fields')) as $at) {
            $field = $this->string("typed.fields.{$at}.field")->value();
            $value = $this->read($field, "typed.fields.{$at}");
            if ($value !== null) {
                $set[$field] = $value;
            }
        }

        return resolve(Areas::class)->format->patch([['on' => $this->string('typed.on')->value(), 'set' => $set]]);
    }
}
