<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** After which version of the plan a decision was made, and after which it was taken back by undo: both stand in one order with changes. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('acceptances', function (Blueprint $table): void {
            $table->unsignedInteger('made_on')->default(0);
            $table->unsignedInteger('undone_on')->nullable();
        });
        DB::statement('update acceptances set made_on = coalesce((select max(number) from plan_versions where plan_versions.job_id = acceptances.job_id and plan_versions.made_at <= acceptances.decided_at), 0)');
    }

    public function down(): void
    {
        Schema::table('acceptances', fn (Blueprint $table) => $table->dropColumn(['made_on', 'undone_on']));
    }
};
