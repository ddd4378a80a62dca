<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** A thing on the shelf as a person fills it in. */
final class StockItemRequest extends FormRequest
{
    public function authorize(): Response
    {
        $user = $this->user();

        return Gate::inspect('keepStock', $user instanceof User ? $user->shop : null);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            ...($this->isMethod('POST') ? ['name' => ['required', 'string', 'max:150'], 'unit' => ['required', 'string', 'in:pcs,m']] : ['version' => ['required', 'integer', 'min:1']]),
            'on_hand' => ['sometimes', 'prohibited_if:unit,m', 'integer', 'min:0', 'max:100000'],
            'price' => ['sometimes', 'nullable', 'numeric', 'min:0', 'max:1000000'],
            'priced_on' => ['sometimes', 'nullable', 'date_format:Y-m-d'],
            'delivery_days' => ['sometimes', 'nullable', 'integer', 'min:0', 'max:365'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Name: give it one of at most 150 letters, as kits name it.',
            'unit.*' => 'Counted by: choose pieces or metres.',
            'version.*' => 'Say which version of it was changed.',
            'on_hand.prohibited_if' => 'Count: a wire is counted by its lengths.',
            'on_hand.*' => 'Count: type a whole number from 0 to 100000.',
            'price.*' => 'Price: type a number from 0 on, or leave it empty.',
            'priced_on.*' => 'Day of the price: type it as 2026-03-14.',
            'delivery_days.*' => 'Delivery: type days from 0 to 365, or leave it empty.',
        ];
    }

    /** @return array<string, mixed> those that were said; a new price is of today unless its day is said */
    public function figures(): array
    {
        $said = $this->safe(['on_hand', 'price', 'priced_on', 'delivery_days']);

        return isset($said['price']) && ! isset($said['priced_on']) ? [...$said, 'priced_on' => today()->toDateString()] : $said;
    }
}
