<?php

declare(strict_types=1);

namespace App\Models;

use Dinghy\Plan\NumberingEnd;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property string|null $house_rules JSON: those that are not Dinghy's defaults, as the plan file has them
 * @property int $house_rules_version counts the times they were kept
 */
final class Shop extends Model
{
    protected $fillable = ['name', 'house_rules', 'house_rules_version'];

    /** @var array<string, int> */
    protected $attributes = ['house_rules_version' => 1];

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** The house rules that plans are judged by, as the plan file has them, so far as they are not Dinghy's defaults. */
    public function houseRules(): \stdClass
    {
        $rules = $this->keptRules();
        unset($rules->numbering_end);

        return $rules;
    }

    /** The end that blocks are counted from: display alone, never part of a plan. */
    public function numberingEnd(): NumberingEnd
    {
        $end = $this->keptRules()->numbering_end ?? null;

        return NumberingEnd::tryFrom(is_string($end) ? $end : '') ?? NumberingEnd::Negative;
    }

    /** Everything that the shop settled. */
    public function keptRules(): \stdClass
    {
        $rules = json_decode($this->house_rules ?? '{}', false, 8, JSON_THROW_ON_ERROR);

        return $rules instanceof \stdClass ? $rules : new \stdClass;
    }

    /** @return HasMany<CataloguePart, $this> */
    public function catalogue(): HasMany
    {
        return $this->hasMany(CataloguePart::class);
    }

    /** @return list<int> circuits of the fuse blocks in the catalogue */
    public function blockSizes(): array
    {
        return array_values($this->catalogue()->where('kind', 'block')->get()->map(static fn (CataloguePart $part): int => (int) ($part->asPlanned()->circuits ?? 0))->sort()->all());
    }

    /** @return HasMany<Customer, $this> */
    public function customers(): HasMany
    {
        return $this->hasMany(Customer::class);
    }
}
