<?php

declare(strict_types=1);

use App\WorkOrders\PlanChain;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Each version is sealed over what it holds and over the version before it; those there are are sealed as they stand. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plan_versions', function (Blueprint $table): void {
            $table->char('seal', 64)->collation('ascii_bin')->nullable()->after('hash');
            $table->enum('kind', ['import', 'edit', 'undo', 'redo', 'restore'])->change();
            // A moment as it was written, whatever the clock of the database is set to: it is sealed.
            $table->dateTime('made_at')->useCurrent()->change();
            // Who made a version is sealed with it: a person who did stays known.
            $table->dropForeign(['user_id']);
            $table->foreign('user_id')->references('id')->on('users')->restrictOnDelete();
        });
        foreach (DB::table('jobs')->pluck('id') as $job) {
            $seal = null;
            foreach (DB::table('plan_versions')->where('job_id', $job)->orderBy('number')->get() as $version) {
                $seal = PlanChain::seal((array) $version, $seal);
                DB::table('plan_versions')->where('id', $version->id)->update(['seal' => $seal]);
            }
        }
        Schema::table('plan_versions', fn (Blueprint $table) => $table->char('seal', 64)->collation('ascii_bin')->nullable(false)->change());
    }

    public function down(): void
    {
        DB::table('plan_versions')->where('kind', 'restore')->update(['kind' => 'edit']);
        Schema::table('plan_versions', function (Blueprint $table): void {
            $table->dropForeign(['user_id']);
            $table->foreign('user_id')->references('id')->on('users')->nullOnDelete();
            $table->timestamp('made_at')->useCurrent()->change();
            $table->enum('kind', ['import', 'edit', 'undo', 'redo'])->change();
            $table->dropColumn('seal');
        });
    }
};
