<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rigging\SentEntry;
use Dinghy\Area\Rigging\AsBuilt;
use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Entries of the work, in the order in which they were made. */
final class WorkEntriesRequest extends FormRequest
{
    /** at once */
    private const MOST = 50;

    /** A moment with its zone, as RFC 3339 has it. */
    private const MOMENT = '/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,6})?(Z|[+-]\d\d:\d\d)$/D';

    public function authorize(): Response
    {
        return Gate::inspect('recordWork', $this->route('job'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'entries' => ['required', 'list', 'min:1', 'max:'.self::MOST],
            'entries.*.id' => ['required', 'string', 'uuid', 'distinct:ignore_case'],
            'entries.*.step' => ['required', 'string', 'max:200'],
            'entries.*.act' => ['required', 'string', Rule::in(SentEntry::ACTS)],
            'entries.*.at' => ['required', 'string', 'regex:'.self::MOMENT, 'date'],
            'entries.*.by' => ['required', 'integer'],
            'entries.*.tick' => ['sometimes', 'boolean:strict'],
            'entries.*.following' => ['sometimes', 'boolean:strict'],
            'entries.*.readings' => ['sometimes', 'list', 'max:3'],
            'entries.*.readings.*' => ['numeric', 'between:-1000000,1000000000'],
            'entries.*.reason' => ['sometimes', 'nullable', 'string', 'min:4', 'max:500'],
            'entries.*.words' => ['nullable', 'string', 'max:1000', 'required_if:entries.*.act,note', 'required_if:entries.*.act,problem'],
            'entries.*.serial' => ['nullable', 'string', 'max:60'],
            'entries.*.version' => ['nullable', 'string', 'max:60'],
            'entries.*.again_on' => ['nullable', 'string', 'date_format:Y-m-d'],
            'entries.*.what' => ['nullable', 'required_if:entries.*.act,as-built', 'string', Rule::enum(AsBuilt::class)],
            'entries.*.value' => ['nullable', 'required_if:entries.*.act,as-built', 'string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'entries.*' => 'Not kept: send from 1 to '.self::MOST.' entries.',
            'entries.*.id.*' => 'Not kept: give each entry a UUID of its own.',
            'entries.*.step.*' => 'Not kept: say which step it is about.',
            'entries.*.act.*' => 'Not kept: say what was done: '.implode(', ', SentEntry::ACTS).'.',
            'entries.*.at.*' => 'Not kept: say when it was done, as 2026-11-29T14:02:00+01:00.',
            'entries.*.by.*' => 'Not kept: say whose hand it was.',
            'entries.*.readings.*' => 'Not kept: a reading is a number, up to three of them.',
            'entries.*.reason.*' => 'Not kept: say in a few words why it may go on.',
            'entries.*.words.*' => 'Not kept: say it in words, up to 1000 letters.',
            'entries.*.serial.*' => 'Not kept: a serial number has at most 60 letters.',
            'entries.*.version.*' => 'Not kept: a version has at most 60 letters.',
            'entries.*.again_on.*' => 'Not kept: say the day of the second tightening, as 2026-12-24.',
            'entries.*.what.*' => 'Not kept: say what is otherwise: longer, shorter, gauge or fuse.',
            'entries.*.value.*' => 'Not kept: say how it is, as “1.2 m”, “6 AWG” or “50 A”.',
        ];
    }

    /** @return list<SentEntry> */
    public function entries(): array
    {
        $entries = $this->validated('entries');

        return array_map(static fn (mixed $entry): SentEntry => SentEntry::of(is_array($entry) ? $entry : []), is_array($entries) ? array_values($entries) : []);
    }
}
