<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Areas\Contract\AreaList;
use App\Areas\Contract\Proposal;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ValidatedInput;

/** What is to be made of a plan that is there, and what that asks beside. */
final class ProposalRequest extends FormRequest
{
    public function authorize(): Response
    {
        return Gate::inspect('changePlan', $this->route('job'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['make' => ['required', 'string', 'in:'.implode(',', self::names())], ...$this->asked()->rules ?? []];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $names = self::names();
        $last = array_pop($names);

        return [
            'make.*' => 'Say what is to be made: '.implode(', ', $names)." or {$last}.",
            ...$this->asked()->messages ?? [],
        ];
    }

    /** @return \Closure(Plan, PlanDocument): Patch */
    public function proposal(): \Closure
    {
        $body = json_decode($this->getContent(), false, 32);
        $proposal = $this->asked() ?? throw new \LogicException('A proposal that nobody makes passed the rules.');

        return ($proposal->make)(
            new ValidatedInput((array) $this->validated()),
            $body instanceof \stdClass ? $body : new \stdClass,
        );
    }

    private function asked(): ?Proposal
    {
        $make = $this->input('make');

        return is_string($make) ? resolve(AreaList::class)->proposals()[$make] ?? null : null;
    }

    /** @return non-empty-list<string> */
    private static function names(): array
    {
        $names = array_keys(resolve(AreaList::class)->proposals());

        return $names === [] ? throw new \LogicException('There is always a part to add.') : $names;
    }
}
