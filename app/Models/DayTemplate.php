<?php

declare(strict_types=1);

namespace App\Models;

use App\Names\NameKey;
use Illuminate\Database\Eloquent\Model;

/**
 * A day by kind of fishing that a shop keeps.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property string $name_key what makes it the same as another
 * @property array<int, array{name: string, hours: float, on: array<string, float>, engine: bool, home: bool}> $phases shares by kind of device
 */
final class DayTemplate extends Model
{
    protected $fillable = ['shop_id', 'name', 'name_key', 'phases'];

    protected static function booted(): void
    {
        self::saving(static function (self $template): void {
            $template->name_key = NameKey::of($template->name);
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['phases' => 'array'];
    }
}
