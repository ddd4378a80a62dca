<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Pieces that a boat has taken from the shelf.
 *
 * @property int $id
 * @property int $stock_item_id
 * @property int $job_id
 * @property int $quantity
 */
final class StockBooking extends Model
{
    protected $fillable = ['stock_item_id', 'job_id', 'quantity'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['quantity' => 'integer'];
    }
}
