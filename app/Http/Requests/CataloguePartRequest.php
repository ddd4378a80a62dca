<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Catalogue\CatalogueLine;
use App\Http\AskedUnits;
use App\Models\CataloguePart;
use App\Models\User;
use Dinghy\Evaluation\Areas;
use Dinghy\File\PlanWords;
use Dinghy\File\TypedQuantity;
use Dinghy\File\TypedValue;
use Dinghy\Quantity\Units;
use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** A part of the catalogue as a person fills it in: quantities are texts with their units. */
final class CataloguePartRequest extends FormRequest
{
    public function authorize(): Response
    {
        $user = $this->user();

        return Gate::inspect('run', $user instanceof User ? $user->shop : null);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return $this->isMethod('POST') ? [
            'kind' => ['required', 'string', 'max:40'],
            'name' => ['required', 'string', 'max:100'],
            'figures' => ['present', 'array', 'max:60'],
        ] : [
            'version' => ['required', 'integer', 'min:1'],
            'retired' => ['sometimes', 'boolean'],
            'name' => ['required_without:retired', 'string', 'max:100'],
            'figures' => ['required_without:retired', 'array', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.*' => 'Say what kind of part it is.',
            'name.*' => 'Name: give it one of at most 100 letters.',
            'figures.*' => 'Fill in its figures.',
            'version.*' => 'Say which version of the part was changed.',
            'retired.*' => 'Say whether it is retired.',
        ];
    }

    /**
     * The part with its figures as a plan takes them.
     *
     * @param  CataloguePart|null  $part  null: it is new
     *
     * @throws \Dinghy\File\QuantityRefused|ValidationException
     */
    public function line(?CataloguePart $part): CatalogueLine
    {
        $body = json_decode($this->getContent(), false, 32, JSON_THROW_ON_ERROR);
        $typed = $body instanceof \stdClass && ($body->figures ?? null) instanceof \stdClass ? $body->figures : new \stdClass;
        $kind = $part === null ? $this->string('kind')->value() : $part->kind;
        $known = resolve(Areas::class)->format->catalogue()[$kind] ?? null;
        $price = $typed->price ?? null;
        unset($typed->price);
        $units = AskedUnits::of($this) ?? Units::Metric;
        $figures = $known === null ? $typed : (new TypedValue($units))->read($known->shape, '', $typed);
        $figures = $figures instanceof \stdClass ? $figures : new \stdClass;
        if ($price !== null && $price !== '') {
            $figures->price = is_string($price) ? TypedQuantity::read('price', $price, $units) : $price;
        }
        $line = CatalogueLine::of(0, $kind, $this->string('name')->trim()->value(), $figures);
        if ($line->refused !== null) {
            throw ValidationException::withMessages(['figures' => 'Not kept: '.PlanWords::labelled($line->refused, $known?->shape)]);
        }

        return $line;
    }
}
