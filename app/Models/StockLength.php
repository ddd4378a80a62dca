<?php

declare(strict_types=1);

namespace App\Models;

use Dinghy\Cutting\Spool;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A length of wire on a shelf, or taken by a boat, or cut for it.
 *
 * @property int $id
 * @property int $stock_item_id
 * @property int $millimetres
 * @property int|null $job_id the boat that has taken it; null: it is free
 * @property array<string, float>|null $cut m by the piece that was cut from it; null: it is whole
 * @property int|null $split_from the length that it hangs on uncut, of which a boat has taken so much
 * @property-read StockItem $item
 */
final class StockLength extends Model
{
    protected $fillable = ['stock_item_id', 'millimetres', 'job_id', 'cut', 'split_from'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['millimetres' => 'integer', 'cut' => 'array'];
    }

    /** @return BelongsTo<StockItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(StockItem::class, 'stock_item_id');
    }

    public function metres(): float
    {
        return $this->millimetres / 1000;
    }

    /** As the core cuts it; its name is its id. */
    public function spool(): Spool
    {
        return new Spool((string) $this->id, $this->metres(), array_map(floatval(...), $this->cut ?? []));
    }
}
