<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Dinghy\File\TypedQuantity;
use Dinghy\Quantity\Units;
use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

final class ReadingRequest extends FormRequest
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
            'volts' => ['required', 'string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['volts.required' => 'Reading is missing. Type the volts the meter shows.'];
    }

    /** @throws \Dinghy\File\QuantityRefused */
    public function volts(): float
    {
        return (float) TypedQuantity::read('measured_v', $this->string('volts')->value(), Units::Metric);
    }
}
