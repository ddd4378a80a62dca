<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** What a meter showed at a point of a boat at rest, to be judged. */
final class RestReadingRequest extends FormRequest
{
    public function authorize(): Response
    {
        return Gate::inspect('recordReading', $this->route('job'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'meter_point' => ['required', 'string', 'max:100'],
            'value' => ['required', 'numeric', 'between:-1000000,1000000000'],
            'checked' => ['sometimes', 'boolean:strict'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'meter_point.*' => 'Say where it was read. Choose a point from the list.',
            'value.*' => 'Reading: type the volts that the meter shows.',
            'checked.*' => 'Say yes or no: was it looked at again?',
        ];
    }
}
