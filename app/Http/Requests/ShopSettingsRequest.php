<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Settings\InstrumentKind;
use App\Settings\ShopSettings;
use Dinghy\Quantity\Units;
use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

final class ShopSettingsRequest extends FormRequest
{
    public function authorize(): Response
    {
        $user = $this->user();

        return Gate::inspect('run', $user instanceof User ? $user->shop : null);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'settings' => ['required', 'array:units,currency,locale,date_form,tax_name,tax_pct,labels,instruments,test_loads'],
            'settings.units' => ['required', Rule::enum(Units::class)],
            'settings.currency' => ['required', 'string', 'regex:/^[A-Z]{3}$/D'],
            'settings.locale' => ['required', 'string', 'regex:/^[a-z]{2,3}(-[A-Z]{2})?$/D'],
            'settings.date_form' => ['required', Rule::in(ShopSettings::DATE_FORMS)],
            'settings.tax_name' => ['required', 'string', 'max:20'],
            'settings.tax_pct' => ['required', 'numeric', 'between:0,60'],
            'settings.labels' => ['present', 'array', 'max:12'],
            'settings.labels.*' => ['array:width_mm,height_mm'],
            'settings.labels.*.width_mm' => ['required', 'numeric', 'between:5,200'],
            'settings.labels.*.height_mm' => ['required', 'numeric', 'between:5,200'],
            'settings.instruments' => ['present', 'array', 'max:20'],
            'settings.instruments.*' => ['array:name,kind,host,port'],
            'settings.instruments.*.name' => ['required', 'string', 'max:60'],
            'settings.instruments.*.kind' => ['required', Rule::enum(InstrumentKind::class)],
            'settings.instruments.*.host' => ['required', 'string', 'max:100', 'regex:/^[A-Za-z0-9]([A-Za-z0-9.:-]*[A-Za-z0-9])?$|^::1$/D'],
            'settings.instruments.*.port' => ['required', 'integer', 'between:1,65535'],
            'settings.test_loads' => ['sometimes', 'array', 'max:20'],
            'settings.test_loads.*' => ['array:name,ohms,most_v'],
            'settings.test_loads.*.name' => ['required', 'string', 'max:60', 'distinct'],
            'settings.test_loads.*.ohms' => ['required', 'numeric', 'between:0.05,10000'],
            'settings.test_loads.*.most_v' => ['required', 'numeric', 'between:1,100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'version.*' => 'Say which version of the settings was changed.',
            'settings.units.*' => 'Units: choose imperial or metric.',
            'settings.currency.*' => 'Currency: type its three letters, as EUR.',
            'settings.locale.*' => 'Language and place: type them as en-IE.',
            'settings.date_form.*' => 'Days: choose how they are written.',
            'settings.tax_name.*' => 'Tax: call it something of at most 20 letters.',
            'settings.tax_pct.*' => 'Tax: type a percentage from 0 to 60.',
            'settings.labels.*' => 'Labels: width and height in mm, each from 5 to 200; at most 12 sizes.',
            'settings.labels.*.*' => 'Labels: width and height in mm, each from 5 to 200.',
            'settings.instruments.*.name.*' => 'Instruments: give each a name of at most 60 letters.',
            'settings.instruments.*.kind.*' => 'Instruments: choose what each is.',
            'settings.instruments.*.host.*' => 'Instruments: type an address as 127.0.0.1 or meter.local.',
            'settings.instruments.*.port.*' => 'Instruments: a port is a number from 1 to 65535.',
            'settings.test_loads.*.name.*' => 'Test loads: give each a name of its own of at most 60 letters.',
            'settings.test_loads.*.ohms.*' => 'Test loads: ohms from 0.05 to 10000.',
            'settings.test_loads.*.most_v.*' => 'Test loads: the volts that each bears, from 1 to 100.',
            'settings.*' => 'Settings: fill them in.',
        ];
    }

    public function settings(): ShopSettings
    {
        /** @var array<string, mixed> $settings */
        $settings = (array) $this->validated('settings');

        return ShopSettings::of($settings);
    }
}
