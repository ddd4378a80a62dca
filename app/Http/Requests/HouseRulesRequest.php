<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\AskedUnits;
use Dinghy\Quantity\Units;
use Illuminate\Foundation\Http\FormRequest;

/**
 * House rules to be tried or kept, by field: a choice, a list of choices, or a number as typed; null takes the default
 * again.
 */
final class HouseRulesRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'version' => ['sometimes', 'integer', 'min:1'],
            'units' => ['sometimes', 'string', 'in:imperial,metric'],
            'set' => ['required', 'array', 'min:1', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['set.*' => 'Change a rule first: "set" names the rules and what they become.'];
    }

    public function units(): Units
    {
        return AskedUnits::of($this) ?? Units::Metric;
    }

    /** @return array<string, mixed> */
    public function changed(): array
    {
        // Fields carry dots, which the framework would take for nesting.
        $set = $this->input('set');

        return is_array($set) ? $set : [];
    }
}
