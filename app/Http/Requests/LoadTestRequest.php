<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** Volts along a way while a load drew, as somebody read them. */
final class LoadTestRequest extends FormRequest
{
    public function authorize(): Response
    {
        return Gate::inspect('recordReading', $this->route('job'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'on' => ['required', 'string', 'max:100'],
            'taken_on' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'load' => ['required', 'string', 'max:60'],
            'amps' => ['required', 'numeric', 'between:0.05,500'],
            'celsius' => ['required', 'numeric', 'between:-40,90'],
            'meter' => ['required', 'string', 'max:60'],
            'volts' => ['required', 'array', 'min:2', 'max:20'],
            'volts.*' => ['numeric', 'between:0,75'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'on.*' => 'Not kept: say which way was tested.',
            'taken_on.*' => 'Day: type it as 2026-11-29.',
            'load.*' => 'Load: say what drew, in at most 60 letters.',
            'amps.*' => 'Amps: type what it drew, from 0.05 to 500.',
            'celsius.*' => 'Temperature of the copper: type it in °C, from −40 to 90.',
            'meter.*' => 'Meter: say which one it was, in at most 60 letters.',
            ...array_fill_keys(['volts.required', 'volts.array', 'volts.min', 'volts.max'], 'Volts: at two points of the way at least.'),
            'volts.*' => 'Volts: each a number from 0 to 75.',
        ];
    }

    /** @return array<string, float> by the id of the point */
    public function volts(): array
    {
        $volts = [];
        foreach ((array) $this->validated('volts') as $point => $value) {
            $volts[(string) $point] = is_numeric($value) ? (float) $value : 0.0;
        }

        return $volts;
    }
}
