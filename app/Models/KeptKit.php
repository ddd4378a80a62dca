<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Model;

/**
 * The prices of a boat's kit as they were agreed: what the shelf says later changes them no more.
 *
 * @property int $id
 * @property int $job_id
 * @property int|null $user_id
 * @property array<string, float> $prices of a piece or a metre, by the item's key
 * @property CarbonInterface $created_at
 */
final class KeptKit extends Model
{
    protected $fillable = ['job_id', 'user_id', 'prices'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['prices' => 'array'];
    }
}
