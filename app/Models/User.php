<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property string $email
 * @property string $password a hash
 * @property Role $role
 * @property string|null $hands_code a hash of four digits; null: none are set
 * @property int $session_generation sign-ins of an earlier one are over
 * @property-read Shop $shop
 */
final class User extends Authenticatable
{
    protected $fillable = ['shop_id', 'name', 'email', 'password', 'role', 'hands_code'];

    /** @var array<string, int> */
    protected $attributes = ['session_generation' => 1];

    protected $hidden = ['password', 'remember_token', 'hands_code'];

    protected static function booted(): void
    {
        self::updating(static function (self $user): void {
            if ($user->isDirty('password')) {
                $user->session_generation++;
            }
        });
    }

    public function endSessions(): void
    {
        $this->increment('session_generation');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'hands_code' => 'hashed', 'role' => Role::class];
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }
}
