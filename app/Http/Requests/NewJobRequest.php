<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class NewJobRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'customer' => ['required', 'string', 'max:120'],
            'title' => ['required', 'string', 'max:200'],
            'promised_on' => ['nullable', 'date_format:Y-m-d'],
            'plan' => ['required', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'customer.required' => 'Customer is missing. Type whose boat it is.',
            'title.required' => 'Title is missing. Type what is to be done.',
            'plan.required' => 'The plan is missing. Choose a plan file.',
        ];
    }
}
