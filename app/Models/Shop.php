<?php

declare(strict_types=1);

namespace App\Models;

use App\HouseRules\ShopRules;
use App\Settings\ShopSettings;
use Dinghy\Evaluation\Areas;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\Units;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property string|null $house_rules JSON: those that are not Dinghy's defaults, as the plan file has them
 * @property int $house_rules_version counts the times they were kept
 * @property string|null $settings JSON: how the shop writes and what it can reach; null: as it comes
 * @property int $settings_version counts the times they were kept
 * @property int $catalogue_version counts the changes of its catalogue
 */
final class Shop extends Model
{
    protected $fillable = ['name', 'house_rules', 'house_rules_version', 'settings', 'settings_version'];

    /** @var array<string, int> */
    protected $attributes = ['house_rules_version' => 1, 'catalogue_version' => 1, 'settings_version' => 1];

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    public function houseRules(): ShopRules
    {
        $rules = json_decode($this->house_rules ?? '{}', false, 8, JSON_THROW_ON_ERROR);

        return ShopRules::of($rules instanceof \stdClass ? $rules : new \stdClass);
    }

    public function settings(): ShopSettings
    {
        $kept = json_decode($this->settings ?? '{}', true, 8, JSON_THROW_ON_ERROR);

        return ShopSettings::of(is_array($kept) ? $kept : []);
    }

    /** What a plan comes to, its blocks counted as this shop counts them. */
    public function evaluate(PlanDocument $document, ?Units $units = null): Evaluation
    {
        return resolve(Areas::class)->evaluate($document->plan(), $units, $this->houseRules()->numberingEnd());
    }

    /** @return HasMany<CataloguePart, $this> those that are used, not the retired ones */
    public function catalogue(): HasMany
    {
        $used = $this->parts();
        $used->whereNull('retired_at');

        return $used;
    }

    /** @return HasMany<CataloguePart, $this> every part, the retired ones too: their names are taken */
    public function parts(): HasMany
    {
        return $this->hasMany(CataloguePart::class);
    }

    /** @return HasMany<DayTemplate, $this> */
    public function dayTemplates(): HasMany
    {
        return $this->hasMany(DayTemplate::class);
    }

    /** @return list<int> circuits of the fuse blocks in the catalogue */
    public function blockSizes(): array
    {
        return array_values(
            $this->catalogue()->where('kind', 'block')->get()->map(
                static fn (CataloguePart $part): int => (int) ($part->asPlanned()->circuits ?? 0),
            )->sort()->all(),
        );
    }

    /** @return HasMany<Customer, $this> */
    public function customers(): HasMany
    {
        return $this->hasMany(Customer::class);
    }
}
