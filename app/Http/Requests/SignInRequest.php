<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            // Plain letters alone: an address that only looks like another is another.
            'email' => ['required', 'string', 'email', 'max:190', 'regex:/^[\x21-\x7e]+$/'],
            'password' => ['required', 'string', 'max:200'],
        ];
    }

    /** As addresses are kept. */
    public function email(): string
    {
        return strtolower($this->string('email')->value());
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email.required' => 'E-mail is missing. Type the address your shop registered.',
            'email.regex' => 'E-mail is written in plain letters, without accents. Type it as name@place.',
            'email.email' => 'E-mail does not read as an address. Type it as name@place.',
            'password.required' => 'Password is missing.',
        ];
    }
}
