<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use Dinghy\Evaluation\Areas;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanFormat;
use Dinghy\Proposal\SisterBoat;
use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

final class NewJobRequest extends FormRequest
{
    public function authorize(): Response
    {
        return Gate::inspect('create', Job::class);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'customer' => ['required', 'string', 'max:120'],
            'title' => ['required', 'string', 'max:200'],
            'promised_on' => ['nullable', 'date_format:Y-m-d'],
            'plan' => ['nullable', 'string', 'prohibits:like'],
            'like' => ['nullable', 'integer', 'min:1'],
            'boat' => ['required_without:plan', 'nullable', 'string', 'max:120'],
            'hull' => ['nullable', 'string', self::oneOf('boat.hull')],
            'units' => ['nullable', 'string', self::oneOf('units')],
        ];
    }

    /**
     * The plan file that was sent, that of another boat, or the empty plan of a new one.
     *
     * @throws \Dinghy\File\PlanRefused
     */
    public function plan(): PlanDocument
    {
        if ($this->filled('like')) {
            return SisterBoat::of(
                $this->like(),
                $this->string('boat')->trim()->value(),
                $this->string('title')->trim()->value(),
            );
        }

        return resolve(Areas::class)->format->document($this->filled('plan') ? $this->string('plan')->value() : json_encode(array_filter([
            'format' => PlanFormat::NAME,
            'version' => PlanFormat::VERSION,
            'title' => $this->string('title')->trim()->value(),
            'units' => $this->string('units')->value(),
            'boat' => array_filter(
                ['name' => $this->string('boat')->trim()->value(), 'hull' => $this->string('hull')->value()],
            ),
        ]), JSON_THROW_ON_ERROR));
    }

    /** The plan of a boat of the same shop, which the new one is to be like. */
    private function like(): PlanDocument
    {
        $job = Job::query()->find($this->integer('like'));
        if ($job === null || Gate::denies('view', $job)) {
            abort(404, 'There is no such boat in your shed.');
        }

        return $job->plan?->planDocument() ?? throw ValidationException::withMessages(['like' => 'That boat has no plan yet: choose another.']);
    }

    /** The words that the plan format knows for a field. */
    private static function oneOf(string $field): string
    {
        return 'in:'.implode(',', resolve(Areas::class)->format->field('plan', $field)->choices ?? []);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'customer.required' => 'Customer is missing. Type whose boat it is.',
            'title.required' => 'Title is missing. Type what is to be done.',
            'like.*' => 'Say which boat it is like, or choose a plan file.',
            'plan.*' => 'Choose a plan file, or a boat that it is like.',
            'boat.required_without' => 'The boat is missing. Type its name, or choose a plan file.',
        ];
    }
}
