<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A part that a shop keeps or orders, with the figures that a plan needs of it. A plan holds its own copy of them: what is
 * changed here changes no boat.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $kind battery, device, block or charger
 * @property string $name
 * @property array<string, mixed> $figures keys of the plan file; of a block "circuits"; of a charger "outputs", "amps", "isolated"
 */
final class CataloguePart extends Model
{
    protected $fillable = ['shop_id', 'kind', 'name', 'figures'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['figures' => 'array'];
    }

    /** The figures as the plan file writes them: objects stay objects. */
    public function asPlanned(): \stdClass
    {
        $figures = json_decode((string) $this->getRawOriginal('figures'), false, 32, JSON_THROW_ON_ERROR);

        return $figures instanceof \stdClass ? $figures : new \stdClass;
    }
}
