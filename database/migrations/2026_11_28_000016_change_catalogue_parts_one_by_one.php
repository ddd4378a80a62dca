<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Parts are changed one by one, by whoever saw the newest version of them; one that is not used any more stays for boats that have it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('catalogue_parts', function (Blueprint $table): void {
            $table->unsignedInteger('version')->default(1);
            $table->timestamp('retired_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('catalogue_parts', fn (Blueprint $table) => $table->dropColumn(['version', 'retired_at']));
    }
};
