<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** What a meter showed at a step, to be judged. */
final class StepReadingsRequest extends FormRequest
{
    public function authorize(): Response
    {
        return Gate::inspect('recordWork', $this->route('job'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'step' => ['required', 'string', 'max:200'],
            'values' => ['required', 'list', 'max:3'],
            'values.*' => ['numeric', 'between:-1000000,1000000000'],
            'checked' => ['sometimes', 'boolean:strict'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'step.*' => 'Say which step the readings are of.',
            'values' => 'Type the readings: up to three numbers.',
            'values.*' => 'A reading is a number, up to three of them.',
            'checked.*' => 'Say yes or no: was it looked at again?',
        ];
    }

    /** @return list<float> */
    public function values(): array
    {
        $values = $this->validated('values');

        return array_map(static fn (mixed $one): float => is_numeric($one) ? (float) $one : 0.0, is_array($values) ? array_values($values) : []);
    }
}
