<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How a shop writes money and days, what it adds as tax, its labels and the instruments that may be spoken to. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $table->text('settings')->nullable();
            $table->unsignedInteger('settings_version')->default(1);
        });
    }

    public function down(): void
    {
        Schema::table('shops', fn (Blueprint $table) => $table->dropColumn(['settings', 'settings_version']));
    }
};
