<?php

declare(strict_types=1);

namespace App\Models;

use App\Names\NameKey;
use Illuminate\Database\Eloquent\Model;

/**
 * A part that a shop keeps or orders, with the figures that a plan needs of it. A plan holds its own copy of them: what is
 * changed here changes no boat.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $kind battery, device, block, charger, wire, protection or connector
 * @property string $name
 * @property string $name_key what makes it the same part as another
 * @property array<string, mixed> $figures keys of the plan file; of a block "circuits" and "rating_a"; of a charger "outputs", "amps", "isolated";
 *   of every part "price", of a wire for a metre of one conductor
 * @property int $version rises by one with each change
 * @property \Carbon\CarbonInterface|null $retired_at since when it is not used any more
 */
final class CataloguePart extends Model
{
    protected $fillable = ['shop_id', 'kind', 'name', 'name_key', 'figures', 'retired_at'];

    protected static function booted(): void
    {
        self::saving(static function (self $part): void {
            $part->name_key = NameKey::of($part->name);
            $part->exists && $part->isDirty() && ! $part->isDirty('version') && $part->version++;
        });
        // Whoever looks at a boat sees that figures of its parts are newer.
        $changed = static fn (self $part) => Shop::query()->whereKey($part->shop_id)->increment('catalogue_version');
        self::saved($changed);
        self::deleted($changed);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['figures' => 'array', 'version' => 'integer', 'retired_at' => 'datetime'];
    }

    /** Everything that the catalogue says of it: objects stay objects. */
    public function told(): \stdClass
    {
        $figures = json_decode((string) $this->getRawOriginal('figures'), false, 32, JSON_THROW_ON_ERROR);

        return $figures instanceof \stdClass ? $figures : new \stdClass;
    }

    /** The figures as a plan takes them over, without those of the shop. */
    public function asPlanned(): \stdClass
    {
        $figures = $this->told();
        unset($figures->price);

        return $figures;
    }

    /** @return float|null in the shop's money; null: nobody has said */
    public function price(): ?float
    {
        $price = $this->figures['price'] ?? null;

        return is_int($price) || is_float($price) ? (float) $price : null;
    }
}
