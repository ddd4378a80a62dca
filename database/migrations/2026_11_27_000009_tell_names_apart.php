<?php

declare(strict_types=1);

use App\Names\NameKey;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** One rule of sameness for names that are keys; customers and parts that were kept twice become one. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['customers', 'catalogue_parts'] as $table) {
            Schema::table($table, fn (Blueprint $columns) => $columns->string('name_key', 400)->collation('utf8mb4_bin')->nullable()->after('name'));
            foreach (DB::table($table)->get(['id', 'name']) as $row) {
                DB::table($table)->where('id', $row->id)->update(['name_key' => NameKey::of((string) $row->name)]);
            }
            $this->merge($table);
            Schema::table($table, function (Blueprint $columns): void {
                $columns->string('name_key', 400)->collation('utf8mb4_bin')->nullable(false)->change();
                $columns->unique(['shop_id', 'name_key']);
            });
        }
        Schema::table('catalogue_parts', fn (Blueprint $table) => $table->dropUnique(['shop_id', 'name']));
        Schema::table('shops', fn (Blueprint $table) => $table->unsignedInteger('catalogue_version')->default(1));
        foreach (DB::table('users')->get(['id', 'email']) as $user) {
            DB::table('users')->where('id', $user->id)->update(['email' => mb_strtolower((string) $user->email)]);
        }
        Schema::table('users', fn (Blueprint $table) => $table->string('email', 190)->collation('utf8mb4_bin')->change());
    }

    public function down(): void
    {
        Schema::table('users', fn (Blueprint $table) => $table->string('email', 190)->collation('utf8mb4_unicode_ci')->change());
        Schema::table('shops', fn (Blueprint $table) => $table->dropColumn('catalogue_version'));
        Schema::table('catalogue_parts', fn (Blueprint $table) => $table->unique(['shop_id', 'name']));
        foreach (['customers', 'catalogue_parts'] as $table) {
            // The index also serves the foreign key, which wants one of its own again.
            Schema::table($table, fn (Blueprint $columns) => $columns->index('shop_id'));
            Schema::table($table, function (Blueprint $columns): void {
                $columns->dropUnique(['shop_id', 'name_key']);
                $columns->dropColumn('name_key');
            });
        }
    }

    /** The oldest of a name stays; boats of the others become its own. Of parts kept twice the newest figures stay. */
    private function merge(string $table): void
    {
        foreach (DB::table($table)->orderBy('id')->get(['id', 'shop_id', 'name_key'])->groupBy(static fn (\stdClass $row): string => "{$row->shop_id} {$row->name_key}") as $same) {
            $kept = $same->first()?->id;
            $others = $same->skip(1)->pluck('id')->all();
            if ($others === []) {
                continue;
            }
            if ($table === 'customers') {
                DB::table('boats')->whereIn('customer_id', $others)->update(['customer_id' => $kept]);
            } else {
                $newest = DB::table($table)->where('id', max($others))->first(['kind', 'figures']);
                DB::table($table)->where('id', $kept)->update(['kind' => $newest?->kind, 'figures' => $newest?->figures]);
            }
            DB::table($table)->whereIn('id', $others)->delete();
        }
    }
};
