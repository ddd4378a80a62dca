<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $table->text('house_rules')->nullable();
            $table->unsignedInteger('house_rules_version')->default(1);
        });
        Schema::table('plan_versions', function (Blueprint $table): void {
            $table->string('reason', 300)->nullable();
        });
        Schema::table('catalogue_parts', fn (Blueprint $table) => $table->enum('kind', ['battery', 'device', 'block', 'charger', 'wire', 'protection', 'connector'])->change());
    }

    public function down(): void
    {
        DB::table('catalogue_parts')->whereIn('kind', ['wire', 'protection', 'connector'])->delete();
        Schema::table('catalogue_parts', fn (Blueprint $table) => $table->enum('kind', ['battery', 'device', 'block', 'charger'])->change());
        Schema::table('shops', fn (Blueprint $table) => $table->dropColumn(['house_rules', 'house_rules_version']));
        Schema::table('plan_versions', fn (Blueprint $table) => $table->dropColumn('reason'));
    }
};
